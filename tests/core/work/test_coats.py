"""Coats of the whole piece and of areas: what waits for what, and what is said."""

from typing import Any

from fernring.core.document.piece import Piece
from fernring.core.solved import solve_piece
from fernring.core.work.drying import drying
from fernring.core.work.graph import Graph, graph
from fernring.core.work.job import Job
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked


def disc(ident: str, x: float, **more: Any) -> dict[str, Any]:
    area = {"kind": "disc", "diameter": 20.0, "x": x, "y": 0.0}
    return {"id": ident, "name": ident.upper(), "area": area, "rows": "pass under",
            "base": {"paints": ["red"], "coats": 2}, **more}  # fmt: skip


def bound(*areas: dict[str, Any], **more: Any) -> Graph:
    piece: Piece = worked(patterns.centre(3.0), **{"base_coats": 1, "coat": "none", **more})
    piece = patterns.read({**piece.model_dump(mode="json"), "bare": list(areas)})
    return graph(Job(solve_piece(piece), drying(piece.blank, piece.work.warmth)))


class CoatsTest(FernTestCase):
    def ids(self, found: Graph) -> list[str]:
        return [step.id for step in found.steps]

    def waits(self, found: Graph, ident: str) -> set[str]:
        """The steps that this one has to find dry."""
        return {one.step for one in found.after[ident] if one.state is not None}

    def test_areas_that_do_not_touch_are_coated_in_the_same_wait(self) -> None:
        found = bound(disc("a", -25.0), disc("b", 25.0))
        coats = [ident for ident in self.ids(found) if ident.startswith("zone/")]
        self.assertEqual(coats, ["zone/a/1", "zone/b/1", "zone/a/2", "zone/b/2"])
        self.assertEqual(self.waits(found, "zone/b/1"), {"base/1"})
        self.assertEqual(self.waits(found, "zone/a/2"), {"base/1", "zone/a/1"})
        self.assertEqual(self.waits(found, "mark out"), {"base/1", *coats})

    def test_areas_that_touch_wait_for_one_another(self) -> None:
        for apart, touches in ((20.0, True), (20.4, True), (20.6, False)):
            found = bound(disc("a", 0.0), disc("b", apart))
            self.assertEqual("zone/a/1" in self.waits(found, "zone/b/1"), touches, apart)

    def test_all_that_comes_next_waits_for_every_area_and_underbases_are_below_them(self) -> None:
        found = bound(disc("a", -25.0), disc("b", 25.0), seal_base=True, underbase=True)
        self.assertLessEqual({"zone/a/2", "zone/b/2"}, self.waits(found, "seal/1"))
        self.assertIn("underbase", self.waits(found, "zone/a/1"))
        self.assertEqual(self.waits(found, "seal/2"), {"seal/1"})

    def test_the_outline_of_a_figure_is_transferred_before_its_coats_and_only_once(self) -> None:
        figure = {"kind": "form", "form": "heart", "across": 20.0, "down": 20.0, "x": -25.0}
        found = bound(disc("a", -25.0, area=figure), disc("b", 25.0))
        ids, words = self.ids(found), {step.id: step.words for step in found.steps}
        self.assertLess(ids.index("outline"), ids.index("zone/a/1"))
        self.assertIn("Transfer the outline of A with", words["outline"])
        self.assertNotIn("transfer sheet for A", words["mark out"])
        self.assertNotIn("outline", self.ids(bound(disc("a", -25.0))))
        bare = {key: value for key, value in disc("a", -25.0, area=figure).items() if key != "base"}
        plain = {step.id: step.words for step in bound(bare).steps}
        self.assertIn("transfer sheet for A", plain["mark out"])

    def test_sides_are_coated_once(self) -> None:
        for sides, where in ((False, "all of it and its sides"), (True, "its face")):
            found = bound(sides=sides)
            words = [step.words for step in found.steps if step.kind == "base coat"]
            self.assertTrue(all(where in one for one in words), words)
            self.assertEqual("sides" in self.ids(found), sides)
