"""Trims: what grows on and around the dots of a row. One module for each kind, and one that grows them all."""
