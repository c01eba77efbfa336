"""What new things begin with."""

from typing import get_args

from fernring.core.document.blank import Blank, SetCentre
from fernring.core.document.changes import changed
from fernring.core.document.outline import Round
from fernring.core.document.region import Form
from fernring.core.document.relief import Ball, Dome
from fernring.core.document.row import Row
from fernring.core.errors import FitError
from fernring.core.ground.ground import ground
from fernring.core.plan import plan
from fernring.core.proposals import begun
from fernring.core.rows.tracks import TRACKS
from fernring.core.rows.trims import TRIMS, trim_kind
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import AMBER, NIGHT, PALE, centre, piece, row, tools

OUTLINES = ("round", "oval", "square", "rectangle", "polygon", "heart", "cross", "leaf", "spoked")
RELIEFS = ("flat", "dome", "taped dome", "plate", "ball", "egg")


class BegunTest(FernTestCase):
    def test_a_new_piece_paints_with_what_is_not_as_dark_as_its_base(self) -> None:
        found = begun.piece(tools(), (NIGHT, PALE, AMBER))
        self.assertEqual([paint.name for paint in found.paints], ["Pale", "Amber"])
        self.assertEqual(begun.piece(tools(), (NIGHT,)).paints, (NIGHT,))
        self.assertTrue(plan(found).verdicts)

    def test_without_tools_a_trim_begins_with_a_free_size_that_can_be_painted(self) -> None:
        bare = piece(row("a", 0.8, pattern=({"id": "m", "diameter": 0.8},)), tools=())
        for kind in ("walk", "top"):
            after = changed(bare, [begun.trim(bare, 0, kind)])
            for _, size in trim_kind(after.rows[0].trims[0]).sizes(after.rows[0].trims[0]):
                self.assertIsNone(size.tool)
                self.assertTrue(0.2 <= size.diameter <= 0.8, size)

    def test_borders_grow_with_the_size_in_half_millimetres(self) -> None:
        """Common practice, no source."""
        self.assertEqual([begun.border_for(mm) for mm in (20, 90, 100, 200, 900)], [1.5, 3.0, 3.5, 6.5, 12.0])

    def test_every_outline_begins_about_as_wide_as_the_one_before(self) -> None:
        blank = Blank(outline=Round(diameter=90))
        for kind in OUTLINES:
            with self.subTest(kind):
                made = begun.outline(blank, kind)
                self.assertEqual(made.outline.kind, kind)
                self.assertLess(abs(begun.across_mm(made.outline) / 90 - 1), 0.12)
                self.assertGreater(ground(made).limit, 5)
        with self.assertRaisesRegex(FitError, "no outline “blob” to begin with; there are round, oval"):
            begun.outline(blank, "blob")

    def test_an_outline_that_is_not_round_is_no_ball_and_keeps_no_foreign_centre(self) -> None:
        blank = Blank(outline=Round(diameter=90), relief=Ball(), centre=SetCentre(x=3, y=0))
        self.assertEqual(begun.outline(blank, "oval").relief.kind, "flat")
        self.assertEqual(begun.outline(blank, "oval").centre.kind, "middle")
        self.assertEqual(begun.outline(blank, "round").centre, blank.centre)
        domed = Blank(outline=Round(diameter=90), relief=Dome(rise=9))
        self.assertEqual(begun.outline(domed, "oval").relief, domed.relief)

    def test_a_figure_on_the_largest_blank_stays_within_its_bounds(self) -> None:
        points = {"kind": "odd", "x": [-1000.0, 1000.0, 1000.0, -1000.0], "y": [-1000.0, -1000.0, 1000.0, 1000.0]}
        blank = Blank(outline=points, border=1.0)
        for form in get_args(Form):
            found = begun.figure(blank, form)
            self.assertEqual(max(found.across, found.down) > 700, True, form)
            self.assertLessEqual(max(found.across, found.down), 1000.0)

    def test_every_relief_begins_in_proportion(self) -> None:
        for kind in RELIEFS:
            made = begun.relief(Blank(outline=Round(diameter=90), border=3), kind)
            self.assertGreater(ground(made).limit, 30, kind)
        with self.assertRaisesRegex(FitError, "no relief “bowl”"):
            begun.relief(Blank(outline=Round(diameter=90)), "bowl")

    def test_a_row_put_on_every_track_it_can_begin_without_a_file_is_planned(self) -> None:
        of = piece(centre(), row("a", 2.0), row("b", 3.0))
        for kind, track in TRACKS.items():
            if track.from_file:
                continue
            fields = begun.track(of, 2, kind)
            rows = [one.model_dump(mode="json") for one in of.rows]
            again = type(of).model_validate({**of.model_dump(mode="json"), "rows": [*rows[:2], {**rows[2], **fields}]})
            self.assertEqual(again.rows[2].track.kind, kind)
            plan(again)
        with self.assertRaisesRegex(FitError, "no track “zigzag”"):
            begun.track(of, 0, "zigzag")
        with self.assertRaisesRegex(FitError, "has 3 rows; there is no row at place 3"):
            begun.track(of, 3, "ring")

    def test_a_row_keeps_its_form_and_its_centre_where_its_new_track_allows(self) -> None:
        kinds = {kind: track for kind, track in TRACKS.items() if not track.from_file}
        for form, laid in (("line", "over"), ("leaf", "under")):
            of = patterns.with_rows(patterns.shaped("r", 3.0, form, laid=laid))
            for kind, track in kinds.items():
                made = Row.model_validate({**of.rows[0].model_dump(), **begun.track(of, 0, kind)})
                kept = track.drawn if form == "line" else not track.swept
                self.assertEqual((made.pattern[0].form, made.laid), (form, laid) if kept else ("dot", "beside"), kind)
        of = patterns.with_rows(*patterns.flower(), motifs=[patterns.motif()])
        for kind in (kind for kind, track in kinds.items() if not track.centred):
            with self.assertRaisesRegex(FitError, f"motif stands round its own centre.*“{kinds[kind].name}”"):
                begun.track(of, 1, kind)

    def test_every_trim_begins_on_a_row_and_on_another_trim(self) -> None:
        of = piece(centre(), row("a", 8.9, distance={"kind": "walk", "walk": 26.0}))
        for kind in TRIMS:
            first = changed(of, [begun.trim(of, 1, kind)])
            self.assertEqual([trim.kind for trim in first.rows[1].trims], [kind])
            self.assertEqual(self.codes(plan(first)).count("no tool"), 0, kind)
        walked = changed(of, [begun.trim(of, 1, "walk")])
        both = changed(walked, [begun.trim(walked, 1, "top", (0,))])
        inner, outer = both.rows[1].trims[0].carried[0], both.rows[1].trims[0]
        self.assertLess(inner.sizes[0].diameter, outer.size.diameter)
        self.assertNotEqual(inner.id, outer.id)
        with self.assertRaisesRegex(FitError, "no trim number 2 here; there are 1"):
            begun.trim(walked, 1, "top", (1,))
        with self.assertRaisesRegex(FitError, "no trim “fringe”"):
            begun.trim(of, 1, "fringe")
