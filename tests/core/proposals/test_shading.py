"""The shades of a row in one step."""

from itertools import pairwise

from fernring.core.colour import oklch
from fernring.core.document.shelf import Paint, PaintShade, Ramp, RampShade
from fernring.core.errors import FitError
from fernring.core.proposals.shading import hues_round, round_the_spokes, shades
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import TWO, at, centre, row


class ShadingTest(FernTestCase):
    def setUp(self) -> None:
        self.piece = patterns.with_rows(
            centre(), row("a", 2.0, count=TWO, distance=at(25)),
            row("odd", 2.0, count={"kind": "absolute", "repeats": 25}, distance=at(35)),
        )  # fmt: skip
        self.paints = [PaintShade(paint=paint.id) for paint in self.piece.paints]

    def test_one_all_in_turn_and_a_ramp_step_by_step(self) -> None:
        self.assertEqual(shades(self.piece, 1, "one"), self.piece.rows[1].shades[:1])
        self.assertEqual(list(shades(self.piece, 1, "paints")), self.paints)
        stops = (self.piece.paints[0].id, self.piece.paints[1].id)
        ramp = Ramp(id="r", name="R", stops=stops, steps=3)
        ramped = self.piece.model_copy(update={"ramps": (ramp,)})
        self.assertEqual(shades(ramped, 1, "ramp"), tuple(RampShade(ramp="r", step=k) for k in (1, 2, 3)))

    def test_a_paint_for_each_spoke_as_often_as_it_has_places(self) -> None:
        found = shades(self.piece, 1, "spokes")
        self.assertEqual(list(found), [shade for shade in self.paints for _ in range(2)])
        self.assertEqual(round_the_spokes("abcdefghij", 3), list("aaabbbcccdddeeefffggghhh"))
        self.assertEqual(round_the_spokes("ab", 30), ["a"] * 24)

    def test_a_hue_for_each_spoke_closes_evenly(self) -> None:
        colours = {"red": "#b0303a", "green": "#5b9a48", "blue": "#2f62b8", "white": "#f5f3ec", "gold": "#e3b23c"}
        paints = [Paint(id=ident, name=ident, colour=colour) for ident, colour in colours.items()]
        found = [paint.id for paint in hues_round(paints, 8, 2)]
        self.assertEqual(len(found), 16)
        self.assertNotIn("white", found)
        turns = [oklch.from_hex([colours[ident]])[0, 2] for ident in found[::2]]
        steps = [(b - a) % 360 for a, b in pairwise([*turns, turns[0]])]
        self.assertAlmostEqual(sum(steps), 360, places=6)
        self.assertEqual({found.count(ident) for ident in ("red", "green", "blue", "gold")}, {4})
        piece = self.piece.model_copy(update={"paints": (*self.piece.paints, *paints), "segments": 8})
        for given, words in ((paints[:2], "three paints with a hue"), (paints, "at most 24 shades")):
            with self.assertRaisesRegex(FitError, words):
                hues_round(given, 13, 2)
        with self.assertRaisesRegex(FitError, "25 for 8 spokes"):
            shades(piece, 2, "hues")

    def test_refusals_say_why(self) -> None:
        for index, way, words in (
            (9, "one", "no row at place 9"), (1, "zigzag", "no shading"), (1, "ramp", "no ramp yet"),
            (2, "spokes", "25 for 12 spokes"),
        ):  # fmt: skip
            with self.assertRaisesRegex(FitError, words):
                shades(self.piece, index, way)
