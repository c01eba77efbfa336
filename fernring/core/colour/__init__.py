"""Colour by numbers: spaces, difference, ramps."""
