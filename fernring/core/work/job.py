"""A piece to be painted, as the kinds of steps look at it."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property
from typing import Any

from ..document.piece import Piece
from ..document.shelf import Paint
from ..dots.table import Dots, Mask, Whole
from ..solved import Solved
from ..words.lengths import mm
from ..words.numbers import counted
from .drying import Drying
from .groups import Family, Group, Key, groups, is_tail
from .placed_by import boundaries

CENTRAL = 1e-6  # mm


@dataclass(frozen=True, eq=False)
class Job:
    """`pictures` are kept by whoever makes them, by the id of a step."""

    solved: Solved
    drying: Drying
    pictures: dict[str, Any] = field(default_factory=dict)

    @property
    def piece(self) -> Piece:
        return self.solved.piece

    @property
    def dots(self) -> Dots:
        return self.solved.dots

    @cached_property
    def groups(self) -> tuple[Group, ...]:
        return tuple(groups(self.solved, self.piece.work.petals == "one by one"))

    def of(self, *families: Family) -> list[Group]:
        return [group for group in self.groups if group.key.family in families]

    @cached_property
    def back(self) -> Mask:
        """Dots on the other half of a ball or egg."""
        return self.solved.back > 0

    @cached_property
    def centres(self) -> list[tuple[Group, int]]:
        """Groups of one dot that lies on a centre, and that dot."""
        found = [(group, int(group.dots[0])) for group in self.of(Family.DOTS) if len(group.dots) == 1]
        return [(group, dot) for group, dot in found if float(self.dots.walk[dot]) < CENTRAL]

    @cached_property
    def come_first(self) -> frozenset[int]:
        """Rows that are painted before all others."""
        return frozenset() if self.piece.work.order == "boundary last" else boundaries(self.solved)

    @cached_property
    def pulled(self) -> Mapping[int, int]:
        """The mark that is pulled from a dot, by the dot."""
        return {one.dot: number for number, one in enumerate(self.solved.marked) if is_tail(one, self.dots)}

    @cached_property
    def carries(self) -> frozenset[int]:
        """Dots that something stands on."""
        above = self.dots.level > 1
        return frozenset(self.dots.below[above].tolist())

    def paint(self, shade: int) -> Paint:
        """What a shade is mixed from; the base coat counts as a plain paint."""
        found = self.solved.palette.paints[shade] if shade >= 0 else None
        base = self.piece.blank.base
        return found or Paint(id="base", name=base.name, colour=base.colour)

    def skins(self, shade: int) -> float:
        """Minutes in which a dot of this shade can still be swirled or pulled."""
        return self.drying.skins(self.paint(shade))

    def row_id(self, key: Key) -> str:
        """The row, trim, layer, level, side, tool and shade of a group: the same after an edit of anything else."""
        row = self.piece.rows[key.row]
        trim = row.all_trims[key.trim].id if key.trim >= 0 else "own"
        tool = self.piece.tools[key.tool].id if key.tool >= 0 else "any"
        shade = self.solved.palette.shades[key.shade]
        parts = (row.id, trim, key.layer, key.level, key.side, tool, shade.name, "back" if key.back else "front")
        return "/".join(str(part) for part in parts)

    def sized(self, dots: Whole) -> str:
        """ "12 dots of {3}", "seven dots of {0.8} to {2}"."""
        size = 2 * self.dots.radius[dots]
        low, high = float(size.min()), float(size.max())
        across = mm(round(low, 2)) if high - low < 0.01 else f"{mm(round(low, 2))} to {mm(round(high, 2))}"
        return f"{counted(len(dots))} {'dot' if len(dots) == 1 else 'dots'} of {across}"

    def where(self, key: Key) -> str:
        """ "row 3", "the centre", on which half."""
        return self.solved.name(key.row) + (", on the back" if key.back else "")

    def using(self, key: Key) -> str:
        """ " with Ball 2 in Ember"."""
        tool = f" with {self.piece.tools[key.tool].name}" if key.tool >= 0 else ""
        return f"{tool} in {self.solved.palette.shades[key.shade].name}"
