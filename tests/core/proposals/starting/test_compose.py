"""Starting patterns on any blank."""

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.errors import ComposeError
from fernring.core.plan import plan
from fernring.core.proposals.starting.compose import compose
from fernring.core.proposals.starting.recipe import recipes
from tests.assertions import FernTestCase
from tests.samples import NIGHT, piece, tools


class ComposeTest(FernTestCase):
    def test_any_blank_is_filled_to_its_border(self) -> None:
        """Exactly where rings carry on to it; fans and rows along the edge keep their gap."""
        random = np.random.default_rng(11)
        for recipe in recipes()[:-1]:
            diameter, segments = float(random.uniform(30, 400)), int(random.integers(3, 49))
            composed = compose(piece(diameter=diameter, segments=segments, border=diameter / 30), recipe)
            found = plan(composed)
            with self.subTest(recipe=recipe.id, diameter=diameter, segments=segments):
                self.assertLess(abs(found.totals.left), 0.5 if recipe.rings < 1 else 1e-6)
                self.assert_inside(found)
                self.assertEqual([v.text for v in found.verdicts if v.severity == "serious"], [])
                self.assertGreaterEqual(found.totals.rows, 3)

    def test_dense_ones_paint_most_of_the_ground(self) -> None:
        """The hexagonal limit with gaps lies near 0.8; an empty piece stays empty."""
        for recipe in recipes()[:-1]:
            composed = compose(piece(diameter=90.0, segments=12, border=3.0, safe_gap=0.3), recipe)
            solved = plan(composed).solved
            low = solved.dots.take(solved.dots.level == 1)
            heads = sum(np.pi * float(low.radius[one.dot] ** 2) for one in solved.marked if one.pulled)
            area = np.pi * float((low.radius**2).sum()) + sum(one.mark.area for one in solved.marked) - heads
            share = area / (np.pi * solved.ground.limit**2)
            self.assertGreater(share, 0.55 if recipe.filled else 0.25, recipe.id)
            self.assertLess(share, 0.83, recipe.id)
            self.assertLessEqual(len(solved.dots), 2500)
        self.assertEqual(compose(piece(), recipes()[-1]).rows, ())

    def test_fans_and_rows_along_the_edge_on_other_outlines(self) -> None:
        ways = {recipe.id: recipe for recipe in recipes()}
        for outline in ({"kind": "oval", "length": 140.0, "width": 90.0}, {"kind": "square", "side": 108.0}):
            blank = Blank.model_validate({"outline": outline, "border": 3.0})
            for name, kind in (("comet-wings", "fan"), ("shoreline", "inset"), ("courtyard", "ring")):
                made = compose(piece(blank=blank, segments=8, safe_gap=0.3), ways[name])
                self.assertIn(kind, [row.track.kind for row in made.rows])
                if kind == "ring":
                    self.assertIn("carry on", [getattr(row.track, "beyond", "") for row in made.rows])
                self.assertEqual([v.text for v in plan(made).verdicts if v.severity == "serious"], [])

    def test_one_hue_for_each_spoke_in_the_order_of_the_paints(self) -> None:
        spectrum = next(recipe for recipe in recipes() if recipe.id == "spectrum")
        made = compose(piece(segments=8), spectrum)
        row = next(row for row in made.rows if len(row.shades) > 2)
        self.assertEqual([shade.paint for shade in row.shades], [paint.id for paint in made.paints])  # type: ignore[union-attr]

    def test_at_least_fourteen_patterns_and_all_different(self) -> None:
        made = {recipe.id: compose(piece(), recipe).rows for recipe in recipes()}
        self.assertGreaterEqual(len(made), 15)
        self.assertEqual(len({str(rows) for rows in made.values()}), len(made))

    def test_the_same_blank_gives_the_same_design(self) -> None:
        first, second = (compose(piece(segments=7), recipes()[0]) for _ in range(2))
        self.assertEqual(first, second)

    def test_only_the_kit_s_own_sizes_are_used(self) -> None:
        sizes = {dot for tool in tools() for dot in tool.dots}
        for recipe in recipes():
            used = {member.diameter for row in compose(piece(), recipe).rows for member in row.pattern}
            self.assertLessEqual(used, sizes)

    def test_one_tool_and_one_paint_are_enough(self) -> None:
        composed = compose(piece(tools=tools()[4:5], paints=(NIGHT,)), recipes()[0])
        self.assertGreater(len(composed.rows), 3)

    def test_refusals_say_why(self) -> None:
        with self.assertRaisesRegex(ComposeError, "at least one tool"):
            compose(piece(tools=()), recipes()[0])
        with self.assertRaisesRegex(ComposeError, r"A border of \{44.9\} leaves \{0.1\}"):
            compose(piece(border=44.9), recipes()[0])

    def test_on_a_ball_or_egg_without_a_border_both_halves_end_apart(self) -> None:
        for relief in ({"kind": "ball"}, {"kind": "egg", "length": 84.0, "widest": 36.0}):
            for gap in (0.0, 0.3):
                blank = {"outline": {"kind": "round", "diameter": 60.0}, "relief": relief, "border": 0.0}
                for recipe in recipes()[:2]:
                    found = plan(compose(piece(blank=Blank.model_validate(blank), safe_gap=gap), recipe))
                    self.assertEqual([v.text for v in found.verdicts if v.severity == "serious"], [])
                    self.assertEqual(found.solved.piece.blank.border, 0)
                    dots = found.dots.take(found.dots.level == 1)
                    self.assertLess(float(np.abs(dots.z).min() - dots.radius.max()), 3)
