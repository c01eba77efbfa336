"""Any piece of the pattern language that can be written down: it is solved, and what is wrong with it is said."""

from typing import Any

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.errors import FernError
from fernring.core.plan import Plan, plan
from fernring.core.proposals.fits import what_fits
from fernring.core.proposals.fits_trim import trim_fits
from fernring.core.proposals.remedies import remedies
from fernring.formats.plan_json import plan_bytes
from tests import patterns, samples
from tests.assertions import FernTestCase, clearances
from tests.patterns import centre, row, swipe, top, walk

BLANKS = [{}, {"blank": patterns.SQUARE}, {"blank": patterns.OVAL}, {"blank": patterns.DOME}, {"blank": patterns.PLATE}]
walks = st.floats(8, 45).map(lambda value: round(value, 1))
sizes = st.sampled_from((1.3, 2.0, 3.0, 4.6, 6.8))


@st.composite
def trims(draw: st.DrawFn) -> dict[str, Any]:
    kind = draw(st.sampled_from(("walk", "top", "swipe")))
    if kind == "top":
        towards = draw(st.sampled_from(("centred", "inward", "outward", "left", "right")))
        return top(draw(st.sampled_from((0.8, 1.0, 2.0))), towards=towards)
    if kind == "swipe":
        form = draw(st.sampled_from(("straight", "teardrop", "comma left", "comma right")))
        return swipe(draw(st.floats(3, 12)), form=form, family=draw(st.integers(1, 3)))
    sides = draw(st.sampled_from(("both", "left", "right")))
    load = draw(st.sampled_from(("one", "each")))
    return walk(draw(st.sampled_from((1.0, 1.3))), sides=sides, load=load, layers=draw(st.integers(1, 2)))


@st.composite
def tracks(draw: st.DrawFn) -> dict[str, Any]:
    """Fields of a row that say where it runs."""
    kind = draw(st.sampled_from(("ring", "ring", "inset", "line", "arc", "corner", "gaps")))
    if kind == "ring":
        beyond = draw(st.sampled_from(("stop", "carry on")))
        return {"track": {"kind": "ring", "beyond": beyond}, "distance": {"kind": "walk", "walk": draw(walks)}}
    if kind == "line":
        return {"track": {"kind": "line", "lines": draw(st.integers(1, 6)), "angle": draw(st.floats(-90, 90))}}
    if kind == "arc":
        ends = {"start": draw(walks), "end": draw(walks), "bulge": draw(st.floats(-6, 6))}
        return {"track": {"kind": "arc", **ends}, "fit": "count"}
    return {"track": {"kind": kind}, **({"fit": "count"} if kind == "inset" else {})}


@st.composite
def patterned(draw: st.DrawFn) -> Piece:
    rows = [centre(draw(sizes))]
    for k in range(draw(st.integers(1, 4))):
        more = draw(tracks())
        if more["track"]["kind"] == "ring":
            more["trims"] = draw(st.lists(trims(), max_size=2))
        rows.append(row(f"r{k}", draw(sizes), **more))
    bare = samples.piece(diameter=120, segments=draw(st.sampled_from((6, 8, 12)))).model_dump(mode="json")
    given = draw(st.sampled_from(BLANKS))
    return patterns.read({**bare, "blank": {**bare["blank"], **given.get("blank", {})}, "rows": rows})


class AnyPatternTest(FernTestCase):
    @settings(max_examples=40)
    @given(patterned())
    def test_it_is_solved_with_whole_columns(self, sample: Piece) -> None:
        found = plan(sample)
        dots = found.dots
        columns = (dots.x, dots.y, dots.z, dots.radius, dots.row, dots.shade, dots.level, dots.below)
        self.assertEqual({len(column) for column in columns}, {len(dots)})
        self.assertTrue(all(np.isfinite(column).all() for column in columns))
        self.assertTrue((dots.radius > 0).all())
        self.assertTrue((dots.below <= np.arange(len(dots))).all())
        self.assertTrue((dots.level[dots.level > 1] == dots.level[dots.below[dots.level > 1]] + 1).all())

    @settings(max_examples=40)
    @given(patterned())
    def test_again_it_is_the_same(self, sample: Piece) -> None:
        again = Piece.model_validate_json(sample.model_dump_json())
        self.assertEqual(plan_bytes(plan(sample)), plan_bytes(plan(again)))

    @settings(max_examples=40)
    @given(patterned())
    def test_dots_that_share_space_are_named(self, sample: Piece) -> None:
        """By brute force over all pairs that do not stand on one another."""
        found = plan(sample)
        if worst(found) < -0.01:
            serious = {verdict.code for verdict in found.verdicts if verdict.severity == "serious"}
            self.assertTrue(serious, "dots overlap, and nothing is said")

    @settings(max_examples=15)
    @given(patterned())
    def test_every_remedy_mends_and_brings_nothing_as_bad(self, sample: Piece) -> None:
        found = plan(sample)
        serious = {one.key for one in found.verdicts if one.severity == "serious"}
        for verdict in found.verdicts[:6]:
            for remedy in remedies(sample, verdict.key):
                if remedy.changes:
                    after = plan(changed(sample, remedy.changes)).verdicts
                    self.assertNotIn(verdict.key, [one.key for one in after], remedy.label)
                    self.assertLessEqual({one.key for one in after if one.severity == "serious"}, serious)

    @settings(max_examples=20)
    @given(patterned(), st.floats(-180, 180))
    def test_turning_the_piece_turns_its_dots(self, sample: Piece, turn: float) -> None:
        """On a round blank rings turn with the first spoke, every dot about the centre."""
        if sample.blank.outline.kind != "round" or any(r.track.kind != "ring" for r in sample.rows[1:]):
            return
        straight, other = plan(sample).dots, plan(sample.model_copy(update={"turn": turn})).dots
        self.assertEqual(len(straight), len(other))
        c, s = np.cos(np.deg2rad(turn)), np.sin(np.deg2rad(turn))
        turned = np.stack((c * straight.x - s * straight.y, s * straight.x + c * straight.y), axis=1)
        np.testing.assert_allclose(turned, np.stack((other.x, other.y), axis=1), atol=1e-5)


def worst(found: Plan) -> float:
    """The least clearance of two dots that do not stand one on the other (mm)."""
    dots = found.dots
    low = np.flatnonzero((dots.level == 1) & dots.painted)
    if len(low) < 2 or len(low) > 1500:
        return 0.0
    return float(clearances(dots.take(low)).min())


class ErrorTest(FernTestCase):
    @settings(max_examples=15)
    @given(patterned(), st.integers(0, 5), st.integers(0, 5))
    def test_what_fits_answers_or_says_why_not(self, sample: Piece, row_index: int, trim: int) -> None:
        for asked in (lambda: what_fits(sample, row_index), lambda: trim_fits(sample, row_index, trim)):
            try:
                self.assertTrue(all(one.changes for one in asked() if not one.current))
            except FernError as refused:
                self.assertGreater(len(refused.message), 15)
