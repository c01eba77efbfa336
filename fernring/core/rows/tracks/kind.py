"""What the rest may ask of a kind of track. Each kind is a value of this, exported by its own module."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING, Any, Literal

from ...document.numbers import Frozen

if TYPE_CHECKING:
    from ...document.piece import Piece
    from ...document.row import Row
    from ...ground.ground import Ground
    from ..context import Context
    from ..placed import PlacedRow

MOST_MEMBERS = 12
AROUND = ("on lines", "between", "offset", "angle")


class TrackRule(Frozen):
    """Where a row runs: the fields of a kind of track are those of a subclass."""

    kind: str

    @property
    def about(self) -> tuple[str, ...]:
        """Ids of the areas that it names."""
        return tuple(getattr(self, "areas", ()))


def always(_: "Row") -> bool:
    return True


def _ungraded(_: Any) -> bool:
    return False


def _never(_: "Row") -> bool:
    return False


@dataclass(frozen=True, kw_only=True)
class TrackKind:
    """`name` is offered in the list of tracks; `word` stands on the sheet and in tables ("" where the start says it).

    `solve` places the row; `sentence` says in words where it runs, lengths in braces; `begin` answers what changes in a
    row that is put on this track, given the walk it has now and that of the edge (mm), and the ground.

    `repeats` says what the count counts: repeats round the piece, which keep its symmetry; dots on each line; or
    nothing, because the track itself decides. `members` is the most dots of a pattern. `round` tracks run round the
    centre at one distance, which can be set or nested; `central` ones lie in it. `centred` ones are told from a centre
    alone, so that a motif may hold them. Places of `pairs` tracks
    may be set twice about their lines. `nests` says whether a row states its
    gap towards what lies there. `distances` and `starts` are the kinds of rules that mean something on it.

    `sized` rows have the pattern's own sizes; others choose theirs from the kit. `fills` rows only fill what others
    leave, those of `packed` ones in the gaps between larger ones of the same row; `shades_go` says of the rule in words
    how its shades follow one another. Dots of `swept` rows are the heads of swipes. Through the places of a `drawn`
    track a line can be drawn. Tracks of `own_areas` see to bare areas themselves. A new row begins with so many sizes
    (`sizes_begun`).
    """

    model: type[TrackRule]
    name: str
    word: str
    solve: Callable[["Row", int, "Context"], "PlacedRow"]
    sentence: Callable[["Row", "PlacedRow", "Piece"], str]
    begin: Callable[[float, float, "Ground"], dict[str, Any]]
    repeats: Literal["round", "line", "none"] = "none"
    members: int = MOST_MEMBERS
    round: bool = False
    centred: bool = False
    central: bool = False
    pairs: bool = False
    nests: Callable[["Row"], bool] = _never
    distances: tuple[str, ...] = ()
    starts: tuple[str, ...] = ()
    groups: bool = True
    sized: bool = True
    fills: bool = False
    packed: bool = False
    graded: Callable[[Any], bool] = _ungraded
    shades_go: Callable[[Any], str] = lambda _: "In turn around the row"
    from_file: bool = False
    swept: bool = False
    drawn: bool = False
    own_areas: bool = False
    sizes_begun: int = 1

    @property
    def id(self) -> str:
        return str(self.model.model_fields["kind"].default)
