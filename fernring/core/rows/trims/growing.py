"""All trims of a row grown on its dots: once for each kind of place, then turned to the others like it."""

from collections.abc import Sequence
from math import pi, radians
from typing import TYPE_CHECKING, Any

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ...dots.index import Index
from ...dots.table import Array, Dots, concat, table
from ...geometry.outline.polygon import area
from ...geometry.surface import Plane
from ..context import Context
from ..most import require_few
from ..placed import PlacedRow
from . import trim_kind
from .grown import NOTHING, Finding, Grown, Mark
from .host import Around, Disc, Host
from .kind import TrimRule, trims_of
from .shape import shape
from .turning import Alike, likeness, turned_dots, turned_mark

if TYPE_CHECKING:
    from ...document.member import Member
    from ...document.row import Row

ADDED = 20_000  # work for what one trim adds to one dot
MARKED, MARKED_CURVED = 5_000, 20_000  # work to lay a mark on the surface
FURTHEST = 30.0  # no trim looks further than so many radii of the dot that carries it


class Growth:
    """Dots and marks of one host while its trims are grown. `dot` numbers count the host as zero, then these."""

    def __init__(self, around: Around) -> None:
        self.around = around
        self.parts: list[Dots] = []
        self.marks: list[Mark] = []
        self.findings: list[Finding] = []
        self.count = 0
        self._standing: dict[int, list[Disc]] = {}

    def add(self, trim: TrimRule, number: int, host: Host, n: int, **columns: NDArray[Any] | float) -> list[Host]:
        """So many dots of one trim with these columns; answers them as hosts for the trims on it, if there are any."""
        dots = table(n, trim=number, host=host.own, dot=self.count + 1 + np.arange(n), **columns)
        self.parts.append(dots)
        self.count += n
        require_few(self.count, 0, "")
        spend(ADDED)
        return self.around.hosts(dots, host) if trim.carried else []

    def standing_on(self, host: Host) -> list[Disc]:
        """What trims put round this host so far, in its frame; who puts something there adds to it."""
        return self._standing.setdefault(host.dot, [])

    def mark(
        self, number: int, host: Host, centres: Array, girth: Array, outline: Array, slot: int, glued: bool = False
    ) -> None:
        """A mark given in the host's frame."""
        spend(MARKED if isinstance(self.around.surface, Plane) else MARKED_CURVED)
        (sx, sy, sz), walks, _ = self.around.at(host, centres[:, 0], centres[:, 1])
        (ox, oy, oz), _, _ = self.around.at(host, outline[:, 0], outline[:, 1])
        spine_plan, outline_plan = np.stack((sx, sy), axis=1), np.stack((ox, oy), axis=1)
        require_few(0, len(self.marks), "")
        discs = outline_plan, oz, spine_plan, sz, walks, girth
        self.marks.append(Mark(*discs, host.own, number, slot, area(outline), host.level, glued))

    def grow(self, trims: Sequence[TrimRule], host: Host, number: int, chosen: Sequence[bool] | None = None) -> int:
        """Grow these trims on the host, or the `chosen` ones; `number` is the first one's. Answers the number after the
        last.
        """
        for trim, wanted in zip(trims, chosen or [True] * len(trims), strict=True):
            carrying = trim_kind(trim).grow(trim, number, host, self) if wanted else []
            for dot in carrying:
                self.grow(trim.carried, dot, number + 1)
            number += 1 + sum(1 for _ in trims_of(trim.carried))
        return number


def grown(row: "Row", placed: PlacedRow, context: Context) -> Grown:
    """Everything the row's trims and shaped members add; of a painted row what is not on the piece yet."""
    formed = [k for k, member in enumerate(row.pattern) if member.shaped and row.painted is None]
    own = placed.own_dots
    sits = _sits(row)
    hosts = np.array([any(chosen) for chosen in sits])[own.member] if row.trims else np.zeros(placed.n, bool)
    if not formed and not hosts.any():
        return NOTHING
    near = _near(row, placed, context)
    around = _around(placed, near, context)
    wanted = np.flatnonzero(np.isin(own.member, formed) | hosts if formed else hosts)
    alike, turns = likeness(placed, near, around, wanted, row.copies)
    kinds: list[Alike] = []
    marks: list[Mark] = []
    findings: dict[tuple[str, int], Finding] = {}
    dots = 0
    for kind in range(int(alike.max(initial=-1)) + 1):
        mine = wanted[alike == kind]
        growth = _growth(row, placed, around, int(mine[0]), sits)
        findings |= {(finding.code, finding.trim): finding for finding in growth.findings}
        dots += growth.count * len(mine)
        require_few(dots, len(marks) + len(growth.marks) * len(mine), "")
        turn = turns[mine] - turns[mine[0]]
        kinds.append(Alike(concat(growth.parts), mine, turn))
        marks += [
            turned_mark(mark, float(by), around.mirror, int(k))
            for k, by in zip(mine, turn, strict=True)
            for mark in growth.marks
        ]
    return Grown(turned_dots(kinds, around.mirror, own, row.trims), tuple(marks), tuple(findings.values()))


def extent(trims: Sequence[TrimRule], radius: float) -> float:
    """How far (mm) beyond the edge of a dot of this radius trims may meet something, those on trims included."""
    return min(sum(trim_kind(trim).extent(trim, radius, extent) for trim in trims), FURTHEST * radius)


def _growth(row: "Row", placed: PlacedRow, around: Around, k: int, sits: list[list[bool]]) -> Growth:
    """Everything that one dot carries."""
    own = placed.own_dots
    member = row.pattern[int(own.member[k])]
    hand = -1.0 if own.place[k] % row.copies else 1.0
    host, growth = _host(own, around, k, hand), Growth(around)
    if row.painted is not None:
        growth.standing_on(host).extend(_painted_on(placed, around, host))
    elif member.shaped:
        _shaped(growth, host, member)
    growth.grow(row.trims, host, 0, sits[int(own.member[k])])
    return growth


def _shaped(growth: Growth, host: Host, member: "Member") -> None:
    made = shape(member.form, member.diameter, member.extent).laid(member.lies == "along", radians(member.slant))
    growth.mark(-1, host, made.spine, made.girth, made.outline, 0, glued=member.form == "crystal")


def _painted_on(placed: PlacedRow, around: Around, host: Host) -> list[Disc]:
    """What is painted round this host already, in its frame."""
    there = placed.bodies
    discs = Index.of(there.take((there.host == host.own) & (there.trim >= 0)))
    return Around(around.surface, discs, around.loads, around.tools).near(host, FURTHEST * host.radius)


def _sits(row: "Row") -> list[list[bool]]:
    """For each member of the pattern, which of the row's trims sit on it: those that name it, and on the one the row
    chose, or the largest, those that name none. Painted trims grow no more.
    """
    painted = row.painted.trims if row.painted else ()
    dots = [k for k, member in enumerate(row.pattern) if member.form != "blank"]
    chosen = row.trimmed if row.trimmed is not None else max(dots, key=lambda k: row.pattern[k].diameter)
    return [
        [trim.id not in painted and (member.id in trim.on if trim.on else k == chosen) for trim in row.trims]
        for k, member in enumerate(row.pattern)
    ]


def _near(row: "Row", placed: PlacedRow, context: Context) -> list[PlacedRow]:
    """The rows that trims may meet; over a ball, a walk is up to pi/2 times as long as the straight line."""
    margin = extent(row.trims, float(placed.own_dots.radius.max())) * pi / 2
    low, high = placed.inner - margin, placed.outer + margin
    return [other for other in context.placed if other.outer >= low and other.inner <= high]


def _around(placed: PlacedRow, near: list[PlacedRow], context: Context) -> Around:
    """What every dot of the row has around it; what is painted on the dots themselves stands on each of them."""
    bodies = placed.bodies
    there = [bodies.take(bodies.trim < 0), *(row.bodies for row in near)]
    x, y, z, radius = (np.concatenate([getattr(part, name) for part in there]) for name in ("x", "y", "z", "radius"))
    return Around(context.surface, Index(x, y, z, radius), context.loads, context.tools)


def _host(own: Dots, around: Around, k: int, hand: float) -> Host:
    x, y, z, walk, out, radius = (
        float(column[k]) for column in (own.x, own.y, own.z, own.walk, own.out_rad, own.radius)
    )
    angle = float(np.arctan2(x * around.mirror, -y)) if np.hypot(x, y) > 1e-9 else out
    return Host(x, y, z, walk, angle, out, radius, 1, k, 0, int(own.slot[k]), hand)
