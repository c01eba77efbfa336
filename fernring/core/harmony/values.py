"""Light and dark: pale rows on pale ones, dark on dark, and pieces of one value. The limits are a judgement."""

from collections.abc import Iterator
from itertools import pairwise

from ..advice.verdict import Remedy, Verdict, each
from ..colour.difference import apart
from ..document.changes import change
from ..document.names import fresh_id
from ..document.shelf import RampShade
from ..errors import FitError
from ..proposals.row_below import row_below
from .palette_of import best_paints, in_shades, paint_said
from .report import ColourReport, RowColour

PALE, DARK = 80.0, 30.0  # L*
CLEAR, LEAST = 12.0, 5.0  # CIEDE2000; below the second the plan's own verdict speaks
FLAT = 10.0  # L*
FEW_ROWS = 4


def value_findings(report: ColourReport) -> Iterator[Verdict]:
    for place, (one, other) in enumerate(pairwise(report.rows)):
        close = one.from_next is not None and LEAST <= one.from_next < CLEAR
        both = "pale" if min(one.value, other.value) > PALE else "dark" if max(one.value, other.value) < DARK else ""
        if close and both:
            yield _alike(report, place, one, other, both)
    values = [one.value for one in report.rows]
    if len(values) >= FEW_ROWS and max(values) - min(values) < FLAT:
        text = (
            f"All rows have about the same value (L* {min(values):.0f} to {max(values):.0f}): seen from far or in grey "
            "the pattern is lost. Make every second or third row clearly lighter or darker."
        )
        yield Verdict("one value", "one value", "note", text, tuple(one.row for one in report.rows))


def _alike(report: ColourReport, place: int, one: RowColour, other: RowColour, both: str) -> Verdict:
    solved = report.solved
    names = [
        solved.name(row).capitalize() if k == 0 else solved.name(row) for k, row in enumerate((one.row, other.row))
    ]
    text = (
        f"{both.capitalize()} on {both}: {names[0]} and {names[1]} stand {one.from_next:.0f} apart (wanted {CLEAR:g}), "
        "and run together from a step away."
    )
    around = [c for row in _beside(report, place) for c in _colours(report, row)]
    ways = (
        *best_paints(solved, other.row, around, CLEAR),
        *_step(report, one.row, other.row),
        *_swap(report, place),
        *_between(report, one.row, other.row),
    )
    ids = [solved.piece.rows[row].id for row in (one.row, other.row)]
    return Verdict(f"{both} on {both}", ":".join((both, *ids)), "note", text, (one.row, other.row), (), each(*ways))


def _beside(report: ColourReport, place: int) -> list[int]:
    """The rows before and after the second of a pair."""
    return [report.rows[k].row for k in (place, place + 2) if k < len(report.rows)]


def _colours(report: ColourReport, row: int) -> list[str]:
    """What the row's own dots are painted in."""
    palette = report.solved.palette
    return [palette.shades[palette.index(shade)].colour for shade in report.solved.piece.rows[row].shades]


def _step(report: ColourReport, one: int, other: int) -> tuple[Remedy, ...]:
    """A row in one step of a ramp, a step or two further from the row before it."""
    solved = report.solved
    shades = solved.piece.rows[other].shades
    shade = shades[0]
    if len(shades) > 1 or not isinstance(shade, RampShade):
        return ()
    run = solved.palette.ramps[shade.ramp]
    away = apart(run, _colours(report, one)).min(axis=1)
    for by, word in ((-1, "one step"), (1, "one step"), (-2, "two steps"), (2, "two steps")):
        step = shade.step + by
        if 1 <= step <= len(run) and away[step - 1] >= CLEAR:
            label = f"Take it {word} {'back' if by < 0 else 'on'} along its ramp"
            return in_shades(solved, other, [{"kind": "ramp", "ramp": shade.ramp, "step": step}], label)
    return ()


def _swap(report: ColourReport, place: int) -> tuple[Remedy, ...]:
    """The second of the pair and the row after it change their shades, where all three then stand apart."""
    if place + 2 >= len(report.rows):
        return ()
    solved, rows = report.solved, [report.rows[place + k].row for k in range(3)]
    if any(solved.piece.rows[row].painted is not None for row in rows[1:]):
        return ()
    one, two, three = (_colours(report, row) for row in rows)
    if min(float(apart(one, three).min()), float(apart(three, two).min())) < CLEAR:
        return ()
    shades = [[shade.model_dump(mode="json") for shade in solved.piece.rows[row].shades] for row in rows[1:]]
    first, second = in_shades(solved, rows[1], shades[1], ""), in_shades(solved, rows[2], shades[0], "")
    label = f"Swap its shades with {solved.name(rows[2])}"
    return (Remedy(label, (*first[0].changes, *second[0].changes)),)


def _between(report: ColourReport, one: int, other: int) -> tuple[Remedy, ...]:
    """One more row that fits between the two, in the paint of the piece that stands out best from both and the base."""
    solved, piece = report.solved, report.solved.piece
    if other != one + 1 or any(row.painted is not None for row in piece.rows):
        return ()
    colours = [*_colours(report, one), *_colours(report, other), piece.blank.base.colour]
    away = apart([paint.colour for paint in piece.paints], colours).min(axis=1)
    paint = piece.paints[int(away.argmax())]
    if away.max() < CLEAR:
        return ()
    try:
        row = row_below(piece, one, harmless=True)
    except FitError:  # none fits there
        return ()
    rows = [each.model_dump(mode="json") for each in piece.rows]
    ident = fresh_id("row", [each.id for each in piece.rows])
    rows.insert(other, {**row.model_dump(mode="json"), "id": ident, "shades": [paint_said(paint.id)]})
    return (
        Remedy(f"A row of {paint.name} between {solved.name(one)} and {solved.name(other)}", (change("rows", rows),)),
    )
