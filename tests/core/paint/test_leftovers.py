"""Pots of before."""

from fernring.core.document.shelf import MixedPot, Portion, PotUse
from fernring.core.paint.leftovers import leftover
from tests.assertions import FernTestCase

POT = MixedPot(
    id="pot-1", name="Sea 2", colour="#7fa3cc", parts=(Portion(paint="blue", drops=3),), day="2026-11-20", ml=2.0,
    uses=(PotUse(day="2026-11-21", ml=0.53),),
)  # fmt: skip


class LeftoverTest(FernTestCase):
    def test_the_nearest_that_looks_the_same(self) -> None:
        """Twenty drops to the ml (common practice, no source): of 1.47 ml 29 whole ones."""
        other = POT.model_copy(update={"id": "pot-2", "colour": "#80a5ce"})
        found = leftover("#7fa3cc", [other, POT])
        assert found
        self.assertEqual((found.pot, found.drops, found.error), ("pot-1", 29, 0.0))
        self.assertAlmostEqual(found.ml, 1.47, places=9)

    def test_none_that_is_too_far_off_or_empty(self) -> None:
        self.assertIsNone(leftover("#c0a3cc", [POT]))
        empty = POT.model_copy(update={"uses": (PotUse(day="2026-11-21", ml=1.95),)})
        self.assertIsNone(leftover("#7fa3cc", [empty]))
        self.assertIsNone(leftover("#7fa3cc", []))
