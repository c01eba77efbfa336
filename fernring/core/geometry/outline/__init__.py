"""Plan shapes as closed polygons: arrays of corners, shape (n, 2), in mm, the last joined to the first."""
