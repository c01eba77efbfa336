"""A row in plain sentences; lengths stand in braces, in mm."""

from collections.abc import Iterator

from ...core.advice.verdict import mm
from ...core.colour.shades import Palette
from ...core.document.row import AtAngle, Between, OnLines, Row
from ...core.document.shelf import Shade
from ...core.document.track import ArcTrack, CornerTrack, GapsTrack, InsetTrack, LineTrack
from ...core.document.trim import Size, SwipeTrim, ToContact, ToLength, TopTrim, Trim, WalkTrim
from ...core.rows.placed import PlacedRow
from ...core.solved import Solved

NUMBERS = ("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve")


def heading(solved: Solved, index: int) -> str:
    """ "Row 3: 24 dots of {3}" ..."""
    row, placed = solved.piece.rows[index], solved.rows[index]
    name = solved.name(index)
    label = f" ({row.label})" if row.label else ""
    if not placed.n:
        return f"{name[0].upper()}{name[1:]}{label}: left out"
    sizes = " and ".join(mm(d) for d in dict.fromkeys(placed.diameters))
    count = sum(part.n for part in placed.both)
    form = next((member.form for member in row.pattern if member.shaped), "dot")
    return f"{name[0].upper()}{name[1:]}{label}: {count} {form}{'s' if count != 1 else ''} of {sizes}"


def sentences(solved: Solved, index: int, palette: Palette) -> list[str]:
    """What to do, in the order in which it is done."""
    row, placed = solved.piece.rows[index], solved.rows[index]
    if not placed.n:
        return [f"This row finds no room: {placed.noroom}."]
    tools = {tool.id: tool.name for tool in solved.piece.tools}
    found = [_where(row, placed, solved.piece.segments), *_start(row, placed)]
    found.append(_sizes(row, placed, tools))
    if placed.n > 1 and placed.clear < 1e6 and row.group is None:
        found.append(f"Neighbours stand {mm(placed.clear)} apart.")
    found.append(_shades(list(row.shades), palette, "around the row"))
    if placed.ring_like and placed.n > 4 and placed.n % 4 == 0:
        found.append("Begin with the four quarter points, then the middle of every empty run.")
    for trim in row.trims:
        found += _trim(trim, tools, palette, "each of them" if placed.n > 1 else "it")
    return found


def _where(row: Row, placed: PlacedRow, segments: int) -> str:
    track = row.track
    if track.kind == "centre":
        return "One dot in the middle."
    half = {"front": "", "back": " on the back", "both": " on both halves"}[row.half]
    if isinstance(track, InsetTrack):
        inside = f", {mm(placed.depth)} inside it" if placed.depth is not None else ""
        return f"Along the edge of the blank{inside}, evenly spread."
    if isinstance(track, LineTrack):
        lines = "one straight line" if track.lines == 1 else f"{track.lines} straight lines {mm(track.spacing)} apart"
        return f"Along {lines}, {track.angle:g}° from upright."
    if isinstance(track, ArcTrack):
        mirrored = ", and again mirrored" if track.mirrored else ""
        return f"Along a curve from {mm(track.start)} to {mm(track.end)} from the centre in every segment{mirrored}."
    if isinstance(track, CornerTrack):
        return f"In every corner, {mm(track.inward)} in from the corner of the border."
    if isinstance(track, GapsTrack):
        return f"Into the gaps that are left, each as large as fits: {mm(2 * float(placed.radius.min()))} at the least."
    if track.kind == "path":
        return "Along the line drawn for it."
    share = placed.repeats / segments
    each = f", {_number(int(share))} to each segment" if share == int(share) and share >= 1 else ""
    return f"A ring {mm(placed.walk)} from the centre{half}{each}."


def _start(row: Row, placed: PlacedRow) -> Iterator[str]:
    if row.track.kind not in ("ring", "arc") or placed.n < 2:
        return
    if isinstance(row.start, AtAngle):
        yield f"The first sits {row.start.degrees:g}° clockwise from the top."
    elif isinstance(row.start, OnLines):
        yield "The first sits on a spoke."
    elif isinstance(row.start, Between):
        yield "The first sits midway between two spokes."
    else:
        yield "Each sits in a dip of the row before."


def _sizes(row: Row, placed: PlacedRow, tools: dict[str, str]) -> str:
    parts = []
    for member, size in zip(row.pattern, placed.diameters, strict=False):
        if member.form == "blank":
            parts.append("a place left out")
            continue
        made = f" (here: {tools[member.tool]})" if member.tool in tools else ""
        long = f", {mm(member.extent)} long" if member.shaped else ""
        parts.append(f"{_article(member.form)} {member.form} of {mm(size)}{long}{made}")
    each = f"At every place a {row.group.kind} of dots. " if row.group else ""
    if len(parts) == 1:
        return f"{each}Use {parts[0]}."
    return f"{each}Repeat in this order: {', then '.join(parts)}."


def _shades(shades: list[Shade], palette: Palette, turns: str) -> str:
    names = [palette.shades[palette.index(shade)].name for shade in shades]
    return f"In {names[0]}." if len(names) == 1 else f"In turn {turns}: {', '.join(names)}."


def _trim(trim: Trim, tools: dict[str, str], palette: Palette, host: str) -> Iterator[str]:
    """A trim's own sentences, then those of the trims on it."""
    if isinstance(trim, SwipeTrim):
        yield _swipe(trim, host)
    elif isinstance(trim, WalkTrim):
        yield _walk(trim, tools, host)
    else:
        yield _top(trim, tools, host)
    if trim.shades:
        by_layer = isinstance(trim, WalkTrim) and trim.shading == "by layer"
        turns = "layer by layer" if by_layer else "along it" if isinstance(trim, WalkTrim) else "from below upward"
        yield _shades(list(trim.shades), palette, turns)
    for inner in getattr(trim, "trims", ()):
        yield from _trim(inner, tools, palette, "each of these")


def _top(trim: TopTrim, tools: dict[str, str], host: str) -> str:
    stack = ", on that ".join(_size(size, tools) for size in trim.sizes)
    where = "" if trim.towards == "centred" else f", shifted {trim.towards}"
    return f"When dry, on {host} a smaller dot: {stack}{where}."


def _walk(trim: WalkTrim, tools: dict[str, str], host: str) -> str:
    load = "reloading for each" if trim.load == "each" else "from one load a side, so that they grow smaller"
    count = f"{_number(trim.count)} on a side" if trim.count else "as many as fit"
    sides = "down one side and then the other" if trim.sides == "both" else f"down the {trim.sides} side only"
    begin = "from its foot up" if trim.begin == "foot" else "from its outer point"
    layers = f", {_number(trim.layers)} layers deep" if trim.layers > 1 else ""
    lead = f" after {_number(trim.lead)} in a line outward" if trim.lead else ""
    return f"Walk dots of {_size(trim.size, tools)} round {host}{lead}, {begin} {sides}: {count}, {load}{layers}."


def _swipe(trim: SwipeTrim, host: str) -> str:
    form = {"straight": "straight and thin", "teardrop": "a teardrop"}.get(trim.form, f"a {trim.form}")
    if isinstance(trim.to, ToLength):
        end = f"{mm(trim.to.mm)} long"
    else:
        end = "until it nearly touches" if isinstance(trim.to, ToContact) else f"to {mm(trim.to.walk)} from the centre"
    family = f" Lay {trim.family} side by side, each next one shorter and leaning more." if trim.family > 1 else ""
    return f"While wet, pull {host} {trim.direction} to a tail: {form}, {end}.{family}"


def _size(size: Size, tools: dict[str, str]) -> str:
    if size.share:
        return f"{100 * size.share:.0f} % of the dot below"
    return mm(size.diameter) + (f" ({tools[size.tool]})" if size.tool in tools else "")


def _article(word: str) -> str:
    return "an" if word[0] in "aeiou" else "a"


def _number(value: int) -> str:
    return NUMBERS[value] if value < len(NUMBERS) else str(value)
