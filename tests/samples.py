"""Sample documents for the tests, and generators of them for property tests."""

from typing import Any

from hypothesis import strategies as st

from fernring.core.document.blank import Base, Blank
from fernring.core.document.count import PerSegment
from fernring.core.document.distance import Nested
from fernring.core.document.kit import Tool
from fernring.core.document.member import Member
from fernring.core.document.outline import Round
from fernring.core.document.piece import Piece
from fernring.core.document.row import Row
from fernring.core.document.shelf import Paint, PaintShade, Ramp
from fernring.core.document.start import OnLines
from fernring.core.rows.tracks.centre import CentreTrack

SIZES = (0.8, 1.0, 1.3, 1.5, 2.0, 2.5, 3.0, 3.5, 4.6, 5.7, 6.8, 8.9, 11.0, 13.2)

PALE = Paint(id="pale", name="Pale", colour="#f4efe4")
AMBER = Paint(id="amber", name="Amber", colour="#d9a24a", finish="metallic")
RED = Paint(id="red", name="Red", colour="#b5402e")
TEAL = Paint(id="teal", name="Teal", colour="#2f8f8a", finish="gloss")
NIGHT = Paint(id="night", name="Night", colour="#1c2328")


def tools() -> tuple[Tool, ...]:
    """One tool for each of SIZES."""
    return tuple(Tool(id=f"t-{k}", name=f"Tool {size:g}", tip=size, dots=(size,)) for k, size in enumerate(SIZES))


def paint(ident: str) -> PaintShade:
    return PaintShade(paint=ident)


def row(ident: str, *diameters: float, **more: Any) -> Row:
    """A nested ring of one dot a segment in the dips, unless said otherwise; gap 0.4, pale."""
    by_size = {tool.dots[0]: tool.id for tool in tools()}
    pattern = tuple(Member(id=f"m{k}", diameter=d, tool=by_size.get(d)) for k, d in enumerate(diameters))
    return Row(**{"id": ident, "pattern": pattern, "gap": 0.4, "shades": (paint("pale"),), **more})


def centre(diameter: float = 8.9) -> Row:
    return row("centre", diameter, track=CentreTrack(), start=OnLines(), shades=(paint("red"),))


def piece(*rows: Row, diameter: float = 90, segments: int = 12, border: float = 3, **more: Any) -> Piece:
    """A round flat piece with these rows, in four paints that stand out from a dark base."""
    given = {
        "name": "Sample",
        "blank": Blank(outline=Round(diameter=diameter), border=border, base=Base(name="Dark", colour="#101417")),
        "segments": segments,
        "tools": tools(),
        "paints": (PALE, AMBER, RED, TEAL),
        "rows": rows,
    }
    return Piece(**{**given, **more})


def five_rows() -> Piece:
    """Centre and four nested rows whose shades take turns; nothing to find fault with but space at the edge."""
    return piece(
        centre(),
        row("a", 2.0),
        row("b", 3.0, shades=(paint("amber"),)),
        row("c", 4.6, shades=(paint("teal"),)),
        row("d", 1.5, count=PerSegment(repeats=2), shades=(paint("red"), paint("amber"))),
    )


def ramped() -> Piece:
    """Five rows painted from a ramp."""
    steps = tuple({"kind": "ramp", "ramp": "run", "step": k} for k in range(1, 5))
    rows = [r.model_copy(update={"shades": ()}) for r in five_rows().rows[1:]]
    painted = tuple(
        Row.model_validate({**r.model_dump(), "shades": (step,)}) for r, step in zip(rows, steps, strict=True)
    )
    return piece(centre(), *painted, ramps=(Ramp(id="run", name="Run", stops=("pale", "red"), steps=4),))


def large(rows: int, dots: int, nested: bool = True) -> Piece:
    """A big piece of about `dots` dots in `rows` close rings of 24 segments, for tests of size."""
    per_row = max(24, dots // rows // 24 * 24)
    rings = []
    for k in range(rows):
        walk = 1.35 * per_row / 6.28 + 1.4 * k
        where = {"distance": Nested()} if nested else {"distance": {"kind": "walk", "walk": walk}}
        count = PerSegment(repeats=per_row // 24)
        rings.append(
            row(f"r{k}", 1.0, count=count, gap=0.3, shades=(paint(("pale", "amber", "teal")[k % 3]),), **where)
        )
    return piece(*rings, diameter=1000, segments=24)


def crossing(lines: int) -> Piece:
    """Two rows of straight lines that cross, of about 880 dots a line: for tests of size."""
    track = {"kind": "line", "lines": lines, "spacing": 900 / lines}
    rows = [row(f"l{k}", 0.5, gap=0.5, start=OnLines(), track={**track, "angle": 90.0 * k}) for k in range(2)]
    return piece(*rows, diameter=1000, segments=24)


diameters = st.sampled_from(SIZES)
gaps = st.sampled_from((0.0, 0.1, 0.3, 0.4, 0.8))


@st.composite
def rings(draw: st.DrawFn, ident: str) -> Row:
    """A nested ring of one to three members, with any start, count and gap."""
    sizes = draw(st.lists(diameters, min_size=1, max_size=3))
    start = draw(st.sampled_from(({"kind": "on lines"}, {"kind": "between"}, {"kind": "offset"})))
    spacing = draw(st.sampled_from(("equal angles", "equal gaps")))
    count = PerSegment(repeats=draw(st.integers(1, 3)), segments=draw(st.sampled_from((1, 1, 2, 3))))
    shade = draw(st.sampled_from(("pale", "amber", "teal")))
    return row(ident, *sizes, start=start, spacing=spacing, count=count, gap=draw(gaps), shades=(paint(shade),))


@st.composite
def pieces(draw: st.DrawFn) -> Piece:
    """A piece of nested rows on a blank of any size."""
    rows = [draw(rings(f"r{k}")) for k in range(draw(st.integers(1, 6)))]
    first = [centre(draw(diameters))] if draw(st.booleans()) else []
    return piece(*first, *rows, diameter=draw(st.integers(60, 400)), segments=draw(st.sampled_from((6, 12, 18, 24))))
