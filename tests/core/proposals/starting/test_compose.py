"""Starting patterns on any blank."""

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.document.blank import Blank
from fernring.core.errors import ComposeError
from fernring.core.plan import plan
from fernring.core.proposals.starting.compose import compose
from fernring.core.proposals.starting.recipe import recipes
from tests.assertions import FernTestCase
from tests.samples import NIGHT, piece, tools


class ComposeTest(FernTestCase):
    @settings(max_examples=40, deadline=None)
    @given(st.sampled_from(recipes()), st.floats(30, 400), st.integers(3, 48))
    def test_any_blank_is_filled_exactly_to_its_border(self, recipe: object, diameter: float, segments: int) -> None:
        composed = compose(piece(diameter=diameter, segments=segments, border=diameter / 30), recipe)  # type: ignore[arg-type]
        found = plan(composed)
        self.assert_mm(found.totals.left, 0, 1e-6)
        self.assert_inside(found)
        self.assertEqual([v.code for v in found.verdicts if v.severity != "note"], [])
        self.assertGreaterEqual(found.totals.rows, 3)

    def test_at_least_four_patterns_and_all_different(self) -> None:
        made = {recipe.id: compose(piece(), recipe).rows for recipe in recipes()}
        self.assertGreaterEqual(len(made), 4)
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
