"""What the rest may ask of a kind of trim. Each kind is a value of this, exported by its own module."""

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass
from typing import TYPE_CHECKING, Annotated, Any

import numpy as np
from numpy.typing import NDArray
from pydantic import Field

from ...document.facts import Fact
from ...document.numbers import FIRST, DotDiameter, Frozen, Ident, Tick
from ...document.shelf import Shade
from ...dots.table import Whole

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Host

Path = tuple[str | int, ...]
Extent = Callable[[Sequence["TrimRule"], float], float]
Share = Annotated[float, Field(strict=True, ge=0.1, le=1), Fact(written="share")]
Shades = Annotated[tuple[Shade, ...], FIRST, Field(min_length=1, max_length=24)]
Places = NDArray[np.intp]
MOST_INNER = 6


class Size(Frozen):
    """A measured dot, or a share of the dot below when `share` is set."""

    diameter: DotDiameter
    tool: Ident | None = None
    share: Share | None = None

    def radius_on(self, host: float) -> float:
        """Radius on a dot of this radius (mm)."""
        return self.share * host if self.share else self.diameter / 2


class OnShade(Frozen):
    """On a dot of one shade a trim takes this one."""

    below: Shade
    shade: Shade


class TrimRule(Frozen):
    """What is added to every dot of a row, or to another trim: the fields of a kind are those of a subclass.

    `on` are the members of the pattern it sits on; none means those that the row says. `skips` passes over a shade that
    the dot below has, to the next; `table` tells the shade on some shades, before all others.
    """

    kind: str
    id: Ident
    shades: tuple[Shade, ...]
    on: Annotated[tuple[Ident, ...], FIRST, Field(max_length=12)] = ()
    skips: Annotated[Tick, Fact("never the shade below it")] = False
    table: Annotated[tuple[OnShade, ...], FIRST, Field(max_length=24)] = ()

    @property
    def painted(self) -> tuple[Shade, ...]:
        """Every shade it may take, by the number that its dots carry."""
        return self.shades

    @property
    def named_shades(self) -> tuple[Shade, ...]:
        """Every shade it names."""
        return (*self.painted, *(shade for one in self.table for shade in (one.below, one.shade)))

    @property
    def carried(self) -> tuple["TrimRule", ...]:
        """The trims on it."""
        return ()


@dataclass(frozen=True)
class Smaller:
    """One way to let a trim take less room: in words, and the fields that change."""

    words: str
    changes: Mapping[str, Any]


@dataclass(frozen=True, kw_only=True)
class TrimKind:
    """`name` is what people call it, `add` the words that add one.

    `grow` grows a trim on one host and answers the dots that carry the trims on it; `number` is the trim's. `extent`
    is how far beyond the edge of a dot of some radius it may meet something (mm), given how to ask this of the trims
    on it. `sizes` are its sizes, each with its path within the trim. `gap` is what its dots keep to each other (mm),
    zero where it states none; `gaps` are those of its parts that state their own.

    `brief` says it in a few words, `sentence` in full, to somebody whose tools have these names; `turns` how its shades
    follow one another. Lengths stand in braces. `swept` trims are marks and no dots;
    those that `walks` makes are petals, which may meet their neighbours.

    `parts` are those of it that have shades of their own: in words, the shades, and how they follow one another.
    `smaller` lists ways to take less room, at first by so much (mm): each way from what takes little less room to what
    takes least. `ends` are rules it may end by instead of sizes, in words.
    `slots` answers which shades its dots take by their order on a host and its place, where these decide. `begin`
    answers a new one for a host of this diameter (mm), given the nearest dot of the kit to a diameter, and the piece's
    paints.
    """

    model: type[TrimRule]
    name: str
    add: str
    grow: Callable[[Any, int, "Host", "Growth"], list["Host"]]
    extent: Callable[[Any, float, Extent], float]
    brief: Callable[[Any], str]
    sentence: Callable[[Any, Mapping[str, str], str], str]
    begin: Callable[[float, Callable[[float], dict[str, Any]], Sequence[Shade]], dict[str, Any]]
    turns: Callable[[Any], str]
    sizes: Callable[[Any], list[tuple[Path, Size]]] = lambda _: []
    gap: Callable[[Any], float] = lambda _: 0.0
    gaps: Callable[[Any], Sequence[float]] = lambda _: ()
    smaller: Callable[[Any, float], list[list[Smaller]]] = lambda _, __: []
    slots: Callable[[Any, Places, Whole], Places | None] = lambda _, __, ___: None
    parts: Callable[[Any], list[tuple[str, tuple[Shade, ...], str]]] = lambda _: []
    ends: Callable[[Any, Mapping[str, float]], list[tuple[str, Path, Any]]] = lambda _, __: []
    swept: bool = False
    walks: bool = False

    def most_gap(self, trim: Any) -> float:
        """The widest gap that any of its dots keeps (mm)."""
        return max((self.gap(trim), *self.gaps(trim)))

    @property
    def id(self) -> str:
        return str(self.model.model_fields["kind"].default)


def trims_of(trims: Sequence[TrimRule]) -> Iterator[TrimRule]:
    """All trims of a row as they stand on the sheet, each followed by those on it."""
    return (trim for _, trim in trims_with_paths(trims, ()))


def trims_with_paths(trims: Sequence[TrimRule], of: Path) -> Iterator[tuple[Path, TrimRule]]:
    """As trims_of, each with its path in the document; `of` is that of what carries them."""
    for k, trim in enumerate(trims):
        path: Path = (*of, "trims", k)
        yield path, trim
        yield from trims_with_paths(trim.carried, path)


def depth(trims: Sequence[TrimRule]) -> int:
    """How deep trims sit on trims."""
    return max((1 + depth(trim.carried) for trim in trims), default=0)


def spoken_size(size: Size, tools: Mapping[str, str]) -> str:
    """ "{2.5} (ball 2)", or a share of the dot below."""
    if size.share:
        return f"{100 * size.share:.0f} % of the dot below"
    return brief_size(size) + (f" ({tools[size.tool]})" if size.tool and size.tool in tools else "")


def brief_size(size: Size) -> str:
    """ "{2.5}", "50 %"."""
    return f"{100 * size.share:.0f} %" if size.share else f"{{{round(size.diameter, 4):g}}}"
