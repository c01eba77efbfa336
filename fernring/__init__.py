"""Fern Ring: plans dot mandalas, from a bare blank to a printed guide."""

__version__ = "0.1.0"
