"""What lies outside the rings of a starting pattern: rows that carry on or follow the edge, or fans."""

from ...advice.sizes import KitSize, largest_up_to
from ...document.piece import Piece
from ...document.start import OnLines
from ...rows.border import passed
from ...rows.placed import PlacedRow
from ...rows.tracks import TRACKS
from ...rows.tracks.inset import InsetTrack
from ...rows.tracks.ring import RingTrack
from .design import Design
from .recipe import Beat
from .rings import rings

BEAD = 0.075  # of the way to the border: the dots of rows along the edge
HEAD = 0.11
FEWEST = 3  # swipes of a fan
SAME = 1e-6  # mm


def kept_free(bare: Piece, limit: float, share: float) -> Piece:
    """The piece with a border so wide that rings fill only a share of their room."""
    more = limit * (1 - share)
    border = min(bare.blank.border + more, 200.0)
    return bare.model_copy(update={"blank": bare.blank.model_copy(update={"border": border})})


def go_beyond(design: Design) -> None:
    """Fill what is between the rings and the border, as the recipe says."""
    match design.recipe.beyond:
        case "carry on":
            if not design.halves.front.ground.round:
                rings(design, "front", RingTrack(beyond="carry on"))
        case "edge":
            _along_the_edge(design, None)
        case "fans":
            if not design.halves.front.ground.round:
                _along_the_edge(design, 1)
            _fans(design)
        case "bare":
            pass


def _along_the_edge(design: Design, most: int | None) -> None:
    """Rows that follow the edge inward until they reach the rings."""
    limit = design.halves.front.limit
    sizes = _round_about(design, BEAD * limit)
    k = 0
    while (most is None or k < most) and not design.full:
        size = sizes[k % len(sizes)]
        row = design.row("front", (size,), design.bare.segments, track=InsetTrack(), fit="count", start=OnLines())
        placed = design.solved(row)
        if placed.noroom or placed.n < 3 or not _clear(design, placed):
            return
        design.add(row, Beat(size=1.0, shade="ramp" if k % 3 != 1 else 0), placed)
        k += 1


def _clear(design: Design, placed: PlacedRow) -> bool:
    """Whether a row keeps the gap in itself and to all that lies there, inside the border."""
    if passed(design.halves, placed) > SAME or placed.clear < design.gap - SAME:
        return False
    own = placed.own_dots
    reach = own.radius + design.gap - SAME
    return bool(design.halves.front.clear_of(own.x, own.y, own.z, reach).all())


def _round_about(design: Design, wanted: float) -> list[KitSize]:
    """Sizes that take turns: about this, and a little smaller."""
    first = largest_up_to(design.sizes, wanted) or design.sizes[0]
    return [first, largest_up_to(design.sizes, 0.7 * wanted) or first]


def _fans(design: Design) -> None:
    """Fans of the largest heads that lie at least three side by side."""
    ground = design.halves.front.ground
    first = TRACKS["fan"].begin(0.0, ground.surface.rim, ground)
    for share in (1.0, 0.75, 0.55, 0.4):
        size = largest_up_to(design.sizes, share * HEAD * ground.surface.rim) or design.sizes[0]
        row = design.row("front", (size,), design.bare.segments)
        fan = type(row).model_validate({**row.model_dump(), **first, "gap": max(design.gap, 0.2)})
        placed = design.solved(fan)
        if not placed.noroom and placed.n >= FEWEST * placed.repeats:
            design.add(fan, Beat(size=1.0, shade="ramp"), placed)
            return
