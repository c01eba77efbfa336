"""The plain back of a blank."""

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.errors import FitError
from fernring.core.ground.ground import ground
from fernring.core.proposals.back import back_of, turned_over
from tests import blanks
from tests.assertions import FernTestCase


class BackTest(FernTestCase):
    def test_the_outline_is_seen_from_behind(self) -> None:
        for name in ("oval", "odd", "spoked", "heart", "leaf", "square"):
            piece = blanks.bare(name)
            front, back = ground(piece.blank).outline, ground(back_of(piece).blank).outline
            seen = front * [-1.0, 1.0]
            away = np.hypot(*(seen[:, None] - back[None]).transpose(2, 0, 1)).min(axis=1)
            self.assertLess(float(away.max()), 0.01, name)

    def test_it_is_flat_and_empty_with_the_same_paints(self) -> None:
        piece = blanks.bare("dome")
        back = back_of(piece)
        self.assertEqual((back.rows, back.bare, back.motifs), ((), (), ()))
        self.assertEqual(back.paints, piece.paints)
        self.assert_mm(ground(back.blank).surface.rim, 45.0)
        self.assertTrue(back.name.endswith(", back"))

    def test_turned_over_twice_it_is_what_it_was(self) -> None:
        given = {"centre": {"kind": "point", "x": 3.0, "y": 4.0}, "lie": {"kind": "angle", "degrees": 20.0}}
        for name in ("odd", "spoked", "oval"):
            blank = Blank.model_validate({"base": {"colour": "#101417"}, **blanks.BLANKS[name], **given})
            self.assertEqual(turned_over(turned_over(blank)), blank, name)

    def test_a_ball_has_a_back_of_its_own(self) -> None:
        with self.assertRaisesRegex(FitError, "half of the piece itself"):
            back_of(blanks.bare("ball"))
