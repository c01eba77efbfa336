"""All kinds of sheets, in the order in which they are offered, and which blanks each is for."""

from collections.abc import Callable
from dataclasses import dataclass

from ...core.errors import FitError
from ...core.laid import Laid
from .backing import backing
from .bars import bars
from .card import card
from .finder import finder
from .guide import guide
from .outline import outline
from .placement import placement, transfer
from .sheet import Choice, Sheet
from .slotted import slotted
from .strips import walk_strip, wrap_strip


@dataclass(frozen=True)
class Kind:
    id: str
    make: Callable[[Laid, Choice], Sheet]
    suits: Callable[[Laid], bool]


def _any(_: Laid) -> bool:
    return True


def _open(laid: Laid) -> bool:
    """Blanks with a back to stand on."""
    return laid.ground.back is None


def _closed(laid: Laid) -> bool:
    return not _open(laid)


def _round(laid: Laid) -> bool:
    return _open(laid) and laid.ground.round


def _curved(laid: Laid) -> bool:
    return laid.piece.blank.relief.kind != "flat"


KINDS = (
    Kind("guide", guide, _any),
    Kind("placement", placement, _any),
    Kind("transfer", transfer, _any),
    Kind("outline", outline, _open),
    Kind("finder", finder, _round),
    Kind("strip", walk_strip, _curved),
    Kind("wrap", wrap_strip, _closed),
    Kind("slotted", slotted, _open),
    Kind("backing", backing, _open),
    Kind("card", card, _any),
    Kind("bars", bars, _any),
)


def kinds_for(laid: Laid) -> list[Kind]:
    """The kinds of sheets that suit the piece's blank."""
    return [kind for kind in KINDS if kind.suits(laid)]


def sheet(laid: Laid, kind: str, choice: Choice) -> Sheet:
    """One sheet. Raises FitError for a kind that does not suit the blank."""
    found = next((one for one in kinds_for(laid) if one.id == kind), None)
    if found is None:
        names = ", ".join(one.id for one in kinds_for(laid))
        raise FitError(f"There is no “{kind}” sheet for this blank; there are {names}.", "kind")
    return found.make(laid, choice)
