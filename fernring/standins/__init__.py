"""Small simulated devices, so that what goes to them can be tried without them."""
