"""From plan, kit and the artist's choices to steps: what to do in which order, what waits, what must not wait."""
