"""Regions: areas of the blank, in plan. Inside the border, an end of an oval, a band, a shape, a bare area."""
