"""How much room each member of a pattern takes: along the row, and outward."""

from math import radians
from typing import TYPE_CHECKING

from .groups import width
from .trims.shape import Shape, shape

if TYPE_CHECKING:
    from ..document.member import Member
    from ..document.row import Row


def footprints(row: "Row") -> tuple[float, ...]:
    """How wide each member of the pattern is along the row, groups and lying shapes included (mm)."""
    found = []
    for member in row.pattern:
        lying = _lying(row, member)
        found.append(width(row.group, member.diameter if lying is None else lying.across, row.gap))
    return tuple(found)


def depths(row: "Row") -> tuple[float, ...]:
    """How much further each member reaches outward than along the row, as a share; 1 where it does not. What it nests
    on may lie to either side of it, so that the larger of the two counts."""
    found = []
    for member in row.pattern:
        lying = _lying(row, member)
        found.append(1.0 if lying is None else max(lying.outward / lying.across, 1.0))
    return tuple(found)


def _lying(row: "Row", member: "Member") -> Shape | None:
    """The shape as it lies; None for a dot, and for a line, which is as wide as its dots."""
    if row.drawn or not member.shaped:
        return None
    return shape(member.form, member.diameter, member.extent).laid(member.lies == "along", radians(member.slant))
