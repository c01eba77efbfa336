"""The booklet as a whole: facts, tools by measured size, shades, and a step for each row."""

from dataclasses import dataclass

import numpy as np

from ...core.solved import Solved
from ...core.words.areas import area_words
from ...core.words.blank import size
from ...core.words.lengths import Units, length, mm, said
from ...core.words.motifs import stands
from ...core.words.rows import heading, sentences
from ..drawing import Drawing
from ..picture import picture
from .diagram import diagram

OTHER_TOOLS = (
    "Sizes are diameters of the dots as measured, not of the tools. Make a practice row with yours and take the one "
    "whose dots come nearest."
)
CAUTION = (
    "Ventilation, gloves, masks and drying times: follow the paint's and the finish's own label and safety data sheet."
)


@dataclass(frozen=True)
class Step:
    heading: str
    sentences: tuple[str, ...]
    drawing: Drawing


@dataclass(frozen=True)
class Tint:
    """A shade: its name, its colour, and the marks of the rows that use it."""

    name: str
    colour: str
    rows: str


@dataclass(frozen=True)
class Booklet:
    """Everything in the reader's words and units. `tools` holds measured sizes, the tools and the rows they are for."""

    title: str
    intro: str
    picture: Drawing
    facts: tuple[tuple[str, str], ...]
    tools: tuple[tuple[str, str, str], ...]
    tints: tuple[Tint, ...]
    steps: tuple[Step, ...]
    foot: str


def booklet(solved: Solved, units: Units, revision: str, date: str) -> Booklet:
    """The written pattern of a piece, its lengths in the reader's unit."""
    piece = solved.piece
    steps = tuple(
        Step(
            said(heading(solved, k), units),
            tuple(said(sentence, units) for sentence in sentences(solved, k)),
            diagram(solved, k),
        )
        for k in range(len(piece.rows))
    )
    rows = sum(1 for row in solved.rows if row.n)
    blank = said(size(piece.blank), units)
    dots = int(solved.dots.painted.sum())
    many = f"{dots} dots in {rows} row{'' if rows == 1 else 's'}"
    intro = f"{piece.name}: {many} on a blank of {blank}, divided into {piece.segments} segments."
    foot = ", ".join(part for part in (piece.name, revision, date) if part)
    return Booklet(
        piece.name, intro, picture(solved), _facts(solved, units), _tools(solved, units), _tints(solved), steps, foot
    )


def _facts(solved: Solved, units: Units) -> tuple[tuple[str, str], ...]:
    piece = solved.piece
    blank = piece.blank
    facts = [
        ("Blank", f"{said(size(blank), units)}, {blank.material}"),
        ("Base coat", blank.base.name),
        ("Segments", f"{piece.segments}, the first spoke {piece.turn:g}° from the top"),
        ("Border kept clear", length(blank.border, units)),
        ("Outermost painted edge", said(f"{mm(solved.edge)} from the centre", units)),
        *((f"Area “{area.name}”", said(area_words(piece, area), units)) for area in piece.bare),
        *((f"Motif “{motif.name}”", said(stands(motif), units)) for motif in piece.motifs),
    ]
    return (*facts, ("Notes", piece.notes)) if piece.notes else tuple(facts)


def _tools(solved: Solved, units: Units) -> tuple[tuple[str, str, str], ...]:
    """Measured sizes, largest first, with the rows and the tool that made them here."""
    dots = solved.dots
    made = {dot: tool.name for tool in reversed(solved.piece.tools) for dot in tool.dots}
    sizes = np.round(2 * dots.radius, 2)
    found = []
    for value in np.unique(sizes[dots.painted])[::-1].tolist():
        rows = sorted(set(dots.row[(sizes == value) & dots.painted].tolist()))
        tool = next((name for dot, name in made.items() if abs(dot - value) < 0.006), "fitted size")
        found.append((length(value, units), tool, ", ".join(solved.marks[k] for k in rows)))
    return tuple(found)


def _tints(solved: Solved) -> tuple[Tint, ...]:
    rows: dict[int, set[int]] = {}
    for shade, row in zip(solved.dots.shade.tolist(), solved.dots.row.tolist(), strict=True):
        rows.setdefault(shade, set()).add(row)
    for mark in solved.marked:
        rows.setdefault(mark.shade, set()).add(mark.row)
    return tuple(
        Tint(shade.name, shade.colour, ", ".join(solved.marks[row] for row in sorted(rows[k])))
        for k, shade in enumerate(solved.palette.shades)
        if k in rows
    )
