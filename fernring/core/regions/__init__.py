"""Regions: areas of the blank, in plan. Inside the border, an end of an oval, a band, a shape with holes, a bare area."""
