"""Rows and trims in words, the same on screen, in tables and in the written pattern. Lengths stand in braces, in mm."""

from collections.abc import Iterator, Mapping, Sequence

from ..document.mirrored import ByAngle
from ..document.piece import Piece
from ..document.row import Row
from ..document.shelf import Shade
from ..document.start import AtAngle, Between, InVee, Offset, OnLines
from ..rows.placed import PlacedRow
from ..rows.tracks import track_of
from ..rows.trims import trim_kind
from ..rows.trims.kind import TrimRule
from ..solved import Solved
from .lengths import mm
from .numbers import article, counted, listed

FORMS = {"bow": "little arc"}
LAID = {"under": "Under the dots: draw it before them.", "over": "Over the dots, once they are dry."}
LIES = {"nested": "nested", "walk": "at", "guide": "circle", "edge": "edge"}


def track_words(row: Row) -> str:
    """Where the row runs, and what stands at each of its places when it is more than a dot."""
    word = track_of(row.track).word
    return word if row.group is None else f"{word}, each a {row.group.kind}"


def trim_words(row: Row) -> list[str]:
    """Each trim in a few words, as the trims stand on the sheet."""
    return [trim_kind(trim).brief(trim) for trim in row.all_trims]


def made_with(row: Row, piece: Piece) -> str:
    """The tools of its dots by name, each once."""
    names = {tool.id: tool.name for tool in piece.tools}
    return ", ".join(dict.fromkeys(names.get(member.tool or "", "any tool") for member in row.pattern))


def begins(row: Row) -> str:
    """Where its dots begin, in two or three words; for rows that do not run round the centre, where they run."""
    kind = track_of(row.track)
    if not kind.round or kind.central:
        return kind.word
    if isinstance(row.start, AtAngle):
        return f"at {row.start.degrees:g}°"
    return "in dips" if isinstance(row.start, Offset) else row.start.kind


def lies(row: Row, placed: PlacedRow) -> str:
    """How far from the centre it lies and by which rule, in a few words."""
    if placed.noroom:
        return "no room"
    if placed.depth is not None:
        return f"in {mm(placed.depth)}"
    if not track_of(row.track).distances:
        return mm(placed.walk)
    if placed.remainder is not None:
        return f"meet {mm(placed.walk)}"
    rule = "fit" if row.fit == "distance" else LIES[row.distance.kind]
    return f"{rule} {mm(placed.walk)}"


def trims_in_a_line(trims: Sequence[TrimRule]) -> str:
    """All trims in their order; those on another trim follow it in brackets."""
    return "; ".join(
        trim_kind(trim).brief(trim) + (f" ({trims_in_a_line(trim.carried)})" if trim.carried else "") for trim in trims
    )


def heading(solved: Solved, index: int) -> str:
    """ "Row 3: 24 dots of {3}" ..."""
    row, placed = solved.rules[index], solved.rows[index]
    name = solved.name(index)
    label = f" ({row.label})" if row.label else ""
    if not placed.n:
        return f"{name[0].upper()}{name[1:]}{label}: left out"
    sizes = _asked(placed) if track_of(row.track).sized else _found(placed)
    if row.drawn:
        return f"{name[0].upper()}{name[1:]}{label}: a line {sizes} wide"
    count = sum(part.n for part in placed.both)
    plain = "swipe" if track_of(row.track).swept else "dot"
    form = next((FORMS.get(member.form, member.form) for member in row.pattern if member.shaped), plain)
    return f"{name[0].upper()}{name[1:]}{label}: {count} {form}{'s' if count != 1 else ''} of {sizes}"


def sentences(solved: Solved, index: int) -> list[str]:
    """What to do, in the order in which it is done."""
    row, placed = solved.rules[index], solved.rows[index]
    if not placed.n:
        return [f"This row finds no room: {placed.noroom}."]
    tools = {tool.id: tool.name for tool in solved.piece.tools}
    kind = track_of(row.track)
    found = []
    if motif := solved.piece.motif_of(row):
        places = len(solved.context.motifs[motif.id].all)
        found.append(f"Part of the motif “{motif.name}”, at {counted(places)} {'place' if places == 1 else 'places'}.")
    found.append(kind.sentence(row, placed.one, solved.piece))
    if row.laid != "beside":
        found.append(LAID[row.laid])
    if placed.one.n > 1 and "angle" in kind.starts and not row.drawn:
        found.append(_start(row))
    if placed.remainder is not None:
        found.append(f"Its petals just meet; {mm(placed.remainder)} is left to what lies inside.")
    if row.copies > 1:
        found.append(_pairs(row))
    if kind.sized and not kind.packed:
        found.append(_sizes(row, placed, tools))
    if placed.n > 1 and placed.clear < 1e6 and row.group is None:
        found.append(f"Neighbours stand {'at least ' if kind.fills else ''}{mm(placed.clear)} apart.")
    found += _row_shades(solved, row, kind.shades_go(row.track))
    if kind.fills and len(row.shades) > 1:
        found.append("Finish each shade before the next is mixed.")
    if placed.one.ring_like and not row.drawn and placed.one.n > 4 and placed.one.n % 4 == 0:
        found.append("Begin with the four quarter points, then the middle of every empty run.")
    for trim in row.trims:
        found += _trim(solved, trim, tools, "each of them" if placed.n > 1 else "it")
    return found


def _asked(placed: PlacedRow) -> str:
    return listed([mm(size) for size in dict.fromkeys(placed.diameters)])


def _found(placed: PlacedRow) -> str:
    """Of a row that chooses its sizes: the smallest and the largest."""
    sizes = [size for part in placed.both for size in part.own_sizes]
    return " to ".join(mm(size) for size in sorted({min(sizes), max(sizes)}))


def _start(row: Row) -> str:
    if isinstance(row.start, AtAngle):
        return f"The first sits {row.start.degrees:g}° clockwise from the top."
    if isinstance(row.start, OnLines):
        return "The first sits on a spoke."
    if isinstance(row.start, Between):
        return "The first sits midway between two spokes."
    if isinstance(row.start, InVee):
        return "Each sits in the V between two petals, touching both."
    return "Each sits in a dip of the row before."


def _pairs(row: Row) -> str:
    assert row.mirrored is not None
    far = f"{row.mirrored.degrees:g}°" if isinstance(row.mirrored, ByAngle) else mm(row.mirrored.mm)
    return f"Everything twice, {far} to either side of its line, the second the mirror image of the first."


def _sizes(row: Row, placed: PlacedRow, tools: Mapping[str, str]) -> str:
    parts = []
    for member, size in zip(row.pattern, placed.diameters, strict=False):
        if member.form == "blank":
            parts.append("a place left out")
            continue
        made = f" (here: {tools[member.tool]})" if member.tool else ""
        form = FORMS.get(member.form, member.form)
        long = f", {mm(member.extent)} long" if member.shaped and member.form not in ("crystal", "line") else ""
        slant = f", slanted by {member.slant:g}°" if member.slant else ""
        parts.append(f"{article(form)} of {mm(size)}{long}{slant}{made}")
    each = f"At every place a {row.group.kind} of dots. " if row.group else ""
    if len(parts) == 1:
        return f"{each}Use {parts[0]}."
    return f"{each}Repeat in this order: {', then '.join(parts)}."


def _row_shades(solved: Solved, row: Row, go: str) -> Iterator[str]:
    """The shades of a row, but for members that have one of their own."""
    dots = [member for member in row.pattern if member.form != "blank"]
    own = [f"{mm(one.diameter)} in {solved.palette.named(one.shade)}" for one in dots if one.shade]
    if len(own) < len(dots):
        yield _shades(solved, row.shades, go)
    if own:
        whose = "a shade of its own" if len(own) == 1 else "shades of their own"
        yield f"In {whose}: {', '.join(own)}."


def _shades(solved: Solved, shades: Sequence[Shade], go: str) -> str:
    names = [solved.palette.named(shade) for shade in shades]
    return f"In {names[0]}." if len(names) == 1 else f"{go}: {', '.join(names)}."


def _trim(solved: Solved, trim: TrimRule, tools: Mapping[str, str], host: str) -> Iterator[str]:
    """A trim's own sentences, then those of the trims on it."""
    kind = trim_kind(trim)
    yield kind.sentence(trim, tools, host)
    if trim.shades:
        yield _shades(solved, trim.shades, f"In turn {kind.turns(trim)}")
    for one in trim.table:
        yield f"On {solved.palette.named(one.below)}, {solved.palette.named(one.shade)}."
    if trim.skips:
        yield "Never the shade of the dot below: then the next."
    for name, shades, turns in kind.parts(trim):
        text = _shades(solved, shades, f"In turn {turns}")
        yield f"{name} {text[0].lower()}{text[1:]}"
    for inner in trim.carried:
        yield from _trim(solved, inner, tools, "each of these")
