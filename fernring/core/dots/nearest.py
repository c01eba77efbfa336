"""The nearest discs of a disc by clear distance, among many, by k-d trees."""

import numpy as np
from numpy.typing import NDArray

from ..budget import spend
from .grid import by_level
from .table import Array

Places = NDArray[np.intp]
ASKED = 2500  # work for each disc that is asked about, and for each neighbour of it
NEIGHBOUR = 25


class DiscTrees:
    """Discs of shape (n,) sorted into one tree of middles for each doubling of radius."""

    def __init__(self, x: Array, y: Array, r: Array) -> None:
        from scipy.spatial import cKDTree

        self.middles, self.r = np.stack((x, y), axis=1), r
        self.levels = by_level(r)
        self.trees = [cKDTree(self.middles[level]) for level in self.levels]

    def nearest(self, own: Places, count: int) -> Places:
        """So many nearest neighbours of some discs by clear distance, shape (m, count), the nearest first.

        Each tree is asked for its nearest middles. What it does not name lies further than the last it named, less its
        largest radius; where that might still be nearer than what was found, it is asked for twice as many.
        """
        found = np.full((len(own), count), -1, np.intp)
        clear = np.full((len(own), count), np.inf)
        for level, tree in zip(self.levels, self.trees, strict=True):
            widest = float(self.r[level].max())
            todo, asked = np.arange(len(own)), count + 1  # itself may be among them
            while len(todo):
                asked = min(asked, len(level))
                spend(len(todo) * (ASKED + NEIGHBOUR * asked))
                apart, place = (
                    np.asarray(part) for part in tree.query(self.middles[own[todo]], np.arange(1, asked + 1))
                )
                discs = level[place].astype(np.intp)
                known = (discs == own[todo, None]) | (discs[:, :, None] == found[todo][:, None, :]).any(axis=2)
                # 1. The best of what was found before and of these.
                every = np.concatenate((found[todo], discs), axis=1)
                far = np.concatenate((clear[todo], np.where(known, np.inf, apart - self.r[discs])), axis=1)
                order = np.argsort(far, axis=1, kind="stable")[:, :count]
                found[todo] = np.take_along_axis(every, order, axis=1)
                clear[todo] = np.take_along_axis(far, order, axis=1)
                # 2. Those to which a disc that was not named might be nearer.
                doubtful = (apart[:, -1] - widest < clear[todo][:, -1]) & (asked < len(level))
                todo, asked = todo[doubtful], 2 * asked
        return found
