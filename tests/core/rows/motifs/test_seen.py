"""What a motif's rows see, and how the row of all its places is joined."""

from typing import Any

import numpy as np

from fernring.core.rows.motifs.seen import BESIDE, seen_from
from fernring.core.solved import Solved, solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, flower, motif, row, walk


def solved(*rows: Any, places: Any = None, **more: Any) -> Solved:
    return solve_piece(patterns.with_rows(*rows, motifs=[places or motif(count=4)], **more))


class SeenTest(FernTestCase):
    def test_the_row_before_is_the_last_one_round_the_same_centre(self) -> None:
        found = solved(centre(), *flower(), row("main", 2.5))
        places = found.context.motifs["flower"]
        self.assertEqual(found.context.before.index, 3)
        self.assertEqual(next(seen_from(found.context, places, [0])).before.index, 2)

    def test_from_each_place_everything_lies_as_far_from_everything_as_it_does(self) -> None:
        """Rigid motions: all distances between discs are what they were. What lies past the border is left out."""
        for x in (28.0, 12.0):
            spots = {"kind": "given", "spots": [{"x": x, "y": 8.0}, {"x": -x, "mirrored": True}]}
            given = {"places": {**motif(), "places": spots}}
            found = solved(centre(), row("main", 2.5), *flower(walk(0.8, load="each"), distance=at(6)), **given)
            places = found.context.motifs["flower"]
            whole = np.concatenate([_discs(row.bodies) for row in found.context.placed])
            for k, here in enumerate(seen_from(found.context, places, range(2))):
                spot = places.all[k].spot
                away = np.hypot(whole[:, 0] - spot.x, whole[:, 1] - spot.y) - whole[:, 3]
                near = whole[away <= places.all[k].limit + BESIDE]
                seen = np.concatenate([_discs(row.bodies) for row in here.placed])
                self.assertEqual(len(seen), len(near))
                np.testing.assert_allclose(_spread(seen), _spread(near), atol=1e-9)

    def test_its_own_rows_repeat_there_as_they_do(self) -> None:
        found = solved(*flower())
        (here,) = seen_from(found.context, found.context.motifs["flower"], [1])
        self.assertEqual([row.order for row in here.placed if row.motif == "flower"], [0, 6])


def _discs(dots: Any) -> np.ndarray:
    return np.stack((dots.x, dots.y, dots.z, dots.radius), axis=1)


def _spread(points: np.ndarray) -> np.ndarray:
    """All distances between points, sorted."""
    apart = np.linalg.norm(points[:, None, :3] - points[None, :, :3], axis=2)
    return np.sort(apart[np.triu_indices(len(points), 1)])
