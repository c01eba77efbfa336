"""A simulated camera on the bench: photographs of made-up stones and painted sheets, from a seed."""
