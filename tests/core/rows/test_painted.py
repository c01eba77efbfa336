"""What is on the piece stays: rows that were begun, trims that were not, dots that were measured."""

import numpy as np

from fernring.core.document.changes import change, changed
from fernring.core.document.piece import Piece
from fernring.core.dots.table import COLUMNS, Dots
from fernring.core.errors import DocumentError, FitError
from fernring.core.plan import Plan, plan
from fernring.core.proposals.fits import what_fits
from fernring.core.proposals.fits_trim import trim_fits
from fernring.core.proposals.painted import begun, found, moves_painted
from fernring.core.proposals.remedies import remedies
from fernring.core.proposals.slack import spread_slack
from fernring.core.rows.measured import Found
from fernring.core.solved import solve_piece
from tests import patterns, samples
from tests.assertions import FernTestCase

LIES = ("x", "y", "radius", "level", "tool", "shade", "row")


def all_begun(piece: Piece, trims: int | None = None) -> Piece:
    rows = {row.id: [trim.id for trim in row.trims[:trims]] for row in piece.rows}
    return changed(piece, begun(piece, rows))


def sorted_dots(dots: Dots) -> np.ndarray:
    """Where dots lie and what they are, whatever their order."""
    table = np.stack([np.round(getattr(dots, name), 6) + 0.0 for name in LIES])
    return table[:, np.lexsort(table)]


def found_on(piece: Piece, index: int, dots: list[int], **what: float) -> Plan:
    return plan(changed(piece, found(piece, index, dots, Found(**what))))


class BegunTest(FernTestCase):
    def pieces(self) -> list[Piece]:
        return [patterns.piece(name) for name in patterns.PIECES] + [samples.five_rows()]

    def test_a_piece_that_is_wholly_begun_plans_to_what_it_was(self) -> None:
        for piece in self.pieces():
            with self.subTest(piece.name):
                before, after = plan(piece), plan(all_begun(piece))
                for name in COLUMNS:
                    np.testing.assert_allclose(getattr(after.dots, name), getattr(before.dots, name), atol=1e-9)
                said = [{one.key for one in p.verdicts if one.code != "not measured"} for p in (after, before)]
                self.assertEqual(*said)
                for mark, was in zip(after.solved.marked, before.solved.marked, strict=True):
                    self.assertEqual((mark.row, mark.shade, mark.dot), (was.row, was.shade, was.dot))
                    np.testing.assert_allclose(mark.mark.outline, was.mark.outline, atol=1e-9)
                    np.testing.assert_allclose(mark.mark.girth, was.mark.girth, atol=1e-9)

    def test_trims_that_were_not_begun_grow_on_what_is_there_as_before(self) -> None:
        for piece in self.pieces()[::3]:
            for trims in (0, 1):
                with self.subTest(piece.name, trims=trims):
                    before, after = solve_piece(piece), solve_piece(all_begun(piece, trims))
                    np.testing.assert_allclose(sorted_dots(after.dots), sorted_dots(before.dots), atol=1e-6)
                    self.assertEqual(len(after.marked), len(before.marked))

    def test_no_rule_moves_a_painted_row(self) -> None:
        piece = samples.five_rows()
        painted = changed(piece, begun(piece, {row.id: [] for row in piece.rows[:3]}))
        other = changed(painted, [change("segments", 8), change("rows", 1, "gap", 3.0), change("turn", 7.0)])
        before, after = solve_piece(piece), solve_piece(other)
        last = before.first[3]
        np.testing.assert_allclose(after.dots.x[:last], before.dots.x[:last], atol=1e-9)
        self.assertFalse(np.allclose(after.dots.x[last:][:5], before.dots.x[last:][:5]))

    def test_a_motif_that_is_moved_leaves_what_is_painted_where_it_is(self) -> None:
        piece = next(patterns.piece(name) for name in patterns.PIECES if patterns.piece(name).motifs)
        own = [k for k, row in enumerate(piece.rows) if row.motif]
        painted = changed(piece, begun(piece, {piece.rows[own[0]].id: []}))
        moved = changed(painted, [change("motifs", 0, "turn", piece.motifs[0].turn + 25.0), change("turn", 10.0)])
        before, after = solve_piece(piece), solve_piece(moved)
        first, end = before.first[own[0]], before.first[own[0] + 1]
        np.testing.assert_allclose(after.dots.x[first:end], before.dots.x[first:end], atol=1e-9)
        rest = slice(before.first[own[1]], before.first[own[1] + 1])
        self.assertFalse(np.allclose(after.dots.x[rest], before.dots.x[rest], atol=1e-3))

    def test_what_is_begun_already_is_not_begun_again(self) -> None:
        piece = patterns.with_rows(patterns.centre(), patterns.row("a", 6.0, trims=[patterns.top(3.0)]))
        once = changed(piece, begun(piece, {"a": []}))
        self.assertEqual(begun(once, {"a": [], "nothing": []}), [])
        twice = changed(once, begun(once, {"a": ["t0"]}))
        self.assertEqual(twice.rows[1].painted.trims, ("t0",))
        self.assertEqual(begun(twice, {"a": []}), [])

    def test_a_trim_is_begun_with_those_on_it(self) -> None:
        carried = patterns.walk(1.0, trims=[patterns.top(0.8)])
        piece = patterns.with_rows(patterns.row("a", 6.0, trims=[patterns.top(3.0), carried]))
        inner = piece.rows[0].trims[1].carried[0].id
        after = changed(piece, begun(piece, {"a": [inner]}))
        self.assertEqual(after.rows[0].painted.trims, (piece.rows[0].trims[1].id, inner))

    def test_a_painted_row_keeps_its_pattern_and_its_trims(self) -> None:
        piece = all_begun(patterns.with_rows(patterns.row("a", 6.0, 3.0, trims=[patterns.top(3.0)])))
        row = piece.rows[0].model_dump(mode="json")
        for broken, words in (
            ({**row, "trims": []}, "painted and stays"),
            ({**row, "pattern": row["pattern"][:1]}, "keeps every dot"),
        ):
            with self.assertRaisesRegex(DocumentError, words):
                changed(piece, [change("rows", 0, broken)])

    def test_records_that_contradict_themselves_are_refused(self) -> None:
        piece = all_begun(patterns.with_rows(patterns.row("a", 6.0, trims=[patterns.swipe(5.0)])))
        part = ("rows", 0, "painted", "parts", 0)
        for path, value, words in (
            ((*part, "dots", "y"), [1.0], "the column “y” has 1 entries"),
            ((*part, "dots", "below"), [99] * 12, "stands on a dot"),
            ((*part, "dots", "trim"), [4] * 12, "a trim that the record does not name"),
            ((*part, "dots", "tool"), [99] * 12, "a tool that the record does not name"),
            ((*part, "own"), 40, "has 40 dots of its own"),
            ((*part, "measured"), [99], "measured dot is not among"),
            ((*part, "marks", 0, "host"), 50, "starts from a dot"),
            ((*part, "marks", 0, "girth"), [1.0], "the column “girth”"),
        ):
            with self.subTest(words), self.assertRaisesRegex(DocumentError, words):
                changed(piece, [change(*path, value)])


class KeptTest(FernTestCase):
    def test_nothing_proposed_moves_what_is_painted(self) -> None:
        piece = patterns.with_rows(
            patterns.centre(), patterns.row("a", 3.0, trims=[patterns.top(1.3)]), patterns.row("b", 3.0)
        )
        painted = changed(piece, begun(piece, {"a": []}))
        self.assertEqual(spread_slack(painted).rows, (2,))
        with self.assertRaisesRegex(FitError, "stays as it is"):
            what_fits(painted, 1)
        self.assertTrue(trim_fits(painted, 1, 0))
        with self.assertRaisesRegex(FitError, "stays as it is"):
            trim_fits(all_begun(piece), 1, 0)
        for path, moves in (
            (("rows", 1, "gap"), True), (("rows", 1), True), (("rows", 1, "shades", 0), False),
            (("rows", 1, "trims", 0, "gap"), False), (("rows", 2, "gap"), False), (("segments",), False),
            (("rows", 3), False), (("rows", 3, "gap"), False),
        ):  # fmt: skip
            self.assertEqual(moves_painted(painted, [change(*path, 1)]), moves, path)
        self.assertTrue(moves_painted(all_begun(piece), [change("rows", 1, "trims", 0, "gap", 1)]))

    def test_a_fault_among_painted_rows_has_no_remedy_that_moves_them(self) -> None:
        piece = patterns.with_rows(
            patterns.row("a", 3.0, count={"kind": "absolute", "repeats": 12}, distance=patterns.at(20))
        )
        painted = all_begun(piece)
        after = found_on(painted, 0, [0, 1], diameter=11.0)
        key = self.verdict(after, "does not close").key
        for remedy in remedies(after.solved.piece, key):
            self.assertFalse(moves_painted(after.solved.piece, remedy.changes))
