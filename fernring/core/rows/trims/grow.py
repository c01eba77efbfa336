"""All trims of a row grown on its dots: once for each kind of place, then turned to the others like it."""

from collections.abc import Sequence
from dataclasses import replace
from math import gcd, pi

import numpy as np

from ...document.row import Member, Row
from ...document.trim import SwipeTrim, TopTrim, Trim, WalkTrim, trims_of
from ...geometry.outline.polygon import area, turned
from ...geometry.surface import Array
from ...geometry.turn import turned_places
from ..context import Context
from ..grown import NONE, Finding, Grown, GrownDots, Mark, joined
from ..own import Whole
from ..placed import PlacedRow
from .host import Around, Host
from .reach import reach
from .relief import placed_petal
from .shape import shape
from .swipe import envelope, family, spine
from .top import slot, stack
from .walk import Petal, walked

SAME = 5


class Growth:
    """Dots and marks of one host while its trims are grown. `dot` numbers count the host as nought, then these."""

    def __init__(self, around: Around) -> None:
        self.around = around
        self.columns: list[tuple[float, ...]] = []
        self.marks: list[Mark] = []
        self.findings: list[Finding] = []

    def add(
        self,
        trim: int,
        host: Host,
        points: tuple[Array, Array, Array],
        walks: Array,
        outs: Array,
        radii: Sequence[float],
        levels: Sequence[int],
        slots: Sequence[int],
        below: Sequence[int],
    ) -> list[Host]:
        """Dots of one trim; answers them as hosts for the trims on it."""
        found = []
        for k, radius in enumerate(radii):
            x, y, z = (float(part[k]) for part in points)
            number = len(self.columns) + 1
            self.columns.append(
                (x, y, z, radius, float(walks[k]), float(outs[k]), levels[k], trim, slots[k], host.own, below[k])
            )
            angle = float(np.arctan2(x * self.around.mirror, -y))
            found.append(
                Host(
                    x, y, z, float(walks[k]), angle, float(outs[k]), radius, levels[k], host.own, number, host.turn + k
                )
            )
        return found

    def grow(self, trims: Sequence[Trim], host: Host, number: int) -> int:
        """Grow these trims on the host; `number` is the first one's. Answers the number after the last."""
        for trim in trims:
            own, number = number, number + 1
            dots: list[Host] = []
            if isinstance(trim, TopTrim):
                dots = self._top(trim, own, host)
            elif isinstance(trim, WalkTrim):
                dots = self._walk(trim, own, host)
            else:
                self._swipe(trim, own, host)
            inner = getattr(trim, "trims", ())
            after = number
            for dot in dots or [None]:  # type: ignore[list-item]
                after = self.grow(inner, dot, number) if dot is not None else number + len(list(trims_of(inner)))
            number = after
        return number

    def _top(self, trim: TopTrim, number: int, host: Host) -> list[Host]:
        discs, findings = stack(trim, number, host)
        self.findings += findings
        u, v, radii = (np.array(column) for column in zip(*discs, strict=True))
        points, walks, outs = self.around.at(host, u, v)
        heights = range(len(discs))
        below = [host.dot, *(len(self.columns) + 1 + k for k in heights)][: len(discs)]
        levels = [host.level + 1 + k for k in heights]
        slots = [slot(trim, k, host.turn) for k in heights]
        dots = self.add(number, host, points, walks, outs, radii.tolist(), levels, slots, below)
        return dots[-1:]

    def _walk(self, trim: WalkTrim, number: int, host: Host) -> list[Host]:
        petal = walked(trim, number, host, self.around)
        self.findings += petal.findings
        if not petal.dots:
            return []
        points, walks, outs = placed_petal(petal.dots, host, self.around, trim.gap)
        radii = [r for _, _, r in petal.dots]
        n = len(radii)
        return self.add(number, host, points, walks, outs, radii, [host.level] * n, _slots(trim, petal), [host.dot] * n)

    def _swipe(self, trim: SwipeTrim, number: int, host: Host) -> None:
        for k, pull in enumerate(family(trim, host, self.around)):
            lean = -pull.lean_rad if trim.direction == "inward" else pull.lean_rad
            centres, girth = spine(trim, host.radius, pull.length, lean, pull.side)
            centres = centres + np.array([pull.aside, 0.0])
            self.mark(number, host, centres, girth, envelope(centres, girth), k)

    def mark(self, number: int, host: Host, centres: Array, girth: Array, outline: Array, slot_: int) -> None:
        (sx, sy, _), _, _ = self.around.at(host, centres[:, 0], centres[:, 1])
        (ox, oy, oz), _, _ = self.around.at(host, outline[:, 0], outline[:, 1])
        spine_plan, outline_plan = np.stack((sx, sy), axis=1), np.stack((ox, oy), axis=1)
        self.marks.append(
            Mark(outline_plan, oz, spine_plan, girth, host.z, host.walk, host.own, number, slot_, area(outline))
        )

    def finished(self) -> GrownDots:
        if not self.columns:
            return GrownDots()
        x, y, z, radius, walk, out, level, trim, slots, host, below = (
            np.array(c) for c in zip(*self.columns, strict=True)
        )
        return GrownDots(x, y, z, radius, walk, out, *(c.astype(np.intp) for c in (level, trim, slots, host, below)))


def _slots(trim: WalkTrim, petal: Petal) -> list[int]:
    """Which shade each dot of a petal takes: along it from first to last, one for each layer, or the first."""
    n = len(trim.shades)
    if trim.shading == "by layer":
        return [layer % n for layer in petal.layer]
    if trim.shading == "along":
        return [min(int(share * n), n - 1) for share in petal.along]
    return [0] * len(petal.dots)


def grown(row: Row, placed: PlacedRow, context: Context) -> Grown:
    """Everything the row's trims and shaped members add."""
    formed = [k for k, member in enumerate(row.pattern) if member.shaped]
    hosts = _hosts(row, placed) if row.trims else np.empty(0, np.intp)
    if not len(hosts) and not formed:
        return NONE
    near = _near(row, placed, context)
    around = _around(placed, near, context)
    shaped = np.isin(placed.member, formed)
    wanted = np.flatnonzero(shaped | np.isin(np.arange(placed.n), hosts))
    alike, turns = _likeness(placed, near, around, wanted)
    parts: list[GrownDots] = []
    marks: list[Mark] = []
    findings: dict[tuple[str, int], Finding] = {}
    before = placed.n
    for kind in range(int(alike.max(initial=-1)) + 1):
        own = wanted[alike == kind]
        growth = _growth(row, placed, around, int(own[0]), bool(np.isin(own[0], hosts)))
        findings |= {(f.code, f.trim): f for f in growth.findings}
        turn = turns[own] - turns[own[0]]
        dots = growth.finished()
        parts.append(_turned(dots, turn, around.mirror, own, before, row, placed))
        marks += [
            _turned_mark(mark, float(by), around.mirror, int(k))
            for k, by in zip(own, turn, strict=True)
            for mark in growth.marks
        ]
        before += len(dots.x) * len(own)
    return Grown(joined(parts), tuple(marks), tuple(findings.values()))


def _growth(row: Row, placed: PlacedRow, around: Around, own: int, trimmed: bool) -> Growth:
    """Everything that one dot carries."""
    member = row.pattern[int(placed.member[own])]
    host, growth = _host(placed, around, own), Growth(around)
    if member.shaped:
        _shaped(growth, host, member)
    if trimmed:
        growth.grow(row.trims, host, 0)
    return growth


def _shaped(growth: Growth, host: Host, member: Member) -> None:
    outline, centres, girth = shape(member.form, member.diameter, member.extent)
    if member.lies == "along":
        outline, centres = outline[:, ::-1], centres[:, ::-1]
    growth.mark(-1, host, centres, girth, outline, 0)


def _hosts(row: Row, placed: PlacedRow) -> np.ndarray:
    """The dots that carry trims: of the member chosen, or of the largest."""
    if len(row.pattern) == 1:
        return np.arange(placed.n)
    dots = [k for k, member in enumerate(row.pattern) if member.form != "blank"]
    chosen = row.trimmed if row.trimmed is not None else max(dots, key=lambda k: row.pattern[k].diameter)
    return np.flatnonzero(placed.member == chosen)


def _near(row: Row, placed: PlacedRow, context: Context) -> list[PlacedRow]:
    """The rows that trims may meet; over a ball, a walk is up to pi/2 times as long as the straight line."""
    margin = reach(row.trims, float(placed.radius.max())) * pi / 2
    low, high = placed.inner - margin, placed.outer + margin
    return [other for other in context.placed if other.outer >= low and other.inner <= high]


def _around(placed: PlacedRow, near: list[PlacedRow], context: Context) -> Around:
    bodies = [row.bodies for row in near]
    x, y, z, radius = (
        np.concatenate([getattr(placed, name), *(getattr(body, name) for body in bodies)])
        for name in ("x", "y", "z", "radius")
    )
    return Around(context.surface, x, y, z, radius, context.loads)


def _host(placed: PlacedRow, around: Around, own: int) -> Host:
    x, y, z = float(placed.x[own]), float(placed.y[own]), float(placed.z[own])
    out = float(placed.angle_rad[own])
    angle = float(np.arctan2(x * around.mirror, -y)) if np.hypot(x, y) > 1e-9 else out
    turn = own if placed.place is None else int(placed.place[own])
    return Host(x, y, z, float(placed.walk_each[own]), angle, out, float(placed.radius[own]), 1, own, 0, turn)


def _likeness(placed: PlacedRow, near: list[PlacedRow], around: Around, wanted: Whole) -> tuple[Whole, Array]:
    """Which dots look alike once the piece is turned by one of its symmetries, as numbers from 0; and the angle at
    which every own dot lies (rad). Dots that look alike share one growth."""
    radial = np.where(
        np.hypot(placed.x, placed.y) > 1e-9, np.arctan2(placed.x * around.mirror, -placed.y), placed.angle_rad
    )
    if not around.surface.axisymmetric or bool((placed.walk_each[wanted] < 1e-9).any()):
        return np.arange(len(wanted)), radial
    order = gcd(placed.repeats, *(row.order for row in near))
    sector = 2 * pi / max(order, 1)
    within = np.round((radial[wanted] % sector) / sector, SAME) % 1.0
    lean = np.round((placed.angle_rad[wanted] - radial[wanted] + pi) % (2 * pi) - pi, SAME)
    member = placed.member[wanted]
    size, walk = np.round(placed.radius[wanted], SAME), np.round(placed.walk_each[wanted], SAME)
    _, alike = np.unique(np.stack((member, size, walk, within, lean)), axis=1, return_inverse=True)
    return alike.ravel(), radial


def _turned(
    dots: GrownDots, turn: Array, mirror: float, own: Whole, before: int, row: Row, placed: PlacedRow
) -> GrownDots:
    """One growth on every dot that looks alike."""
    n, hosts = len(dots.x), len(own)
    if not n:
        return dots
    x, y = turned_places(dots.x, dots.y, turn[:, None] * mirror)
    begin = before + n * np.arange(hosts)[:, None]
    below = np.where(dots.below == 0, own[:, None], dots.below - 1 + begin)
    slots = np.tile(dots.slot, (hosts, 1))
    if any(isinstance(trim, TopTrim) and trim.turns for trim in row.trims):
        place = own if placed.place is None else placed.place[own]
        slots = np.stack([_turning(row, dots, int(one)) for one in place])
    return GrownDots(
        x.ravel(),
        y.ravel(),
        np.tile(dots.z, hosts),
        np.tile(dots.radius, hosts),
        np.tile(dots.walk, hosts),
        (dots.out_rad + turn[:, None]).ravel(),
        np.tile(dots.level, hosts),
        np.tile(dots.trim, hosts),
        slots.ravel(),
        np.repeat(own, n),
        below.ravel(),
    )


def _turning(row: Row, dots: GrownDots, place: int) -> np.ndarray:
    """Shades of stacked dots that take turns round the row belong to the place, not to its likeness."""
    slots = dots.slot.copy()
    for number, trim in enumerate(row.trims):
        if isinstance(trim, TopTrim) and trim.turns and not any(getattr(t, "trims", ()) for t in row.trims[:number]):
            own = np.flatnonzero(dots.trim == number)
            slots[own] = [slot(trim, k, place) for k in range(len(own))]
    return slots


def _turned_mark(mark: Mark, turn: float, mirror: float, own: int) -> Mark:
    outline, centres = (turned(line, turn * mirror) for line in (mark.outline, mark.spine))
    return replace(mark, outline=outline, spine=centres, host=own)
