"""Routes of the pattern language: plans with marks, what fits in a trim, paths from files, changes inside trims."""

from typing import Any

from tests import patterns
from tests.patterns import centre, row, swipe, walk
from tests.web.client import WebTestCase

SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">{}</svg>'


class PatternRouteTest(WebTestCase):
    def plan(self, name: str, **more: Any) -> dict[str, Any]:
        answer = self.client.post("/api/plan", json=self.json(patterns.piece(name), **more))
        self.assertEqual(answer.status_code, 200, answer.text)
        found: dict[str, Any] = answer.json()
        return found

    def test_dots_of_petals_tell_what_they_stand_beside(self) -> None:
        found = self.plan("petals")
        dots = found["dots"]
        row_of, below = dots["row"], dots["below"]
        self.assertEqual(len(below), found["totals"]["dots"])
        self.assertTrue(all(row_of[low] == row_of[k] for k, low in enumerate(below) if low >= 0))
        self.assertGreater(sum(low >= 0 and low != k for k, low in enumerate(below)), 100)

    def test_swipes_come_as_outlines(self) -> None:
        marks = self.plan("teardrops")["marks"]
        self.assertEqual(len(marks["row"]), 12)
        self.assertEqual(set(marks["row"]), {1})
        self.assertEqual(marks["start"][-1], len(marks["x"]))

    def test_no_marks_are_no_marks(self) -> None:
        self.assertEqual(self.plan("petals")["marks"]["start"], [0])

    def test_what_fits_in_a_trim(self) -> None:
        request = {"piece": self.json(patterns.piece("petals")), "row": 1, "trim": 0}
        found = self.client.post("/api/fits/trim", json=request).json()
        self.assertEqual(sum(one["current"] for one in found), 1)
        other = next(one for one in found if not one["current"])
        changed = self.client.post("/api/changed", json={"piece": request["piece"], "changes": other["changes"]})
        self.assertEqual(changed.status_code, 200, changed.text)
        again = self.client.post("/api/plan", json=changed.json()).json()
        beads = sum(r == 1 for r in again["dots"]["row"]) - 12
        self.assertEqual(beads, other["dots"] if other["dots"] > 50 else other["dots"] * 12)

    def test_a_trim_that_is_not_there(self) -> None:
        request = {"piece": self.json(patterns.piece("petals")), "row": 1, "trim": 7}
        self.refused(self.client.post("/api/fits/trim", json=request), 422, "fit", "trim")

    def test_bounds_inside_trims_name_their_field(self) -> None:
        rows = [centre(), row("a", 6.8, trims=[{**walk(), "layers": 9}])]
        answer = self.client.post("/api/plan", json=self.with_rows(*rows))
        self.refused(answer, 422, "value", "at most 6.*given: 9", "rows.1.trims.0.layers")

    def test_too_many_dots_by_trims(self) -> None:
        """A small document may not ask for more dots than can be drawn."""
        many = [walk(0.3, load="each", layers=6) for _ in range(6)]
        count = {"kind": "absolute", "repeats": 400}
        rows = [row(f"r{k}", 13.2, count=count, distance=patterns.at(400), trims=many) for k in range(30)]
        blank = {"outline": {"kind": "round", "diameter": 1000}}
        answer = self.client.post("/api/plan", json=self.with_rows(*rows, blank=blank))
        self.refused(answer, 422, "plan", "at most")

    def test_a_path_from_a_file(self) -> None:
        text = SVG.format('<path d="M10 50 L90 50" fill="none"/>')
        found = self.client.post("/api/path/svg", json={"text": text})
        self.assertEqual(found.status_code, 200, found.text)
        line = found.json()["lines"][0]
        self.assertEqual(sorted(round(x) for x in line["x"]), [-40, 40])
        self.assertFalse(line["closed"])
        ring = self.client.post("/api/path/svg", json={"text": SVG.format('<circle cx="50" cy="50" r="20"/>')}).json()[
            "lines"
        ][0]
        self.assertTrue(ring["closed"])
        for x, y in zip(ring["x"], ring["y"], strict=True):
            self.assertAlmostEqual((x * x + y * y) ** 0.5, 20, delta=0.03)

    def test_files_without_a_line(self) -> None:
        for text in (SVG.format(""), "no svg", SVG.format("<script>1</script>")):
            answer = self.client.post("/api/path/svg", json={"text": text})
            self.assertEqual(answer.status_code, 422, answer.text)
            self.assertGreater(len(answer.json()["message"]), 15)

    def test_trims_are_kept_from_edit_to_edit(self) -> None:
        state = self.begin()
        rows = [centre(), row("a", 6.8, distance=patterns.at(20), trims=[swipe(9), walk(1.3)])]
        saved = self.save(state, self.with_rows(*rows))
        self.assertEqual(saved.status_code, 200, saved.text)
        found = self.client.get(f"/api/documents/{state['id']}").json()
        kept = found["document"]["rows"][1]["trims"]
        self.assertEqual([trim["kind"] for trim in kept], ["swipe", "walk"])
