"""Somebody's design with the tools of this kit: what comes nearest, and whether it still closes."""

from fernring.core.document.changes import changed
from fernring.core.document.kit import SizeRange, Tool
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.nearest_tools import with_nearest
from tests import samples
from tests.assertions import FernTestCase
from tests.samples import centre, paint, piece, row


def kit(*dots: float) -> tuple[Tool, ...]:
    return tuple(Tool(id=f"mine-{k}", name=f"Mine {dot:g}", dots=(dot,)) for k, dot in enumerate(dots))


class NearestToolsTest(FernTestCase):
    def test_each_size_that_nobody_makes_here_once_with_its_rows(self) -> None:
        design = piece(centre(8.9), row("a", 2.0), row("b", 3.0), row("c", 2.0))
        mine = with_nearest(design, kit(1.9, 2.4, 3.0))
        self.assertEqual(
            [(one.size, one.rows, one.name, one.dot) for one in mine.sizes],
            [(2.0, (1, 3), "Mine 1.9", 1.9), (8.9, (0,), "Mine 3", 3.0)],
        )
        self.assertAlmostEqual(mine.sizes[0].off, -0.05)
        after = changed(design, mine.changes)
        self.assertEqual([r.pattern[0].diameter for r in after.rows], [3.0, 1.9, 3.0, 1.9])
        self.assertEqual([r.pattern[0].tool for r in after.rows][1], "mine-0")
        self.assertEqual(len(after.tools), len(design.tools) + 2)

    def test_a_share_decides_which_is_nearest(self) -> None:
        """6 is 50 % wider than 4, and 3 a quarter smaller."""
        mine = with_nearest(piece(row("a", 4.0)), kit(3.0, 6.0))
        self.assertEqual(mine.sizes[0].dot, 3.0)

    def test_it_says_what_no_longer_closes(self) -> None:
        """Twelve dots of 4 mm at 8.5 mm stand 8.5 * 2 sin(pi/12) - 4 = 0.4 mm apart; dots of 4.8 overlap by 0.4."""
        design = piece(row("a", 4.0, distance={"kind": "walk", "walk": 8.5}))
        self.assertEqual(with_nearest(design, kit(3.9)).lost, 0)
        wide = with_nearest(design, kit(4.8))
        self.assertEqual(wide.lost, 1)
        self.assertIn("does not close: neighbouring dots overlap by {0.4", wide.found[0])
        keys = {verdict.code for verdict in plan(changed(design, wide.changes)).verdicts}
        self.assertIn("does not close", keys)

    def test_nothing_to_do_where_the_kit_makes_all(self) -> None:
        design = piece(row("a", 2.0), row("b", 4.0, fit="size", distance={"kind": "walk", "walk": 20.0}))
        mine = with_nearest(design, kit(2.0))
        self.assertEqual((mine.sizes, mine.changes, mine.lost), ((), (), 0))

    def test_sizes_that_the_piece_chose_of_a_tool_here_stay(self) -> None:
        told = SizeRange(
            diameter=2.07, low=1.9, high=2.2, body="medium", surface="canvas", load="usual", measured=4, alike=4
        )
        tools = tuple(t.model_copy(update={"ranges": (told,)}) if t.id == "t-4" else t for t in samples.tools())
        chosen = row("a", 2.07)
        member = chosen.pattern[0].model_copy(update={"tool": "t-4"})
        design = piece(chosen.model_copy(update={"pattern": (member,)}), row("b", 3.3), tools=tools)
        mine = with_nearest(design, samples.tools())
        self.assertEqual([one.size for one in mine.sizes], [3.3])
        self.assertEqual(with_nearest(design, kit(2.0, 3.3)).sizes[0].size, 2.07)
        wider = samples.tools()[4].model_copy(update={"dots": (2.0, 3.2)})
        after = changed(design, with_nearest(design, (wider,)).changes)
        self.assertEqual(next((t.dots, t.ranges) for t in after.tools if t.id == "t-4"), ((2.0, 3.2), (told,)))

    def test_trims_lines_and_crystals(self) -> None:
        top = {"kind": "top", "id": "t", "sizes": [{"diameter": 1.1, "tool": None}], "shades": [paint("red")]}
        share = {
            "kind": "top",
            "id": "t",
            "sizes": [{"diameter": 1.1, "tool": None, "share": 0.5}],
            "shades": [paint("red")],
        }
        self.assertEqual([one.size for one in with_nearest(piece(row("a", 3.0, trims=(top,))), kit(3.0)).sizes], [1.1])
        self.assertEqual(with_nearest(piece(row("a", 3.0, trims=(share,))), kit(3.0)).sizes, ())
        of_paint = piece(row("a", 3.3))
        filled = of_paint.rows[0].pattern[0].model_copy(update={"share": 40.0})  # of a fill's paint, not of a dot
        rows = (of_paint.rows[0].model_copy(update={"pattern": (filled,)}),)
        found = with_nearest(of_paint.model_copy(update={"rows": rows}), kit(3.0)).sizes
        self.assertEqual([one.size for one in found], [3.3])
        crystal = row("a", 4.4)
        glued = crystal.pattern[0].model_copy(update={"form": "crystal"})
        self.assertEqual(with_nearest(piece(crystal.model_copy(update={"pattern": (glued,)})), kit(3.0)).sizes, ())

    def test_a_kit_that_sets_no_dots_is_said(self) -> None:
        needle = Tool(id="n", name="Needle", kind="needle", dots=(1.0,))
        for tools in ((), (needle,)):
            with self.assertRaisesRegex(FitError, "no tool that sets dots"):
                with_nearest(piece(row("a", 2.0)), tools)
