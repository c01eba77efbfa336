"""Base zones."""

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.plan import plan
from fernring.core.regions.zones import bases_under
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import fill, with_areas


def zoned(base: dict[str, object], **area: object) -> Piece:
    disc = {"kind": "disc", "diameter": 40.0}
    return with_areas(areas=({"id": "z", "name": "Pool", "area": disc, "rows": "go on", "base": base, **area},))


class ZonesTest(FernTestCase):
    def test_a_blend_goes_from_one_end_to_the_other(self) -> None:
        piece = zoned({"paints": ["pale", "teal"], "way": 180.0})
        first, last = piece.paints[0], piece.paints[-1]
        (zone,) = solve_piece(piece).zones
        self.assertEqual((zone.colours[0], zone.colours[-1]), (first.colour, last.colour))
        np.testing.assert_allclose(zone.share(np.zeros(3), np.array([-20.0, 0.0, 20.0])), (0.0, 0.5, 1.0), atol=0.01)
        colours, which = bases_under([zone], "#000000", np.array([0.0, 0.0, 30.0]), np.array([-19.9, 19.9, 0.0]))
        self.assertEqual([colours[k] for k in which], [first.colour, last.colour, "#000000"])

    def test_outward_from_its_middle(self) -> None:
        piece = zoned({"paints": ["pale", "pale"], "blend": "outward"})
        (zone,) = solve_piece(piece).zones
        np.testing.assert_allclose(zone.share(np.array([0.0, 10.0, -20.0]), np.zeros(3)), (0.0, 0.5, 1.0), atol=0.01)

    def test_dots_are_held_against_what_they_lie_on(self) -> None:
        """Dots in the colour of the zone are lost in it, not beside it; those in another are not."""
        piece = zoned({"paints": ["pale"]})
        inside = fill(4.0, where="inside", areas=["z"])
        inside["shades"] = [{"kind": "paint", "paint": "pale"}]
        lost = piece.model_validate({**piece.model_dump(), "rows": [inside]})
        self.assertIn("lost on base", [one.code for one in plan(lost).verdicts])
        clear = lost.model_copy(update={"bare": (lost.bare[0].model_copy(update={"base": None}),)})
        self.assertNotIn("lost on base", [one.code for one in plan(clear).verdicts])
