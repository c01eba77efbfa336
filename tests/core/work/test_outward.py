"""From the centre outward, and what speaks against it."""

from fernring.core.work.work import work
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import QUICK, worked

SIX = {"count": {"kind": "absolute", "repeats": 6}, "start": patterns.LINES}


def ring(ident: str, size: float, walk: float, shade: str = "pale", **more: object) -> patterns.Document:
    return patterns.row(ident, size, distance=patterns.at(walk), shades=patterns.shades(shade), **SIX, **more)


class OutwardTest(FernTestCase):
    def rows(self, *rows: patterns.Document, **more: object) -> list[str]:
        found = work(worked(*rows, **QUICK, **more))
        return [found.solved.piece.rows[step.row].id for step in found.steps if step.kind == "dots"]

    def test_an_inner_row_goes_first_whatever_a_change_of_pot_costs(self) -> None:
        rows = ring("far", 3.0, 40), ring("near", 3.0, 10), ring("mid", 2.0, 25, "red")
        self.assertEqual(self.rows(*rows), ["near", "mid", "far"])
        self.assertEqual(self.rows(*rows, costs={"pot": 60.0}), ["near", "mid", "far"])
        few = self.rows(*rows, order="few changes", costs={"pot": 60.0})
        self.assertEqual(abs(few.index("far") - few.index("near")), 1, "one pot after the other")

    def test_the_centre_with_its_pilot_comes_before_a_row_at_the_border(self) -> None:
        self.assertEqual(self.rows(ring("edge", 8.9, 44), patterns.centre(8.9)), ["centre", "edge"])

    def test_a_boundary_goes_first_and_says_why_unless_it_is_kept_for_last(self) -> None:
        rows = ring("near", 3.0, 10), ring("edge", 2.0, 44, boundary=True)
        self.assertEqual(self.rows(*rows), ["edge", "near"])
        self.assertEqual(self.rows(*rows, order="boundary last"), ["near", "edge"])
        words = [step.words for step in work(worked(*rows, **QUICK)).steps if step.kind == "dots"]
        self.assertEqual(["since it is the boundary" in one for one in words], [True, False])

    def test_what_binds_rows_the_other_way_is_stronger(self) -> None:
        """A row nested outside of dots that stand further out than itself does not wait for itself."""
        piece = worked(ring("far", 3.0, 40), ring("near", 3.0, 10), **QUICK)
        far, near = (step.id for step in sorted(work(piece).steps, key=lambda step: step.row) if step.kind == "dots")
        rows = ring("far", 3.0, 40), ring("near", 3.0, 10)
        self.assertEqual(self.rows(*rows, moves=[{"step": far, "before": near}]), ["far", "near"])

    def test_rows_at_one_distance_and_rows_of_a_motif_are_not_bound_to_the_centre(self) -> None:
        one, other = ring("a", 2.0, 20), {**ring("b", 3.0, 20), "start": {"kind": "between"}}
        self.assertEqual(self.rows(one, other, order="outward"), self.rows(one, other, order="few changes"))
