"""All kinds of sheets, in the order in which they are offered, and which blanks each is for."""

from collections.abc import Callable
from dataclasses import dataclass

from ...core.errors import FitError
from ...core.geometry.surface import Plane
from ...core.solved import Solved
from .backing import backing
from .bars import bars
from .card import card
from .finder import finder
from .guide import guide
from .masks import masks
from .mixing import mixing_card
from .outline import outline
from .placement import placement, transfer
from .sheet import Choice, Sheet
from .sizes import size_card
from .slotted import slotted
from .strips import closed_strips, walk_strip


@dataclass(frozen=True)
class Kind:
    """One that is not `corrected` is printed as it is, whatever the printer does to lengths. `asks` are the fields of a
    print that change what it shows."""

    id: str
    make: Callable[[Solved, Choice], Sheet]
    suits: Callable[[Solved], bool]
    corrected: bool = True
    asks: tuple[str, ...] = ()


def _any(_: Solved) -> bool:
    return True


def _open(solved: Solved) -> bool:
    """Blanks with a back to stand on."""
    return solved.ground.back is None


def _with_areas(solved: Solved) -> bool:
    return _open(solved) and len(solved.piece.bare) > 0


def _painted(solved: Solved) -> bool:
    return bool(solved.dots.painted.any())


def _tooled(solved: Solved) -> bool:
    return len(solved.piece.tools) > 0


def _closed(solved: Solved) -> bool:
    return not _open(solved)


def _round(solved: Solved) -> bool:
    return _open(solved) and solved.ground.round


def _domed(solved: Solved) -> bool:
    return _open(solved) and not isinstance(solved.ground.surface, Plane)


KINDS = (
    Kind("strips", closed_strips, _closed),
    Kind("guide", guide, _open, asks=("dots", "spokes", "circles", "border")),
    Kind("placement", placement, _any, asks=("rows",)),
    Kind("transfer", transfer, _any, asks=("rows",)),
    Kind("outline", outline, _open),
    Kind("masks", masks, _with_areas),
    Kind("finder", finder, _round),
    Kind("strip", walk_strip, _domed),
    Kind("slotted", slotted, _open),
    Kind("backing", backing, _open, asks=("margin", "count")),
    Kind("mixing", mixing_card, _painted, asks=("extra",)),
    Kind("card", card, _any),
    Kind("sizes", size_card, _tooled),
    Kind("bars", bars, _any, corrected=False),
)


def kinds_for(solved: Solved) -> list[Kind]:
    """The kinds of sheets that suit the piece's blank."""
    return [kind for kind in KINDS if kind.suits(solved)]


def sheet(solved: Solved, kind: str, choice: Choice) -> Sheet:
    """One sheet. Raises FitError for a kind that does not suit the blank."""
    found = next((one for one in kinds_for(solved) if one.id == kind), None)
    if found is None:
        names = ", ".join(one.id for one in kinds_for(solved))
        raise FitError(f"There is no “{kind}” sheet for this blank; there are {names}.", "kind")
    return found.make(solved, choice)


def is_corrected(kind: str) -> bool:
    """Whether a kind of sheet is drawn for what the printer does to lengths."""
    return all(one.corrected for one in KINDS if one.id == kind)
