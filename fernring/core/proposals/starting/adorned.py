"""Rows of a starting pattern that carry petals, swipes or top dots."""

from collections.abc import Iterator

from ...advice.sizes import KitSize, largest_up_to, trim_size
from ...document.row import Row
from ...document.shelf import PaintShade
from ...rows.border import passed
from ...rows.placed import PlacedRow
from ...rows.trims.kind import Size, TrimRule
from ...rows.trims.swipe import SwipeTrim, ToLength
from ...rows.trims.top import TopTrim
from ...rows.trims.walk import WalkTrim
from .design import Design
from .recipe import Beat

WALKED = 0.16  # of its petal that a walked dot is
TAIL = 2.2  # heads that a swipe is long
TOP = 0.55  # of the dot below
ABOUT = 0.02  # mm
SMALLER = (1.0, 0.85, 0.72, 0.6, 0.5, 0.4)  # of the size wanted, tried in turn


def adorned_rows(design: Design, beat: Beat, wide: float) -> Iterator[tuple[KitSize, tuple[TrimRule, ...], float]]:
    """Dots that may carry what the beat says, with it, and the width of both together (mm): as wanted, then less."""
    seen = set()
    for share in SMALLER:
        found = {"petal": _petal, "swipe": _swipe, "tops": _tops}[beat.adorned or "tops"](design, beat, share * wide)
        if found and found[0] not in seen:
            seen.add(found[0])
            yield found


def _petal(design: Design, beat: Beat, wide: float) -> tuple[KitSize, tuple[TrimRule, ...], float] | None:
    dot = largest_up_to(design.sizes, WALKED * wide / beat.layers**0.5) or design.sizes[0]
    ring = 2 * beat.layers * (dot.diameter + design.gap)
    host = largest_up_to(design.sizes, wide - ring)
    if host is None or host.diameter < 1.5 * dot.diameter:
        return None
    shades = _shades(design, max(len(beat.over), 1))
    walk = WalkTrim(
        id="petal", size=Size(**trim_size(dot)), layers=beat.layers, load="each", lead=beat.lead, sides=beat.sides,
        gap=design.gap, shading="by layer" if len(shades) > 1 else "one", shades=shades,
    )  # fmt: skip
    top = _top(design, host.diameter, 1)
    return host, (walk, top) if top and beat.layers > 1 else (walk,), host.diameter + ring


def _swipe(design: Design, beat: Beat, wide: float) -> tuple[KitSize, tuple[TrimRule, ...], float] | None:
    head = largest_up_to(design.sizes, wide)
    if head is None:
        return None
    length = round(TAIL * head.diameter * beat.layers, 1)
    return head, (SwipeTrim(id="swipe", to=ToLength(mm=max(length, 0.5)), gap=design.gap),), head.diameter


def _tops(design: Design, beat: Beat, wide: float) -> tuple[KitSize, tuple[TrimRule, ...], float] | None:
    host = largest_up_to(design.sizes, wide)
    top = _top(design, host.diameter, beat.layers) if host else None
    return (host, (top,), host.diameter) if host and top else None


def _top(design: Design, below: float, high: int) -> TopTrim | None:
    """So many dots on one of this size, each a little over half as wide, as far as the kit goes."""
    sizes: list[Size] = []
    while len(sizes) < high:
        size = largest_up_to(design.sizes, TOP * below)
        if size is None:
            break
        sizes.append(Size(**trim_size(size)))
        below = size.diameter
    return TopTrim(id="top", sizes=tuple(sizes), shades=_shades(design, len(sizes))) if sizes else None


def _shades(design: Design, many: int) -> tuple[PaintShade, ...]:
    """Places to be painted later."""
    return tuple(PaintShade(paint=design.bare.paints[k % len(design.bare.paints)].id) for k in range(many))


def keeps_clear(design: Design, row: Row, placed: PlacedRow) -> bool:
    """Whether the row lies inside the border with all it carries, and its neighbours keep the gap."""
    if passed(design.halves, placed) > 1e-6:
        return False
    if not placed.grown.any or placed.n < 2:
        return True
    return placed.clear_at(0, 1) >= row.gap - ABOUT
