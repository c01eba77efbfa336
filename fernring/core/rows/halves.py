"""The halves of a blank, and what the next row sees on each."""

from dataclasses import dataclass
from math import radians

from ..document.guides import Guides
from ..document.piece import Piece
from ..ground.ground import Ground, ground
from .context import Context
from .motifs.places import Places, places_of
from .placed import PlacedRow


@dataclass(frozen=True)
class Halves:
    """What the next row sees, on the front and, of a ball or egg, on the back."""

    front: Context
    back: Context | None

    def of(self, half: str) -> Context | None:
        return self.back if half == "back" else self.front

    def with_row(self, row: PlacedRow) -> "Halves":
        front, back = self.front, self.back
        if row.twin is None and row.half == "front":
            return Halves(front.with_row(row), back)
        for part in row.both:
            if part.half == "front":
                front = front.with_row(part)
            elif back:
                back = back.with_row(part)
        return Halves(front, back)


def guide_walks(guides: Guides, rim: float) -> dict[str, float]:
    """Walk distances of the guide circles by id; those drawn in steps are called step-1, step-2 ..."""
    walks = {circle.id: circle.walk for circle in guides.circles}
    if guides.steps:
        first, step = guides.steps.first, guides.steps.step
        count = max(0, int((rim - first) / step + 1e-9) + 1) if first <= rim else 0
        walks |= {f"step-{k + 1}": first + k * step for k in range(min(count, 200))}
    return walks


def motifs_of(piece: Piece, blank: Ground) -> dict[str, Places]:
    """The motifs of the piece by id, with their places on the blank."""
    return {one.id: places_of(one, blank, radians(piece.turn)) for one in piece.motifs}


def open_halves(piece: Piece) -> Halves:
    """The bare blank, before the first row. Raises FitError when its measures contradict each other."""
    blank = ground(piece.blank)
    front = Context(
        blank,
        blank.surface,
        piece.segments,
        radians(piece.turn),
        blank.limit,
        guide_walks(piece.guides, blank.surface.rim),
        ids=tuple(row.id for row in piece.rows),
        loads={tool.id: tool.load for tool in piece.tools if tool.load},
        tools={tool.id: place for place, tool in enumerate(piece.tools)},
        kit=tuple(sorted({dot: tool.id for tool in reversed(piece.tools) for dot in tool.made}.items())),
        bare=piece.bare,
        furthest=blank.border,
        motifs=motifs_of(piece, blank),
    )
    if blank.back is None:
        return Halves(front, None)
    return Halves(front, front._replace(surface=blank.back, limit=blank.limit_on(True), back=True))
