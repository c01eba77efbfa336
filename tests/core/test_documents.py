"""Documents: bounds, references, versions, changes."""

from typing import Any

from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from fernring.core.document.changes import Change, changed
from fernring.core.document.count import Absolute
from fernring.core.document.kit import Kit
from fernring.core.document.names import fresh_id, row_marks, spoken
from fernring.core.document.piece import Piece
from fernring.core.document.reading import read_document, read_piece
from fernring.core.errors import DocumentError, PlanError
from fernring.core.plan import plan
from tests import samples
from tests.assertions import FernTestCase


def document(**more: Any) -> dict[str, Any]:
    return {**samples.five_rows().model_dump(mode="json"), **more}


class BoundsTest(FernTestCase):
    def refused(self, value: Any, field: str, words: str) -> None:
        with self.assertRaises(DocumentError) as caught:
            read_document(value)
        self.assertEqual(caught.exception.field, field)
        self.assertRegex(caught.exception.message, words)

    def row_with(self, **more: Any) -> dict[str, Any]:
        sample = document()
        sample["rows"] = [*sample["rows"][:1], {**sample["rows"][1], **more}]
        return sample

    def blank(self, **more: Any) -> dict[str, Any]:
        return document(blank={**document()["blank"], **more})

    def test_sizes_out_of_bounds_name_limit_value_and_field(self) -> None:
        for diameter, words in ((0, "at least 10.*given: 0"), (-4, "given: -4"), (1e9, "at most 1000")):
            outline = {"kind": "round", "diameter": diameter}
            self.refused(self.blank(outline=outline), "blank.outline.diameter", words)

    def test_numbers_that_are_none(self) -> None:
        for value in (float("nan"), float("inf"), "3", True, None):
            words = "finite|at least|at most|must be a number"
            self.refused(self.row_with(gap=value), "rows.1.gap", words)

    def test_missing_unknown_and_wrong_kinds(self) -> None:
        without = document()
        del without["name"]
        self.refused(without, "name", "Name is missing")
        self.refused(document(colour="blue"), "colour", "not a field Fern Ring knows")
        self.refused(document(segments=12.5), "segments", "whole number")
        self.refused(document(name="  "), "name", "not written as expected")
        self.refused(document(rows="many"), "rows", "Rows")

    def test_ten_thousand_rows(self) -> None:
        one = document()["rows"][1]
        rows = [{**one, "id": f"r-{k}"} for k in range(10_000)]
        self.refused(document(rows=rows), "rows", "at most 200, and 10000 were given")

    def test_references_must_resolve(self) -> None:
        self.refused(self.row_with(shades=[{"kind": "paint", "paint": "gone"}]), "", "Row 2 uses the paint “gone”")
        self.refused(self.row_with(shades=[{"kind": "ramp", "ramp": "gone", "step": 1}]), "", "ramp “gone”")
        self.refused(self.row_with(distance={"kind": "guide", "circle": "gone"}), "", "guide circle “gone”")
        ramp = {"id": "r", "name": "R", "stops": ["pale", "gone"], "steps": 3}
        self.refused(document(ramps=[ramp]), "", "Ramp “R” uses the paint “gone”")

    def test_a_ramp_step_past_its_end(self) -> None:
        ramp = {"id": "r", "name": "Dusk", "stops": ["pale", "red"], "steps": 3}
        sample = self.row_with(shades=[{"kind": "ramp", "ramp": "r", "step": 4}])
        self.refused({**sample, "ramps": [ramp]}, "", "step 4 of the ramp “Dusk”, which has 3")

    def test_ids_differ(self) -> None:
        rows = document()["rows"]
        self.refused(document(rows=[rows[1], rows[1]]), "", "Two rows have the same id “a”")

    def test_more_faults_are_counted(self) -> None:
        self.refused(document(segments=1, safe_gap=-1), "segments", r"\(1 more value out of bounds\.\)")


class ReadingTest(FernTestCase):
    def test_other_formats_and_later_versions(self) -> None:
        for value, words in (([], "JSON object"), ({}, "not a Fern Ring document"), ({"format": "x"}, "“x”"),
                             (document(version=3), "format version 3; this studio reads up to 2")):  # fmt: skip
            with self.assertRaisesRegex(DocumentError, words):
                read_document(value)

    def test_a_kit_is_not_a_piece(self) -> None:
        with self.assertRaisesRegex(DocumentError, "This is a kit, not a piece"):
            read_piece(Kit().model_dump(mode="json"))

    @given(samples.pieces())
    def test_out_and_in_again_is_the_same(self, sample: Piece) -> None:
        self.assertEqual(read_piece(sample.model_dump(mode="json")), sample)

    def test_documents_cannot_be_changed_in_place(self) -> None:
        with self.assertRaises(ValidationError):
            samples.five_rows().name = "other"  # type: ignore[misc]


class ChangesTest(FernTestCase):
    def test_values_are_set_and_the_old_piece_stays(self) -> None:
        before = samples.five_rows()
        after = changed(before, [Change(path=("rows", 2, "gap"), value=1.5), Change(path=("name",), value="New")])
        self.assertEqual((after.rows[2].gap, after.name), (1.5, "New"))
        self.assertEqual((before.rows[2].gap, before.name), (0.4, "Sample"))

    def test_one_past_the_end_appends(self) -> None:
        before = samples.five_rows()
        row = before.rows[1].model_dump(mode="json") | {"id": "extra"}
        self.assertEqual(len(changed(before, [Change(path=("rows", 5), value=row)]).rows), 6)

    def test_results_out_of_bounds_are_refused(self) -> None:
        with self.assertRaisesRegex(DocumentError, "at most 20"):
            changed(samples.five_rows(), [Change(path=("rows", 1, "gap"), value=99)])


class NamesTest(FernTestCase):
    def test_marks_number_the_rings(self) -> None:
        self.assertEqual(row_marks(samples.five_rows().rows), ["C", "1", "2", "3", "4"])
        self.assertEqual(row_marks(samples.five_rows().rows[1:3]), ["1", "2"])
        self.assertEqual((spoken("C"), spoken("4")), ("the centre", "row 4"))

    def test_rows_of_motifs_are_numbered_from_their_own_centres(self) -> None:
        given = (*samples.five_rows().rows, *samples.five_rows().rows[:2])
        motifs = (None, None, "b", "b", None, "a", "a")
        rows = [row.model_copy(update={"motif": ident}) for row, ident in zip(given, motifs, strict=True)]
        self.assertEqual(row_marks(rows), ["C", "1", "a1", "a2", "2", "bC", "b1"])
        self.assertEqual((spoken("bC"), spoken("a2")), ("the centre of motif b", "row a2"))

    @given(st.lists(st.integers(1, 6).map(lambda n: f"row-{n}")))
    def test_fresh_ids_are_fresh(self, taken: list[str]) -> None:
        self.assertNotIn(fresh_id("row", taken), taken)


class PlanTest(FernTestCase):
    def test_too_many_dots_are_refused_with_the_field(self) -> None:
        rows = [samples.row(f"r{k}", 0.8, count=Absolute(repeats=2000), gap=0.0) for k in range(40)]
        with self.assertRaisesRegex(PlanError, "at most 60000 dots; with this row it would have 62000") as caught:
            plan(samples.piece(*rows, diameter=1000))
        self.assertEqual(caught.exception.field, "rows.30.count")

    def test_shades_take_turns_along_the_places(self) -> None:
        solved = plan(samples.five_rows()).solved
        own = solved.dots.row == 4
        names = [solved.palette.shades[k].name for k in solved.dots.shade[own].tolist()]
        self.assertEqual(names, ["Red", "Amber"] * 12)

    def test_totals_add_up(self) -> None:
        found = plan(samples.five_rows())
        totals = found.totals
        self.assertEqual(totals.dots, len(found.dots))
        self.assertEqual(sum(count for _, count in totals.sizes), totals.dots)
        self.assertEqual(sum(totals.shades), totals.dots)
        self.assertEqual(totals.symmetry, 12)
        self.assert_mm(totals.edge + totals.left, found.solved.context.limit)

    def test_verdicts_can_be_left_out(self) -> None:
        self.assertEqual(plan(samples.five_rows(), verdicts=False).verdicts, ())
