"""Dots: the one table of them, bare rings as its lazy source, the spatial index, and the order of the hand."""
