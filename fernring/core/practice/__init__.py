"""Dots that were measured, and the dot that a tool will make: what the kit really does in this hand."""
