"""What comes before what, what must be dry, what follows at once."""

from itertools import pairwise

from fernring.core.document.piece import Piece
from fernring.core.solved import solve_piece
from fernring.core.work.drying import drying
from fernring.core.work.graph import Graph, graph
from fernring.core.work.job import Job
from fernring.core.work.step import After, Step
from fernring.core.work.work import work
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked

SIX = {"count": {"kind": "absolute", "repeats": 6}, "start": patterns.LINES}
BALL = {"blank": {**patterns.piece("petals").blank.model_dump(mode="json"), **patterns.BALL}}


def bound(piece: Piece) -> Graph:
    return graph(Job(solve_piece(piece), drying(piece.blank, piece.work.warmth)))


def wooden() -> Piece:
    piece = worked(patterns.centre(3.0))
    return piece.model_copy(update={"blank": piece.blank.model_copy(update={"material": "wood"})})


class GraphTest(FernTestCase):
    def kinds(self, found: Graph) -> list[str]:
        return [step.kind for step in found.steps]

    def step(self, found: Graph, kind: str, row: int = -1) -> Step:
        return next(one for one in found.steps if one.kind == kind and row in (-1, one.row))

    def after(self, found: Graph, step: Step, first: Step) -> list[After]:
        return [one for one in found.after.get(step.id, ()) if one.step == first.id]

    def test_preparing_by_material_and_choice(self) -> None:
        for material, wanted in (
            ("wood", ["sand", "base coat", "sand", "base coat"]),
            ("cast stone", ["fill holes", "base coat", "base coat"]),
            ("glazed tile", ["base coat", "base coat"]),
        ):
            piece = worked(patterns.row("a", 3.0, distance=patterns.at(20), **SIX))
            piece = piece.model_copy(update={"blank": piece.blank.model_copy(update={"material": material})})
            kinds = self.kinds(bound(piece))
            self.assertEqual(kinds[: kinds.index("mark out")], wanted)
        kinds = self.kinds(bound(worked(patterns.centre(3.0), base_coats=1, seal_base=True, coat="none")))
        wanted = ["base coat", "seal the base", "seal the base", "mark out", "dots", "guides off", "check"]
        self.assertEqual([kind for kind in kinds if kind != "fill holes"], wanted)

    def test_chalk_paint_covers_in_one_coat_but_for_stone_that_drinks_it(self) -> None:
        """Common practice, no source."""
        for material, paint, coats in (
            ("glazed tile", "chalk paint", 1), ("cast stone", "chalk paint", 2), ("glazed tile", "acrylic", 2),
        ):  # fmt: skip
            piece = worked(patterns.centre(3.0)).model_dump(mode="json")
            base = {**piece["blank"]["base"], "paint": paint}
            piece = patterns.read({**piece, "blank": {**piece["blank"], "material": material, "base": base}})
            steps = [step for step in bound(piece).steps if step.kind == "base coat"]
            self.assertEqual(len(steps), coats, (material, paint))
            self.assertEqual("drinks the first" in steps[0].words, material == "cast stone")
        sanded = [step for step in bound(wooden()).steps if step.kind == "sand"]
        self.assertTrue(all("dust mask" in step.cautions[0] for step in sanded))

    def test_boundary_rows_come_first_and_guides_come_off_after_them(self) -> None:
        rows = [patterns.row(f"r{k}", 2.0, distance=patterns.at(10.0 + 6 * k), **SIX) for k in range(5)]
        rows.append(patterns.row("e", 3.0, distance=patterns.at(42.0), boundary=True, start=patterns.LINES))
        rows.append(patterns.line("l", 0.8, distance=patterns.at(42.0), laid="under"))
        found = bound(worked(*rows, erase="after the first rows"))
        edge, off = self.step(found, "dots", 5), self.step(found, "guides off")
        for row in range(5):
            self.assertTrue(self.after(found, self.step(found, "dots", row), edge), row)
        self.assertTrue(self.after(found, off, edge))
        self.assertFalse(self.after(found, edge, off))
        self.assertTrue(self.after(found, edge, self.step(found, "lines")))
        # Two of them do not wait for one another.
        other = patterns.row("f", 2.0, distance=patterns.at(38.0), boundary=True, start=patterns.LINES)
        found = bound(worked(*rows, other))
        for one, two in ((5, 7), (7, 5)):
            self.assertFalse(self.after(found, self.step(found, "dots", one), self.step(found, "dots", two)))
        self.assertTrue(self.after(found, self.step(found, "dots", 0), self.step(found, "dots", 7)))
        # One that is nested comes when that is there on which it lies.
        rows[5] = patterns.row("e", 3.0, boundary=True)
        found = bound(worked(*rows[:6]))
        self.assertTrue(self.after(found, self.step(found, "dots", 5), self.step(found, "dots", 4)))
        self.assertFalse(self.after(found, self.step(found, "dots", 4), self.step(found, "dots", 5)))

    def test_each_shade_of_a_fill_is_finished_before_the_next(self) -> None:
        """Common practice, no source."""
        names = ["teal", "pale", "red"]
        fill = patterns.row("f", 6.0, 3.0, gap=0.3, track={"kind": "fill", "shading": "outward"},
                            shades=patterns.shades(*names))  # fmt: skip
        piece = worked(patterns.row("a", 3.0, distance=patterns.at(20), **SIX), fill)
        found = work(piece)
        shades = [found.solved.palette.shades[step.shade].name for step in found.steps if step.row == 1]
        self.assertEqual(len(shades), 6)
        self.assertEqual(list(dict.fromkeys(shades)), [name.capitalize() for name in names])
        self.assertEqual(sum(one != other for one, other in pairwise(shades)), 2)

    def test_shades_that_are_mixed_all_over_a_fill_are_painted_size_by_size(self) -> None:
        """Common practice, no source: all colours of the largest, then of the next."""
        shades = patterns.shades("teal", "pale", "red")
        for shading in ("in turn", "at random", "never alike"):
            fill = patterns.row("f", 6.0, 3.0, gap=0.3, track={"kind": "fill", "shading": shading}, shades=shades)
            wide = [step.wide for step in work(worked(fill)).steps if step.row == 0]
            self.assertEqual(wide, sorted(wide, reverse=True), shading)
            self.assertEqual(wide.count(6.0), 3, shading)

    def test_the_large_dots_of_a_fill_come_before_the_small_ones_in_their_gaps(self) -> None:
        """Common practice, no source. Whatever else would save a change of tool."""
        sizes, shades = (6.0, 3.0, 1.5), patterns.shades("teal", "pale", "red")
        fill = patterns.row("f", *sizes, gap=0.3, track={"kind": "fill", "shading": "outward"}, shades=shades)
        found = work(worked(fill))
        wide = [(step.shade, step.wide) for step in found.steps if step.row == 0]
        self.assertEqual([one for _, one in wide], 3 * list(sizes))
        own = [{**one, "shade": shade} for one, shade in zip(fill["pattern"], reversed(shades), strict=True)]
        found = work(worked({**fill, "pattern": own, "shades": patterns.shades("amber")}))
        self.assertEqual([step.wide for step in found.steps if step.row == 0], list(sizes))

    def test_each_coat_waits_for_the_one_below(self) -> None:
        found = bound(worked(patterns.centre(3.0)))
        first, second = (step for step in found.steps if step.kind == "base coat")
        (wait,) = self.after(found, second, first)
        self.assertEqual(wait.state, "top")
        self.assertGreater(wait.wait, 30.0)

    def test_dots_on_dots_wait_and_walked_ones_do_not(self) -> None:
        trims = [patterns.walk(1.0, load="each", shades=patterns.shades("teal")), patterns.top(2.0)]
        found = bound(worked(patterns.row("a", 5.0, distance=patterns.at(25), trims=trims, **SIX)))
        host, walked, top = (self.step(found, kind) for kind in ("dots", "petals", "top dots"))
        self.assertEqual(self.after(found, walked, host), [After(host.id)])
        (wait,) = self.after(found, top, host)
        self.assertEqual(wait.state, "top")
        self.assertGreater(wait.wait, 100.0)

    def test_a_nested_row_comes_after_what_it_lies_on_and_one_at_a_distance_does_not(self) -> None:
        nested, free = patterns.row("b", 3.0), patterns.row("c", 3.0, distance=patterns.at(40.0), start=patterns.LINES)
        found = bound(worked(patterns.centre(8.9), nested, free))
        own = [self.step(found, "dots", row) for row in range(3)]
        self.assertTrue(self.after(found, own[1], own[0]))
        self.assertTrue(self.after(found, own[2], own[1]), "outward")
        found = bound(worked(patterns.centre(8.9), nested, free, order="few changes"))
        self.assertFalse(self.after(found, own[2], own[1]))

    def test_gap_dots_come_after_all_they_lie_between(self) -> None:
        rows = patterns.centre(8.9), patterns.row("b", 4.6), patterns.row("g", 2.0, track={"kind": "gaps"})
        found = bound(worked(*rows))
        last = self.step(found, "dots", 2)
        for row in range(2):
            self.assertTrue(self.after(found, last, self.step(found, "dots", row)))

    def test_tails_and_swirls_follow_at_once_and_pilots_come_before(self) -> None:
        rows = patterns.centre(8.9, trims=[patterns.top(3.0)]), patterns.row("b", 4.0, trims=[patterns.swipe(4.0)])
        found = bound(worked(*rows))
        centre, head = self.step(found, "dots", 0), self.step(found, "dots", 1)
        for kind, first in (("swirl", centre), ("pull", head)):
            (within,) = found.within[self.step(found, kind).id]
            self.assertEqual((within.step, within.minutes), (first.id, 4.0))
        self.assertTrue(self.after(found, centre, self.step(found, "pilot dot")))
        self.assertNotIn("swirl", self.kinds(bound(worked(*rows, swirl=False))))

    def test_a_stroke_on_a_dot_waits_for_it_and_one_beside_it_does_not(self) -> None:
        on = patterns.row(
            "a", 6.0, distance=patterns.at(25), trims=[patterns.swipe(6.0, shades=patterns.shades("red"))], **SIX
        )
        beside = patterns.row("a", 6.0, distance=patterns.at(25), trims=[patterns.hug(2.0)], **SIX)
        for row, state in ((on, "top"), (beside, None)):
            found = bound(worked(row))
            host, stroke = self.step(found, "dots"), self.step(found, "strokes")
            self.assertEqual([one.state for one in self.after(found, stroke, host)], [state])
            self.assertEqual("on the dry dots" in stroke.words, state == "top")

    def test_the_widest_dot_of_a_step_decides_its_wait_and_the_base_is_a_paint(self) -> None:
        two = patterns.row("a", 2.0, 8.0, distance=patterns.at(30), shades=[{"kind": "base"}], **SIX)
        two["pattern"][0]["tool"] = two["pattern"][1]["tool"] = None
        two["trims"] = [patterns.top(1.0, on=["m0"])]
        piece = patterns.read({**worked(two).model_dump(mode="json"), "tools": [], "rows": [two]})
        found = bound(piece)
        dots = self.step(found, "dots")
        self.assertEqual(dots.wide, 8.0)
        self.assertIn(piece.blank.base.name, dots.words)
        (wait,) = self.after(found, self.step(found, "top dots"), dots)
        self.assertGreater(wait.wait, 300.0)

    def test_heads_come_in_batches_that_the_paint_allows(self) -> None:
        many = patterns.row("b", 3.0, distance=patterns.at(40), count={"kind": "absolute", "repeats": 48},
                            trims=[patterns.swipe(3.0)])  # fmt: skip
        found = bound(worked(many))
        heads = [step for step in found.steps if step.kind == "dots"]
        pulls = [step for step in found.steps if step.kind == "pull"]
        self.assertGreater(len(heads), 2)
        self.assertEqual(len(heads), len(pulls))
        for head, pull in zip(heads, pulls, strict=True):
            self.assertEqual(len(head.dots), len(pull.marks))
            self.assertLessEqual(head.minutes.mean + pull.minutes.mean, 4.0)

    def test_lines_under_come_first_and_lines_over_when_dots_are_dry(self) -> None:
        for laid, early in (("under", True), ("over", False)):
            line = patterns.line("l", 0.8, distance=patterns.at(20.0), laid=laid)
            found = bound(worked(line, patterns.row("a", 4.0, distance=patterns.at(20.0), **SIX)))
            drawn, dots = self.step(found, "lines"), self.step(found, "dots")
            first, later = (drawn, dots) if early else (dots, drawn)
            (wait,) = self.after(found, later, first)
            self.assertEqual(wait.state, "top")
            self.assertGreaterEqual(wait.wait, 20.0)

    def test_a_line_goes_under_or_over_strokes_and_tails_as_well(self) -> None:
        """A tail that crosses the line under it waits with its head, since it is pulled at once."""
        line = patterns.line("l", 0.8, distance=patterns.at(26.0))
        oval = patterns.shaped("a", 3.0, "oval", 10.0, distance=patterns.at(26.0), **SIX)
        tail = patterns.row("a", 3.0, distance=patterns.at(20.0), trims=[patterns.swipe(10.0)], **SIX)
        for row, kinds in ((oval, ("strokes",)), (tail, ("pull", "dots"))):
            found = bound(worked({**line, "laid": "under"}, row))
            for kind in kinds:
                (wait,) = self.after(found, self.step(found, kind), self.step(found, "lines"))
                self.assertEqual(wait.state, "top", kind)
            found = bound(worked({**line, "laid": "over"}, row))
            (wait,) = self.after(found, self.step(found, "lines"), self.step(found, kinds[0]))
            self.assertEqual(wait.state, "top")

    def test_guides_come_off_early_after_all_that_the_first_rows_need_and_before_all_else(self) -> None:
        rows = [patterns.row(f"r{k}", 3.0, distance=patterns.at(10.0 + 8 * k), **SIX) for k in range(5)]
        rows[0]["trims"], rows[1]["trims"] = [patterns.walk(1.0, load="each", count=2)], [patterns.swipe(4.0)]
        found = bound(worked(*rows, erase="after the first rows"))
        off = self.step(found, "guides off")
        for row in range(3):
            (wait,) = self.after(found, off, self.step(found, "dots", row))
            self.assertEqual(wait.state, "top")
        self.assertTrue(self.after(found, off, self.step(found, "pull")), "it follows its head at once")
        self.assertTrue(self.after(found, self.step(found, "petals"), off))
        self.assertTrue(self.after(found, self.step(found, "dots", 4), off))

    def test_a_ball_is_turned_when_its_front_is_dry_right_through(self) -> None:
        piece = worked(patterns.row("a", 4.0, distance=patterns.at(20), half="both", **SIX))
        piece = patterns.read({**piece.model_dump(mode="json"), **BALL})
        found = bound(piece)
        turn = self.step(found, "turn over")
        front, back = (step for step in found.steps if step.kind == "dots")
        self.assertEqual([one.state for one in self.after(found, turn, front)], ["turn"])
        self.assertTrue(self.after(found, back, turn))
        self.assertFalse(self.after(found, turn, back))

    def test_guides_off_early_or_at_the_end(self) -> None:
        rows = [patterns.row(f"r{k}", 2.0, distance=patterns.at(10.0 + 6 * k), **SIX) for k in range(5)]
        for erase, last_waits in (("at the end", False), ("after the first rows", True)):
            found = bound(worked(*rows, erase=erase))
            off, last = self.step(found, "guides off"), self.step(found, "dots", 4)
            self.assertEqual(bool(self.after(found, last, off)), last_waits)
            self.assertEqual(bool(self.after(found, off, last)), not last_waits)
            self.assertTrue(self.after(found, off, self.step(found, "dots", 0)))

    def test_finishing_as_chosen_with_its_cautions(self) -> None:
        rows = (
            patterns.row("a", 4.0, distance=patterns.at(20), **SIX),
            patterns.shaped("c", 3.0, "crystal", distance=patterns.at(30), **SIX),
        )
        for coat, kind, coats, words in (
            ("sprayed varnish", "coat", 3, "respirator"), ("resin", "coat", 1, "safety data sheet"),
            ("baked", "bake", 2, "label"), ("none", "", 2, ""),
        ):  # fmt: skip
            found = bound(worked(*rows, coat=coat, coats=coats, backing="felt"))
            own = [step for step in found.steps if step.kind == kind]
            self.assertEqual(len(own), {"coat": coats, "bake": 1, "": 0}[kind])
            for step in own:
                self.assertIn(words, step.cautions[0])
            dots, glue, back = (self.step(found, name) for name in ("dots", "crystals", "back"))
            if own:
                self.assertEqual([one.state for one in self.after(found, own[0], dots)], ["varnish"])
                self.assertTrue(self.after(found, glue, own[-1]))
            self.assertTrue(self.after(found, back, glue))
            self.assertNotIn("ready", self.kinds(found))
            self.assertIn("glue", glue.cautions[0])
            self.assertEqual((glue.tool, glue.shade, glue.loads, len(glue.marks)), (-1, -1, 0, 6))

    def test_a_coat_cures_for_what_the_piece_is_for(self) -> None:
        """A day between varnish and handling: common practice, no source."""
        day = 1440.0
        for coat, use, least in (
            ("brushed varnish", "to look at", day), ("brushed varnish", "to be used", 5 * day),
            ("resin", "to look at", 2 * day),
        ):  # fmt: skip
            found = bound(worked(patterns.centre(3.0), coat=coat, use=use, coats=2, backing="cork"))
            back, (first, last) = self.step(found, "back"), [one for one in found.steps if one.kind == "coat"]
            (wait,) = [one for one in self.after(found, back, last) if one.state == "varnish"]
            self.assertGreaterEqual(wait.wait, least)
            # The next coat comes when the one below is dry, not when it has cured.
            self.assertLess(max(one.wait for one in self.after(found, last, first)), 3 * 60.0)
        ready = self.step(bound(worked(patterns.centre(3.0), use="to be used", backing="cork")), "ready")
        self.assertIn("not for food", ready.cautions[0])

    def test_enamel_cures_some_days_before_it_is_baked(self) -> None:
        """Common practice, no source."""
        piece = worked(patterns.centre(3.0), coat="baked").model_dump(mode="json")
        paints = [{**paint, "binder": "bake-on enamel"} for paint in piece["paints"]]
        found = bound(patterns.read({**piece, "paints": paints}))
        (wait,) = self.after(found, self.step(found, "bake"), self.step(found, "dots"))
        self.assertGreaterEqual(wait.wait, 2 * 1440.0)

    def test_what_can_be_printed_is_said_where_the_piece_is_marked_out(self) -> None:
        plain = self.step(bound(worked(patterns.centre(3.0))), "mark out").words
        self.assertIn("the guide at full size.", plain)
        fish = {"id": "f", "name": "Fish", "area": {"kind": "form", "form": "fish", "across": 20.0, "down": 12.0}}
        disc = {"id": "d", "name": "Disc", "area": {"kind": "disc", "diameter": 10.0}}
        piece = worked(patterns.centre(3.0)).model_dump(mode="json")
        words = self.step(bound(patterns.read({**piece, "bare": [fish, disc]})), "mark out").words
        self.assertIn("the mirrored transfer sheet for Fish.", words)
        ball = patterns.read({**piece, **BALL})
        self.assertIn("pole and wrap strips", self.step(bound(ball), "mark out").words)

    def test_a_move_is_kept_where_nothing_speaks_against_it(self) -> None:
        rows = [patterns.row(f"r{k}", 3.0, distance=patterns.at(15.0 + 9 * k), **SIX) for k in range(2)]
        rows[1]["trims"] = [patterns.top(1.3)]
        plain = bound(worked(*rows))
        one, other = (self.step(plain, "dots", row) for row in range(2))
        top = self.step(plain, "top dots")
        found = bound(worked(*rows, moves=[{"step": other.id, "before": one.id}]))
        self.assertEqual(found.refused, ())
        self.assertTrue(self.after(found, one, other))
        for step, before in ((top, other), (self.step(plain, "coat"), one)):
            refused = bound(worked(*rows, moves=[{"step": step.id, "before": before.id}]))
            self.assertIn("cannot come sooner: it needs", refused.refused[0])
            self.assertEqual(refused.after, plain.after)
        gone = bound(worked(*rows, moves=[{"step": "dots/none", "before": one.id}, {"step": one.id, "before": one.id}]))
        self.assertEqual((gone.refused, gone.after), ((), plain.after))

    def test_nothing_is_moved_between_a_dot_and_its_tail(self) -> None:
        rows = [patterns.row(f"r{k}", 3.0, distance=patterns.at(15.0 + 12 * k), **SIX) for k in range(2)]
        rows[1]["trims"] = [patterns.swipe(4.0)]
        plain = bound(worked(*rows))
        first, head, pull = self.step(plain, "dots", 0), self.step(plain, "dots", 1), self.step(plain, "pull")
        found = bound(worked(*rows, moves=[{"step": first.id, "before": pull.id}]))
        self.assertTrue(self.after(found, head, first))
        self.assertIn("needs", bound(worked(*rows, moves=[{"step": head.id, "before": pull.id}])).refused[0])

    def test_ids_stay_when_another_row_changes(self) -> None:
        a, b = (
            patterns.row("a", 4.0, distance=patterns.at(20), **SIX),
            patterns.row("b", 3.0, trims=[patterns.top(1.3)]),
        )
        before = {step.id for step in bound(worked(a, b)).steps}
        after = {step.id for step in bound(worked(patterns.row("n", 2.0, distance=patterns.at(10)), a, b)).steps}
        self.assertLessEqual(before, after)
        self.assertEqual(len(before), len(bound(worked(a, b)).steps))


class ChoicesTest(FernTestCase):
    def steps(self, *rows: patterns.Document, **more: object) -> list[Step]:
        return list(work(worked(*(rows or (patterns.centre(3.0),)), **more)).steps)

    def test_what_is_chosen_comes_where_it_belongs(self) -> None:
        more = {"sides": True, "underbase": True, "overlay": "glitter", "selective": True, "base_coats": 1, "coats": 1}
        kinds = [step.kind for step in self.steps(**more)]
        for one, other in (
            ("base coat", "sides"), ("sides", "underbase"), ("underbase", "mark out"), ("check", "overlay"),
            ("overlay", "coat"), ("coat", "selective gloss"),
        ):  # fmt: skip
            self.assertLess(kinds.index(one), kinds.index(other), (one, other))
        bare = [step.kind for step in self.steps(overlay="none", selective=True, coat="none")]
        self.assertFalse({"sides", "underbase", "overlay", "selective gloss"} & set(bare))
        cautions = {step.kind: step.cautions for step in self.steps(**more)}
        for kind in ("overlay", "selective gloss"):
            self.assertTrue(cautions[kind], kind)

    def test_a_place_is_covered_when_dry_and_dotted_again(self) -> None:
        repair = {"id": "repair-1", "kind": "cover", "row": "a", "where": "row 1 at 4 o'clock", "x": 1.0, "y": 2.0,
                  "diameter": 3.0, "tool": "t3", "shade": "Red"}  # fmt: skip
        others = [{**repair, "id": "repair-2", "kind": "accent"}, {**repair, "id": "repair-3", "kind": "hair line"},
                  {**repair, "id": "repair-4", "row": "gone"}]  # fmt: skip
        row = patterns.row("a", 3.0, distance=patterns.at(20), **SIX)
        piece = worked(row, repairs=[repair, *others], coat="none")
        found = work(piece)
        by_kind = {step.kind: step for step in found.steps}
        dots, cover, again = (by_kind[kind] for kind in ("dots", "cover", "again"))
        self.assertEqual([(one.step, one.state) for one in found.after[cover.id] if one.state], [(dots.id, "touch")])
        self.assertIn((cover.id, "touch"), [(one.step, one.state) for one in found.after[again.id]])
        self.assertIn((dots.id, "top"), [(one.step, one.state) for one in found.after[by_kind["accent"].id]])
        self.assertIn("at 4 o'clock", by_kind["hair line"].words)
        self.assertRegex(again.words, r"Set it again, row 1 at 4 o'clock: \{3(\.0)?\}")
        self.assertFalse([step for step in found.steps if "repair-4" in step.id])
