"""Dots packed into an area of the blank: numbers in, arrays out."""
