"""What new things begin with: everything but the size has a good default."""

from collections.abc import Callable, Sequence
from math import pi, sin
from typing import Any

import numpy as np
from pydantic import TypeAdapter

from ..advice.sizes import kit_sizes, trim_size
from ..document.blank import Base, Blank, NamedCentre
from ..document.changes import Change, change
from ..document.kit import Tool
from ..document.names import fresh_id
from ..document.outline import Odd, Outline, Polygon, Round, Spoked, Square
from ..document.piece import Piece
from ..document.region import EndsRegion, Form, FormRegion
from ..document.relief import Ball, Egg, Flat, Plate, Relief
from ..document.row import Row
from ..document.shelf import Paint, PaintShade
from ..document.work import Work
from ..errors import FitError
from ..ground.ground import Ground, ground
from ..regions.ends import ends
from ..regions.forms import proportion
from ..rows.tracks import TRACKS
from ..rows.tracks.kind import TrackKind
from ..rows.trims import TRIMS, Trim, trim_kind
from ..rows.trims.kind import TrimRule
from ..solved import solve_piece
from ..words.lengths import mm
from .asked import require_row
from .starting.colours import accents, by_contrast, covering

USUAL = Work()
FIGURE = 0.4  # of the blank's width
MOST_FIGURE = 1000.0  # mm across and down
FIRST_PAINTS = 6
LEAST_WIDE, MOST_WIDE = 15.0, 1000.0


def piece(tools: Sequence[Tool], paints: Sequence[Paint], work: Work = USUAL) -> Piece:
    """A round blank of 90 mm, with paints that cover, differ most from each other and stand out from its base, to be
    painted in this way."""
    standing = by_contrast(covering(tuple(paints)), Base().colour)
    chosen = accents(standing, FIRST_PAINTS)
    blank = Blank(outline=Round(diameter=90.0), border=border_for(90.0), base=Base())
    kept = tuple(paint for paint in paints if paint in chosen)
    return Piece(name="New piece", blank=blank, tools=tuple(tools), paints=kept, work=work)


def figure(blank: Blank, form: Form) -> FormRegion:
    """A figure in the middle of the blank, two fifths as wide as that, in its own proportion."""
    high = proportion(form, 5)
    across = min(FIGURE * across_mm(blank.outline), MOST_FIGURE, MOST_FIGURE / high)
    return FormRegion(form=form, across=round(across, 1), down=min(round(across * high, 1), MOST_FIGURE))


def ends_of(piece: Piece) -> EndsRegion:
    """What lies beyond the circle of the guides, or beyond the largest circle about the centre. Raises FitError where
    nothing does.
    """
    outline = ground(piece.blank).outline
    widest = 2 * float(np.hypot(*outline.T).min())
    beyond = round(piece.guides.boundary or widest, 1)
    if not ends([outline], beyond / 2):
        raise FitError(f"this blank has no ends or corners beyond a circle of {mm(beyond)} about its centre")
    return EndsRegion(beyond=beyond)


def border_for(across: float) -> float:
    """A border in keeping with the size: a thirtieth of it, 1.5 to 12 mm, in half millimetres."""
    return min(max(round(across / 30 * 2) / 2, 1.5), 12.0)


def bordered(blank: Blank) -> Blank:
    """The blank with a border in keeping with its size."""
    return blank.model_copy(update={"border": border_for(across_mm(blank.outline))})


def across_mm(outline: Outline) -> float:
    """Roughly how wide an outline is (mm): what a change of kind keeps."""
    if isinstance(outline, Round):
        return outline.diameter
    if isinstance(outline, Square):
        return outline.side
    if isinstance(outline, Polygon):
        return outline.side / sin(pi / outline.sides)
    if isinstance(outline, Spoked):
        return 2 * max(outline.distances)
    if isinstance(outline, Odd):
        return max(max(values) - min(values) for values in (outline.x, outline.y))
    return max(outline.length, outline.width)


def outline(blank: Blank, kind: str) -> Blank:
    """Another kind of outline about as large as before. Raises FitError for one that comes from a file, or is unknown.

    Only a round one is a plate, ball or egg, and a centre belongs to its own outline.
    """
    size = round(min(max(across_mm(blank.outline), LEAST_WIDE), MOST_WIDE), 1)

    def part(share: float) -> float:
        return round(max(size * share, 10.0), 1)

    first: dict[str, dict[str, Any]] = {
        "round": {"diameter": size},
        "oval": {"length": size, "width": part(0.65)},
        "square": {"side": size},
        "rectangle": {"length": size, "width": part(0.7)},
        "polygon": {"sides": 6, "side": part(0.5)},
        "heart": {"length": part(0.9), "width": size},
        "cross": {"length": size, "width": part(0.8), "arm": part(0.3)},
        "leaf": {"length": size, "width": part(0.5)},
        "spoked": {"distances": [part(0.5)] * 12, "between": "smooth"},
    }
    if kind not in first:
        raise FitError(f"There is no outline “{kind}” to begin with; there are {', '.join(first)}.", "kind")
    made: Outline = TypeAdapter(Outline).validate_python({"kind": kind, **first[kind]})
    closed = isinstance(blank.relief, Plate | Ball | Egg) and not isinstance(made, Round)
    same = type(made) is type(blank.outline)
    return bordered(
        blank.model_copy(
            update={
                "outline": made,
                "relief": Flat() if closed else blank.relief,
                "centre": blank.centre if same else NamedCentre(),
            }
        )
    )


def relief(blank: Blank, kind: str) -> Blank:
    """Another kind of relief in proportion. Raises FitError when there is none of that name."""
    across = across_mm(blank.outline)

    def part(share: float) -> float:
        return round(across * share, 1)

    first: dict[str, dict[str, Any]] = {
        "flat": {},
        "dome": {"rise": part(0.14)},
        "taped dome": {"tape": part(1.05)},
        "plate": {"well": part(0.62), "rise": part(0.07)},
        "ball": {},
        "egg": {"length": part(1.35), "widest": part(0.6)},
    }
    if kind not in first:
        raise FitError(f"There is no relief “{kind}”; there are {', '.join(first)}.", "kind")
    made: Relief = TypeAdapter(Relief).validate_python({"kind": kind, **first[kind]})
    return blank.model_copy(update={"relief": made})


def on_track(
    of: Piece, onto: TrackKind, walk: float, rim: float, ground: Ground, area: str | None = None, where: str = ""
) -> dict[str, Any]:
    """What changes in a row on another track. One that is about areas begins with the `area` that is asked for, `where`
    there; else with the last one of the piece, and where that is filled inside already, round it.
    """
    first = onto.begin(walk, rim, ground)
    if area is not None:
        return {**first, "track": {**first["track"], "areas": [area], **({"where": where} if where else {})}}
    if onto.own_areas and of.bare:
        last = of.bare[-1].id
        inside = any(
            getattr(row.track, "where", "") == "inside" and last in getattr(row.track, "areas", ()) for row in of.rows
        )
        round_it = {"where": "round"} if inside and "where" in onto.model.model_fields else {}
        first = {**first, "track": {**first["track"], **round_it, "areas": [last]}}
    return first


def track(of: Piece, index: int, kind: str) -> dict[str, Any]:
    """The fields of a row that change when it is put on another kind of track, whole.

    Raises FitError when there is no such row or kind, or when the row is a motif's and does not run so round a centre.
    """
    require_row(of, index)
    if kind not in TRACKS:
        raise FitError(f"There is no track “{kind}”; there are {', '.join(TRACKS)}.", "kind")
    rule, onto = of.rows[index], TRACKS[kind]
    if rule.motif is not None and not onto.centred:
        raise FitError(f"A row of a motif stands round its own centre; the track “{onto.name}” has none.", "kind")
    solved = solve_piece(of)
    row, rim = solved.rows[index], solved.ground.surface.rim
    first = on_track(of, onto, round(row.walk, 2) if row.n else round(rim / 2, 2), round(rim, 2), solved.ground)
    if rule.mirrored is not None and not onto.pairs:
        first = {**first, "mirrored": None}
    if onto.swept or (rule.drawn and not onto.drawn):
        dots = [{**member.model_dump(), "form": "dot"} for member in rule.pattern]
        first = {**first, "pattern": dots, "laid": "beside"}
    whole = Row.model_validate({**rule.model_dump(), **first}).model_dump(mode="json")
    return {field: whole[field] for field in first}


def trim(of: Piece, index: int, kind: str, path: Sequence[int] = ()) -> Change:
    """A new trim at the end of a row's trims, or of those on the trim at `path`; it suits the dots it sits on.

    Raises FitError when there is no such row, trim or kind.
    """
    require_row(of, index)
    if kind not in TRIMS:
        raise FitError(f"There is no trim “{kind}”; there are {', '.join(TRIMS)}.", "kind")
    row = of.rows[index]
    place: tuple[str | int, ...] = ("rows", index)
    diameter, there = max(member.diameter for member in row.pattern), row.trims
    for step in path:
        if step >= len(there):
            raise FitError(f"There is no trim number {step + 1} here; there are {len(there)}.", "path")
        diameter, place = _carried_on(there[step], diameter), (*place, "trims", step)
        there = there[step].carried
    shades = [PaintShade(paint=of.paints[k % len(of.paints)].id) for k in range(3)]
    made = TRIMS[kind].begin(diameter, _nearest(of), shades)
    ident = fresh_id("trim", [one.id for one in row.all_trims])
    whole: TrimRule = TypeAdapter(Trim).validate_python({"id": ident, **made})
    return change(*place, "trims", len(there), whole.model_dump(mode="json"))


def _carried_on(host: TrimRule, diameter: float) -> float:
    """Diameter of the dots that carry the trims on a trim (mm)."""
    sizes = trim_kind(host).sizes(host)
    return 2 * sizes[-1][1].radius_on(diameter / 2) if sizes else diameter


def _nearest(of: Piece) -> Callable[[float], dict[str, Any]]:
    """The kit's dot nearest to a diameter, with its tool."""
    sizes = kit_sizes(of.tools)

    def nearest(diameter: float) -> dict[str, Any]:
        if not sizes:
            return {"diameter": max(diameter, 0.2), "tool": None, "share": None}
        return trim_size(sizes[int(np.argmin([abs(size.diameter - diameter) for size in sizes]))])

    return nearest
