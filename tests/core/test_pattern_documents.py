"""Documents of the pattern language: every bound has its sentence, and every kind goes out and in unchanged."""

from typing import Any

from fernring.core.document.changes import Change, changed
from fernring.core.document.piece import Piece, used
from fernring.core.document.reading import read_document, read_piece
from fernring.core.errors import DocumentError
from fernring.core.plan import plan
from fernring.core.rows.trims.kind import depth
from fernring.core.rows.trims.top import TopTrim
from fernring.core.rows.trims.walk import WalkTrim
from fernring.formats.piece_json import document_bytes, parse_document
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import at, centre, row, swipe, top, walk


class BoundsTest(FernTestCase):
    def refused(self, field: str, words: str, *rows: dict[str, Any], **more: Any) -> None:
        value = {**patterns.piece("petals").model_dump(mode="json"), **more}
        if rows:
            value["rows"] = [{**one, "trims": patterns.numbered(one.get("trims", ()))} for one in rows]
        with self.assertRaises(DocumentError) as caught:
            read_document(value)
        self.assertRegex(caught.exception.message, words)
        self.assertEqual(caught.exception.field, field)

    def trimmed(self, field: str, words: str, **trim: Any) -> None:
        self.refused(f"rows.0.trims.0.{field}", words, row("a", 5.7, trims=[{**walk(), **trim}]))

    def test_gaps_of_a_row_that_is_not_there(self) -> None:
        track = {"kind": "gaps", "rows": ["gone"]}
        self.refused("", "fills the gaps of “gone”, which the piece does not have", row("g", 2.0, track=track))

    def test_walked_dots(self) -> None:
        self.trimmed("size.diameter", "at least 0.2.*given: 0", size={"diameter": 0})
        self.trimmed("size.share", "at most 1.*given: 1.5", size={"diameter": 2.0, "share": 1.5})
        self.trimmed("layers", "at most 6.*given: 7", layers=7)
        self.trimmed("count", "at least 1.*given: 0", count=0)
        self.trimmed("lead", "at most 4.*given: 5", lead=5)
        self.trimmed("gap", "given: -1", gap=-1)
        self.trimmed("shades", "at least 1", shades=[])

    def test_top_dots_and_swipes(self) -> None:
        high = row("a", 5.7, trims=[top(5.0, 4.0, 3.0, 2.0, 1.0)])
        self.refused("rows.0.trims.0.sizes", "at most 4, and 5 were given", high)
        self.refused("rows.0.trims.0.shift", "at most 1", row("a", 5.7, trims=[top(3.0, shift=2)]))
        for given, field, words in (
            ({"to": {"kind": "length", "mm": 0.1}}, "to.mm", "at least 0.5.*given: 0.1"),
            ({"bend": 180}, "bend", "at most 120.*given: 180"),
            ({"family": 12}, "family", "at most 9.*given: 12"),
            ({"angle": 270}, "angle", "at most 180.*given: 270"),
        ):
            self.refused(f"rows.0.trims.0.{field}", words, row("a", 5.7, trims=[{**swipe(), **given}]))

    def test_too_many_trims_and_unknown_kinds(self) -> None:
        self.refused("rows.0.trims", "at most 8, and 9", row("a", 5.7, trims=[walk()] * 9))
        self.refused("rows.0.trims.0", "walk", row("a", 5.7, trims=[{"kind": "spray"}]))

    def test_tracks(self) -> None:
        for track, field, words in (
            ({"kind": "line", "lines": 500}, "lines", "at most 200.*given: 500"),
            ({"kind": "line", "spacing": 0.1}, "spacing", "at least 0.5.*given: 0.1"),
            ({"kind": "arc", "start": 10, "end": 20, "bulge": 900}, "bulge", "at most 500.*given: 900"),
            ({"kind": "arc", "start": 10, "end": 20, "every": 0}, "every", "at least 1.*given: 0"),
            ({"kind": "path", "lines": [{"x": [0], "y": [0]}]}, "lines.0.x", "at least 2, and"),
            ({"kind": "path", "lines": []}, "lines", "at least 1, and 0 were given"),
            ({"kind": "gaps", "least": 0}, "least", "given: 0"),
        ):
            with self.subTest(track["kind"], field=field):
                self.refused(f"rows.0.track.{field}", words, row("a", 2.0, track=track))
        uneven = {"kind": "path", "lines": [{"x": [0, 1, 2], "y": [0, 1]}]}
        self.refused("rows.0.track.lines.0", "as many x as y; this one has 3 and 2", row("a", 2.0, track=uneven))

    def test_lines_are_alone_and_only_marks_are_laid_under_and_over(self) -> None:
        line = patterns.line("l", 0.8)
        alone = "line throughout is the only mark of its row"
        self.refused("rows.0", alone, {**line, "pattern": [*line["pattern"], {"id": "dot", "diameter": 2.0}]})
        self.refused("rows.0", alone, {**line, "trims": [swipe()]})
        self.refused("rows.0", alone, {**line, "mirrored": {"kind": "angle", "degrees": 3.0}})
        self.refused("rows.0", "o line can be drawn into the gaps", {**line, "track": {"kind": "gaps"}})
        self.refused("rows.0", "nly lines, shapes and crystals may lie under", row("r", 3.0, laid="under"))
        self.refused("rows.0.pattern.0.slant", "at most 90", patterns.shaped("s", 0.8, "stroke", slant=120.0))

    def test_rows_of_motifs(self) -> None:
        given = {"motifs": [patterns.motif()]}
        one = patterns.flower()[1]
        self.refused("", "Row 1 belongs to the motif “flower”, which the piece does not have", one)
        self.refused("", "wo motifs have the same id “flower”", centre(), motifs=given["motifs"] * 2)
        self.refused("motifs", "at most 12, and 13", centre(), motifs=[patterns.motif()] * 13)
        self.refused("rows.0", "runs round its centre, and this one runs", {**one, "track": {"kind": "inset"}}, **given)
        self.refused("rows.0", "stands on the front", {**one, "half": "both"}, **given)
        on_guide = {**one, "distance": {"kind": "guide", "circle": "step-1"}}
        self.refused("rows.0", "a distance of its own, and not on a guide circle", on_guide, **given)
        spots = {"kind": "given", "spots": []}
        self.refused("motifs.0.places.spots", "at least 1", one, motifs=[{**patterns.motif(), "places": spots}])

    def test_bare_areas(self) -> None:
        def bare(**area: Any) -> list[dict[str, Any]]:
            return [{"id": "m", "area": area}]

        self.refused("bare.0.area.diameter", "at most 1000", bare=bare(kind="disc", diameter=4000))
        self.refused(
            "bare.0.area.lines.0.x", "at least 3, and", bare=bare(kind="shape", lines=[{"x": [0, 1], "y": [0, 1]}])
        )
        self.refused(
            "bare.0.area.lines.0",
            "this one has 3 and 4",
            bare=bare(kind="shape", lines=[{"x": [0, 1, 2], "y": [0, 1, 2, 3]}]),
        )
        self.refused("bare.0.area", "disc", bare=bare(kind="cloud"))

    def test_trims_name_paints_that_exist(self) -> None:
        gone = walk(1.5, shades=patterns.shades("gone"))
        self.refused("", "uses the paint “gone”", row("a", 5.7, trims=[gone]))
        self.refused("", "uses the paint “gone”", row("a", 5.7, trims=[top(3.0, trims=[gone])]))


class RoundTripTest(FernTestCase):
    def test_every_sample_out_and_in(self) -> None:
        for name in patterns.PIECES:
            with self.subTest(name):
                sample = patterns.piece(name)
                data = document_bytes(sample)
                self.assertEqual(parse_document(data), sample)
                self.assertEqual(read_piece(sample.model_dump(mode="json")), sample)

    def test_a_hair_line_of_the_base_coat_uses_no_paint_and_is_meant_to_be_lost(self) -> None:
        hair = patterns.shaped(
            "h", 0.8, "stroke", length=4.0, laid="over", distance=at(20.0), shades=[{"kind": "base"}]
        )
        piece = patterns.with_rows(row("r", 4.6, distance=at(20.0)), hair)
        self.assertEqual(used(piece)["paints"], ["pale"])
        found = plan(piece)
        self.assertEqual([verdict.code for verdict in found.verdicts if verdict.severity != "note"], [])
        shade = found.solved.palette.shades[found.solved.marked[0].shade]
        self.assertEqual((shade.name, shade.colour, shade.base), ("Dark", "#101417", True))
        self.assertEqual(parse_document(document_bytes(piece)), piece)

    def test_depth_of_trims(self) -> None:
        found = patterns.read({
            **patterns.piece("petals").model_dump(mode="json"),
            "rows": [row("a", 5.7, trims=[walk(trims=[top(1.0)]), top(3.0)])],
        })  # fmt: skip
        trims = found.rows[0].trims
        self.assertEqual(depth(trims), 2)
        self.assertIsInstance(trims[0], WalkTrim)
        self.assertIsInstance(trims[1], TopTrim)
        self.assertEqual(depth(()), 0)

    def test_changes_reach_into_trims(self) -> None:
        sample = patterns.piece("petals")
        once = changed(sample, [Change(path=("rows", 1, "trims", 0, "layers"), value=1)])
        self.assertEqual(once.rows[1].trims[0].layers, 1)  # type: ignore[union-attr]
        self.assertLess(len(plan(once).dots), len(plan(sample).dots))
        self.assertEqual(changed(once, [Change(path=("rows", 1, "trims", 0, "layers"), value=2)]), sample)
        with self.assertRaisesRegex(DocumentError, "at most 6"):
            changed(sample, [Change(path=("rows", 1, "trims", 0, "layers"), value=60)])

    def test_a_document_of_before_reads_as_it_was(self) -> None:
        """Rows without trims, groups or tracks beyond the ring are written as ever."""
        value = patterns.piece("petals").model_dump(mode="json")
        value["rows"] = [centre(), row("a", 3.0)]
        for gone in ("bare", "guides"):
            value.pop(gone, None)
        found = read_document(value)
        assert isinstance(found, Piece)
        self.assertEqual((found.rows[1].trims, found.bare, found.rows[1].track.kind), ((), (), "ring"))


class UsedTest(FernTestCase):
    def test_what_members_trims_and_ramps_use_cannot_be_left_out(self) -> None:
        """Leaving out anything else gives a document that opens; leaving out what is used does not."""
        for name in ("trims on trims", "stacks in turns", "shades of their own", "petals"):
            piece = patterns.piece(name)
            needed = used(piece)
            for field in ("paints", "tools"):
                for one in getattr(piece, field):
                    rest = [other.model_dump(mode="json") for other in getattr(piece, field) if other.id != one.id]
                    document = {**piece.model_dump(mode="json"), field: rest}
                    if one.id in needed[field]:
                        with self.assertRaises(DocumentError):
                            read_piece(document)
                    else:
                        read_piece(document)
