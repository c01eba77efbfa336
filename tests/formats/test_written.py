"""The written pattern: sentences another could paint from, in their own units, as HTML and PDF."""

import re
from html.parser import HTMLParser

import numpy as np
import pypdfium2

from fernring.core.document.count import Absolute
from fernring.core.document.member import Member
from fernring.core.document.row import Row
from fernring.core.rows.tracks.gaps import MOST_SAID
from fernring.core.solved import Solved, solve_piece
from fernring.core.words.lengths import length, said
from fernring.core.words.rows import heading, sentences
from fernring.formats.drawing import Area, Discs, Outlines, Path
from fernring.formats.written.booklet import Booklet, booklet
from fernring.formats.written.diagram import diagram
from fernring.formats.written.html import booklet_html
from fernring.formats.written.pdf import booklet_pdf
from tests import patterns, samples
from tests.assertions import FernTestCase


def _bare(row: Row) -> tuple[Member, ...]:
    """The members of a row without their tools."""
    return tuple(member.model_copy(update={"tool": None}) for member in row.pattern)


def book(pattern: str = "", units: str = "mm", **more: object) -> Booklet:
    sample = patterns.piece(pattern) if pattern else samples.five_rows()
    return booklet(solve_piece(sample.model_copy(update=more)), units, "revision 3", "1 January 2030")  # type: ignore[arg-type]


class Outline(HTMLParser):
    """Headings, texts and whatever the page would fetch."""

    def __init__(self, page: str) -> None:
        super().__init__()
        self.tags: list[str] = []
        self.fetched: list[str] = []
        self.texts: list[str] = []
        self.feed(page)

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        self.tags.append(tag)
        self.fetched += [str(value) for key, value in attrs if key in ("src", "href", "srcset", "action")]

    def handle_data(self, data: str) -> None:
        self.texts.append(data)


class SentenceTest(FernTestCase):
    def text(self, name: str, step: int = -1, units: str = "mm") -> str:
        found = book(name, units).steps[step]
        return " ".join((found.heading, *found.sentences))

    def test_a_ring_says_where_how_many_and_what(self) -> None:
        text = self.text("", 1)
        for words in ("Row 1: 12 dots of 2 mm", "one to each segment", "dip of the row before", "2 mm", "In Pale"):
            self.assertIn(words, text)

    def test_lengths_follow_the_reader_s_unit(self) -> None:
        self.assertIn("dots of 0.079 in", self.text("", 1, "inch"))
        self.assertIn("dots of 0.2 cm", self.text("", 1, "cm"))
        self.assertEqual(said("{25.4} by {0}", "inch"), "1 in by 0 in")
        self.assertEqual(length(-0.0001, "mm"), "0 mm")

    def test_every_kind_of_row_and_trim_has_its_sentences(self) -> None:
        for name, words in (
            ("petals", "Walk dots of 1.5 mm"),
            ("pinwheel", "down the right side only"),
            ("slim petals", "after two in a line outward"),
            ("top dots", "When dry, on"),
            ("teardrops", "While wet, pull"),
            ("along the edge, three deep", "Along the edge of the blank"),
            ("lines of dots", "straight line"),
            ("scallops", "Along a curve from"),
            ("corner groups", "In every corner"),
            ("gap dots", "Into the gaps that are left"),
        ):
            with self.subTest(name):
                whole = " ".join(" ".join(step.sentences) for step in book(name).steps)
                self.assertIn(words, whole)

    def test_no_sentence_of_any_sample_is_left_with_braces_or_unnamed_things(self) -> None:
        for name in patterns.PIECES:
            with self.subTest(name):
                for step in book(name).steps:
                    text = " ".join((step.heading, *step.sentences))
                    self.assertIsNone(re.search(r"[{}]|None|nan|inf\b", text), text)
                    self.assertTrue(all(sentence.endswith(".") for sentence in step.sentences), step.sentences)
                    self.assertTrue(step.drawing.primitives)

    def test_motifs_say_where_they_stand_and_lines_what_they_are(self) -> None:
        solved = solve_piece(patterns.piece("flowers round a mandala"))
        self.assertIn(
            ("Motif “Flower”", "six places 32 mm from the centre, the first on the first spoke"),
            booklet(solved, "mm", "", "").facts,
        )
        text = " ".join(sentences(solved, 3))
        self.assertRegex(text, r"^Part of the motif “Flower”, at six places. A ring \{6\} from its centre, one to each")
        lines = solve_piece(patterns.piece("a lattice under the dots and one over them"))
        self.assertEqual(heading(lines, 1), "Row 2: a line {0.8} wide")
        self.assertIn("Under the dots: draw it before them.", sentences(lines, 1))
        self.assertIn("Over the dots, once they are dry.", sentences(lines, 2))
        ticks = solve_piece(patterns.piece("curls, waves, little arcs, ticks and crystals"))
        self.assertEqual(heading(ticks, 3), "Row 3: 12 little arcs of {0.8}")
        self.assertTrue(any("slanted by 30°" in one for one in sentences(ticks, 4)))
        self.assertTrue(any(one == "Use a crystal of {3.5}." for one in sentences(ticks, 5)))

    def test_a_fill_is_written_as_its_area_sizes_counts_and_shades(self) -> None:
        area = {"id": "m", "name": "Moon", "area": {"kind": "disc", "diameter": 24.0}, "rows": "go on"}
        shades = tuple(samples.paint(one) for one in ("pale", "teal"))
        track = {"kind": "fill", "where": "round", "areas": ("m",), "shading": "from what lies in it"}
        fill = samples.row("f", 3.5, 2.0, track=track, shades=shades)
        edge = samples.row("e", 1.5, track={"kind": "edge", "areas": ("m",), "side": "inside"})
        solved = solve_piece(samples.piece(edge, fill, bare=(area,)))
        large, small = (int((2 * solved.rows[1].own_dots.radius == size).sum()) for size in (3.5, 2.0))
        self.assertEqual(sentences(solved, 0)[0], "Along the edge of “Moon”, inside it.")
        self.assertEqual(heading(solved, 1), f"Row 2: {large + small} dots of {{3.5}} and {{2}}")
        tools = [next(tool.name for tool in samples.tools() if size in tool.dots) for size in (3.5, 2.0)]
        self.assertEqual(
            sentences(solved, 1),
            [
                f"Fill what lies round “Moon”, the largest first: {large} of {{3.5}} (here: {tools[0]}), "
                f"{small} of {{2}} (here: {tools[1]}).",
                "Neighbours stand at least {0.4} apart.",
                "Shades from what lies in it, in bands of equal paint: Pale, Teal.",
                "Finish each shade before the next is mixed.",
            ],
        )
        free = solve_piece(samples.piece(samples.row("f", 4.0, track={"kind": "fill"})))
        self.assertRegex(sentences(free, 0)[0], "^Fill all that is left inside the border, the largest first: ")

    def test_dots_in_gaps_are_told_as_large_as_they_are(self) -> None:
        piece = patterns.piece("gap dots")
        k = next(k for k, row in enumerate(piece.rows) if row.track.kind == "gaps")
        rows = tuple(row.model_copy(update={"pattern": _bare(row)}) for row in piece.rows)
        for solved in (solve_piece(piece), solve_piece(piece.model_copy(update={"rows": rows, "tools": ()}))):
            sizes = solved.rows[k].own_sizes
            self.assertEqual(sum(sizes.values()), solved.rows[k].n)
            self.assertGreater(len(sizes), 1)
            self.assertIn(f"{{{min(sizes):g}}} to {{{max(sizes):g}}}", heading(solved, k))
            told = re.findall(r"(\d+) of \{([\d.]+)\}", sentences(solved, k)[0])
            self.assertEqual({float(size): int(many) for many, size in told}, sizes if len(sizes) <= MOST_SAID else {})

    def test_members_with_a_shade_of_their_own_are_told(self) -> None:
        row = samples.row("a", 4.0, 2.0, count={"kind": "absolute", "repeats": 6})
        own = row.pattern[1].model_copy(update={"shade": samples.paint("teal")})
        mixed = row.model_copy(update={"pattern": (row.pattern[0], own)})
        text = " ".join(sentences(solve_piece(samples.piece(mixed)), 0))
        self.assertIn("In Pale. In a shade of its own: {2} in Teal.", text)
        alone = mixed.model_copy(update={"pattern": (own,)})
        self.assertNotIn("Pale", " ".join(sentences(solve_piece(samples.piece(alone)), 0)))

    def test_tools_are_told_by_measured_size_with_their_rows(self) -> None:
        found = book()
        self.assertEqual(found.tools[0], ("8.9 mm", "Tool 8.9", "C"))
        self.assertEqual([tint.name for tint in found.tints][:2], ["Red", "Pale"])


class PageTest(FernTestCase):
    def test_the_html_page_is_whole_and_asks_for_nothing(self) -> None:
        page = booklet_html(book("petals", name='<b>"Żółw" 🌙 ירח</b>'))
        read = Outline(page)
        self.assertEqual(read.fetched, [])
        self.assertEqual((read.tags.count("h1"), read.tags.count("li"), read.tags.count("script")), (1, 2, 0))
        self.assertNotIn("b", read.tags)
        self.assertIn('<b>"Żółw" 🌙 ירח</b>', read.texts)
        self.assertEqual(read.tags.count("svg"), 3)

    def test_columns_of_its_tables_stand_beside_each_other(self) -> None:
        """Heads stand at a fifth and three fifths of the width; those of the shades at 0.06, 0.44 and 0.64 of it."""
        pages = [page.get_textpage() for page in pypdfium2.PdfDocument(booklet_pdf(book(), "A4"))]

        def left(page: int, words: str) -> float:
            at = pages[page].search(words, match_case=True).get_next()
            assert at
            return float(pages[page].get_charbox(at[0])[0])

        first, made = left(0, "Diameter"), left(0, "Made here with")
        self.assertAlmostEqual((left(0, "Rows") - first) / (made - first), 3, delta=0.05)
        shade, colour = left(1, "Shade Colour"), left(1, "Colour Rows")
        self.assertAlmostEqual((colour - shade) / (left(1, "Rows") - colour), 0.38 / 0.2, delta=0.05)

    def test_the_pdf_reads_as_the_page_does(self) -> None:
        found = book()
        document = pypdfium2.PdfDocument(booklet_pdf(found, "Letter"))
        text = " ".join(" ".join(page.get_textpage().get_text_range() for page in document).split())
        self.assertIn(found.intro, text)
        for step in found.steps:
            self.assertIn(step.heading, text)
            self.assertIn(step.sentences[0], text)
        self.assertIn("revision 3, 1 January 2030", text)
        self.assertIn(f"Page {len(document)}", text)


class DiagramTest(FernTestCase):
    """The small drawing beside each step."""

    def test_the_new_row_is_paint_and_what_is_there_outlines(self) -> None:
        """Of a ring of 12 in 12 segments one dot stands on the segment's line; so does one of every row before."""
        solved = solve_piece(samples.five_rows())
        drawing = diagram(solved, 3)
        discs = [p for p in drawing.primitives if isinstance(p, Discs)]
        self.assertEqual({p.colour for p in discs}, {solved.palette.shades[k].colour for k in self.shades(solved, 3)})
        for k, row in enumerate(solved.rows[:4]):
            shown = [p for p in drawing.primitives if isinstance(p, Discs if k == 3 else Outlines)]
            reach = np.concatenate([np.hypot(p.x, p.y) for p in shown])
            self.assertTrue((np.abs(reach - row.walk) < 1e-6).any(), k)
        later = np.concatenate([np.hypot(p.x, p.y) for p in drawing.primitives if isinstance(p, Discs | Outlines)])
        self.assertLess(float(later.max()), solved.rows[4].walk - 0.5)

    def shades(self, solved: Solved, row: int) -> set[int]:
        return set(solved.dots.shade[solved.dots.row == row].tolist())

    def test_every_row_is_seen_in_its_own_picture(self) -> None:
        """Rows at every second line as well, which a single segment may miss."""
        for name in patterns.PIECES:
            solved = solve_piece(patterns.piece(name))
            for k, row in enumerate(solved.rows):
                painted = [p for p in diagram(solved, k).primitives if isinstance(p, Discs | Area)]
                self.assertEqual(bool(painted), row.n > 0, f"{name}, row {k}")
        sparse = samples.row("s", 6.0, count=Absolute(repeats=6))
        solved = solve_piece(samples.piece(samples.centre(), samples.row("a", 2.0), sparse))
        own = [p for p in diagram(solved, 2).primitives if isinstance(p, Discs)]
        self.assertAlmostEqual(float(np.hypot(own[0].x, own[0].y)[0]), solved.rows[2].walk)

    def test_swipes_that_are_there_are_outlined(self) -> None:
        swipe = {"kind": "swipe", "id": "s", "to": {"kind": "length", "mm": 5.0}}
        swept = samples.row("a", 3.0, trims=(swipe,), shades=(samples.paint("red"),))
        solved = solve_piece(samples.piece(samples.centre(), swept, samples.row("b", 2.0)))
        first, then = ([p for p in diagram(solved, k).primitives if isinstance(p, Area | Path)] for k in (1, 2))
        self.assertEqual([type(p) for p in (*first, *then)], [Area, Path])
        self.assertTrue(np.array_equal(first[0].points, then[0].points))

    def test_it_lies_within_its_frame(self) -> None:
        for name in patterns.PIECES:
            solved = solve_piece(patterns.piece(name))
            for k in range(len(solved.rows)):
                drawing = diagram(solved, k)
                for part in drawing.primitives:
                    if isinstance(part, Discs | Outlines) and len(part.x):
                        with self.subTest(f"{name}, row {k}"):
                            self.assertGreater(float((part.x - part.radius).min()), drawing.left)
                            self.assertLess(float((part.x + part.radius).max()), drawing.left + drawing.width)
                            self.assertGreater(float((part.y - part.radius).min()), drawing.top)
                            self.assertLess(float((part.y + part.radius).max()), drawing.top + drawing.height)

    def test_on_the_whole_blank_every_dot_of_the_row_is_painted(self) -> None:
        solved = solve_piece(patterns.piece("along the edge, three deep"))
        painted = sum(len(p.x) for p in diagram(solved, 2).primitives if isinstance(p, Discs))
        self.assertEqual(painted, solved.rows[2].n)
