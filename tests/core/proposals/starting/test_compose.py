"""Starting patterns on any blank."""

from hypothesis import given, settings
from hypothesis import strategies as st

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
        with self.assertRaisesRegex(ComposeError, "A border of 44.9 mm leaves 0.10 mm"):
            compose(piece(border=44.9), recipes()[0])
