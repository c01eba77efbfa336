"""The rows' dots joined into the plan's table: shades, tools, order of the hand."""

import numpy as np

from fernring.core.colour.palette import Palette
from fernring.core.plan import plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import SIZES, centre, five_rows, paint, piece, row


class ColumnsTest(FernTestCase):
    def test_every_dot_knows_its_row_and_its_number(self) -> None:
        found = plan(five_rows()).solved
        self.assertEqual(found.dots.dot.tolist(), list(range(len(found.dots))))
        for index in range(len(found.rows)):
            own = slice(found.first[index], found.first[index + 1])
            self.assertEqual(set(found.dots.row[own].tolist()), {index})

    def test_members_carry_their_own_tools(self) -> None:
        found = plan(piece(row("a", 2.0, 4.6, distance={"kind": "walk", "walk": 30.0}))).dots
        tools = [SIZES.index(2.0), SIZES.index(4.6)]
        self.assertEqual(found.tool.tolist(), tools * 12)
        fitted = plan(piece(row("a", 2.0, fit="size", distance={"kind": "walk", "walk": 30.0}))).dots
        self.assertEqual(set(fitted.tool.tolist()), {-1})

    def test_a_groups_dots_are_of_the_member_whose_place_they_stand_on(self) -> None:
        """The same tool and shade for every dot of a group, whatever its number among the dots."""
        turns = (paint("red"), paint("amber"))
        given = piece(row("a", 2.0, distance={"kind": "walk", "walk": 30.0}, group={"kind": "triangle"}, shades=turns))
        dots = plan(given).dots
        self.assertEqual(dots.place.tolist(), np.repeat(np.arange(12), 3).tolist())
        self.assertEqual(dots.shade.tolist(), np.repeat([0, 1] * 6, 3).tolist())
        self.assertEqual(set(dots.tool.tolist()), {SIZES.index(2.0)})

    def test_gap_dots_take_the_tool_that_makes_their_size(self) -> None:
        found = plan(patterns.piece("gap dots"))
        mine = found.dots.take(found.dots.row == 3)
        for size, tool in zip((2 * mine.radius).tolist(), mine.tool.tolist(), strict=True):
            off = min(abs(size - made) for made in SIZES)
            self.assertEqual(tool, SIZES.index(min(SIZES, key=lambda made: abs(made - size))) if off <= 0.05 else -1)

    def test_trims_are_painted_after_what_carries_them(self) -> None:
        found = plan(patterns.piece("trims on trims")).solved
        dots = found.dots
        mine = np.flatnonzero(dots.row == 1)
        carried = mine[dots.trim[mine] >= 0]
        self.assertTrue((dots.hand[carried] > dots.hand[dots.host[carried]]).all())
        self.assertEqual(sorted(dots.hand[mine].tolist()), list(range(len(mine))))

    def test_on_a_ball_the_back_goes_on_where_the_front_ended(self) -> None:
        found = plan(patterns.piece("petals on a ball")).solved
        own = found.dots.take(found.dots.row == 1)
        self.assertEqual(sorted(own.hand.tolist()), list(range(len(own))))
        assert found.normal is not None
        np.testing.assert_allclose(np.linalg.norm(found.normal, axis=1), 1)
        self.assertTrue((found.normal[:, 2] * found.dots.z >= -1e-9).all())

    def test_the_palette_is_the_shades_in_the_order_of_the_sheet(self) -> None:
        sample = piece(centre(), row("a", 2.0, shades=(paint("teal"), paint("red"))), row("b", 2.0))
        self.assertEqual([shade.name for shade in Palette(sample).shades], ["Red", "Teal", "Pale"])

    def test_a_members_own_shade_is_its_alone(self) -> None:
        """The others take the row's in turn."""
        found = plan(patterns.piece("shades of their own")).solved
        own = found.dots.take(found.dots.row == 1)
        names = [found.palette.shades[k].name for k in own.shade]
        self.assertEqual(names, ["Red", "Pale", "Pale"] * (len(own) // 3))
