"""One fan solved: heads along an outer edge, tails that run together towards a focus."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from functools import cached_property
from itertools import zip_longest
from math import inf, pi

import numpy as np

from ...budget import spend
from ...dots.index import Index
from ...dots.table import Array, Mask
from ...geometry.crossing import crossing
from ...geometry.frames import lifted, walk_above
from ...geometry.root import root
from ...geometry.surface import Plane
from ...geometry.swept import Swept, clear_between, clear_of_discs, envelope
from ...geometry.turn import direction
from ...regions.bare import visible
from ..context import Context
from ..taper import taper

SAMPLES, COARSE, FINE, TRIED = 40, 4, 160, 240
LEAST_HEADS = 1.5  # a shorter swipe is none
MOST_LEAN, STEPS = 85 * pi / 180, 3  # leans tried for each width of a head
EXACT, NEAR, STRAIGHT = 1e-9, 1e-3, 1e-9  # mm, mm, mm²
NO_ROOM = "there is no room for a swipe between what lies inside and the edge"
TRY = 20_000  # work for one swipe tried
TRY_CURVED = 3 * TRY


@dataclass(frozen=True)
class Axis:
    """Where a fan stands, as whoever looks at this half sees it: a line through a point in plan, its direction, and the
    directions from the centre (rad) between which its room lies."""

    x: float
    y: float
    way_rad: float
    bounds: tuple[float, float]


@dataclass(frozen=True)
class FanRule:
    """`sizes` are the heads' diameters from the middle outward, taking turns. Each next swipe is shorter than the last
    by at least the share `shorter`. `arc` is the walk distance of the heads, None for along the border; `focus` that
    of the point the tails run to, None for where the room begins."""

    sizes: tuple[float, ...]
    gap: float
    most: int
    pair: bool
    shorter: float
    thin: bool
    arc: float | None
    focus: float | None


@dataclass(frozen=True, eq=False)
class Stroke:
    """One swipe, the `step`th from the middle: its head in plan and the head's radius, the direction that this looks
    (rad), its length (mm), its body, the places and radii of discs that fill it and its outline, in plan."""

    step: int
    x: float
    y: float
    radius: float
    out_rad: float
    length: float
    body: Swept
    spine: Array
    girth: Array
    outline: Array


def fan(rule: FanRule, axis: Axis, context: Context) -> list[Stroke] | str:
    """The swipes of one fan, from the middle outward, those on the right before those on the left; or why there are
    none."""
    room = _Room(rule, axis, context)
    if room.begins is None:
        return NO_ROOM
    middle = None if rule.pair else room.stroke(0.0, 0, None)
    if middle is None and not rule.pair:
        return NO_ROOM
    sides = [list(room.beside(way, middle)) for way in (1.0, -1.0)]
    found = [middle] if middle else []
    found += [stroke for pair in zip_longest(*sides) for stroke in pair if stroke]
    return found or NO_ROOM


@dataclass(frozen=True, eq=False)
class _Ray:
    """The way from a head to the focus on the surface: places in plan (n, 2) and lengths from the head (mm)."""

    plan: Array
    along: Array

    def at(self, s: Array) -> Array:
        """Places in plan at these lengths; beyond its ends it goes on straight."""
        inside = np.clip(s, 0.0, self.along[-1])
        found = np.stack([np.interp(inside, self.along, part) for part in self.plan.T], axis=1)
        whole = self.plan[-1] - self.plan[0]
        return np.asarray(found + ((s - inside) / np.hypot(*whole))[:, None] * whole)


class _Room:
    """The room of one fan: what a swipe in it has to keep clear of."""

    def __init__(self, rule: FanRule, axis: Axis, context: Context) -> None:
        self.rule, self.axis, self.context = rule, axis, context
        self.far = float(np.hypot(*context.ground.outline.T).max()) * 2
        bodies = [row.bodies for row in context.placed]
        columns = ("x", "y", "z", "radius")
        self.discs = np.array([np.concatenate([np.empty(0), *(getattr(one, c) for one in bodies)]) for c in columns])
        self.bare = [(visible(area, context.bare, context.site), area.gap) for area in context.bare if area.bare]

    @cached_property
    def begins(self) -> Array | None:
        """Where the tails run to: the given distance along the axis, or where the outermost stretch of it that is free
        for a swipe begins; None where none is."""
        at = np.array([self.axis.x, self.axis.y])
        if self.rule.focus is not None:
            return np.asarray(at + self.rule.focus * direction(self.axis.way_rad))
        way = self._way(at, self.axis.way_rad, 0.0)
        begin, end = _outermost(way(self.steps) <= 0, LEAST_HEADS * self.rule.sizes[0] / self.steps[1])
        if begin == 0:
            return at if end else None
        low, high = self.steps[begin - 1], self.steps[begin]
        back = root(lambda back: float(way(high - back)[0]), 0.0, high - low, EXACT)
        return np.asarray(at + (high - back) * direction(self.axis.way_rad))

    @property
    def focus(self) -> Array:
        assert self.begins is not None
        return self.begins

    @cached_property
    def steps(self) -> Array:
        return np.linspace(0.0, self.far, TRIED)

    def head(self, lean_rad: float, radius: float, about: float | None = None) -> float | None:
        """How far from the focus a head lies that leans so far from the axis: as far out as there is a head's width of
        room before it. It is looked for `about` there first."""
        way = self._way(self.focus, self.axis.way_rad + lean_rad, radius)
        low, high = (about - radius, about + radius) if about else (0.0, 0.0)
        if not about or not way(low)[0] < 0 <= way(high)[0]:
            _, end = _outermost(way(self.steps) < 0, 2 * radius / self.steps[1])
            if end in (0, TRIED):
                return None
            low, high = self.steps[end - 1], self.steps[end]
        return float(root(lambda far: float(way(far)[0]), low, high, EXACT / 2) - EXACT / 2)

    def _at(self, lean_rad: float, far: float) -> Array:
        """The place in plan so far from the focus."""
        return np.asarray(self.focus + far * direction(self.axis.way_rad + lean_rad))

    def _way(self, begin: Array, way_rad: float, radius: float) -> Callable[[Array | float], Array]:
        """By how much discs on a straight way from a point miss their gap to the outer edge and to what lies there, by
        their distance from it (mm)."""
        surface, wide, way = self.context.surface, radius + self.rule.gap, direction(way_rad)
        x, y, _, r = self.discs
        aside = np.abs((surface.side * x - begin[0]) * way[1] - (y - begin[1]) * way[0])
        near = Index(*self.discs[:, aside < wide + r])

        def missed(far: Array | float) -> Array:
            px, py = (begin + np.atleast_1d(far)[:, None] * way).T
            spend((TRY if isinstance(surface, Plane) else TRY_CURVED) + len(px) * len(near))
            over = self.context.over(surface.side * px, py, np.full(len(px), wide))
            if self.rule.arc is not None:
                over = np.maximum(over, walk_above(surface, px, py) - self.rule.arc)
            clear, _ = near.nearest(*lifted(surface, px, py)[0])
            return np.maximum(np.where(np.isnan(over), inf, over), wide - clear)

        return missed

    def beside(self, way: float, middle: Stroke | None) -> Iterator[Stroke]:
        """The swipes on one side (1: right, -1: left) one after the other, each as near to the last as may be."""
        before, lean = middle, 0.0
        most = self.rule.most // 2 if middle is None else (self.rule.most - 1) // 2
        for k in range(most):
            step = k if middle is None else k + 1
            found = self._nearest_lean(way, lean, before, self._radius(step))
            stroke = None if found is None else self.stroke(way * found[0], step, before, found[1])
            if found is None or stroke is None:
                return
            before, lean = stroke, found[0]
            yield stroke

    def _radius(self, step: int) -> float:
        return self.rule.sizes[step % len(self.rule.sizes)] / 2

    def _nearest_lean(
        self, way: float, lean: float, before: Stroke | None, radius: float
    ) -> tuple[float, float] | None:
        """The least further lean at which a head keeps its gap to the last swipe, or for the first of a pair to the
        axis, and how far from the focus it lies there; None where the fan ends."""
        about = self.head(way * lean, radius)
        if about is None:
            return None
        tried: dict[float, tuple[float, float]] = {}

        def short(more: float) -> float:
            far = self.head(way * more, radius, about)
            if far is None:
                return inf
            head = self._swept(self._at(way * more, far)[None], np.array([radius]))
            tried[more] = more, far
            return self.rule.gap - self._clear_of_last(head, before)

        step = (2 * radius + self.rule.gap) / max(about, radius) / STEPS
        low, high = lean, lean
        while short(high) > 0:
            low, high = high, high + step
            if high > MOST_LEAN:
                return None
        if high > low and low in tried:
            high = low + root(lambda more: -short(low + more), 0.0, high - low, EXACT) + EXACT
            short(high)
        return tried.get(high)

    def stroke(self, lean_rad: float, step: int, before: Stroke | None, far: float | None = None) -> Stroke | None:
        """The longest swipe from the head at this lean, so far from the focus, that keeps all gaps; None if that is
        none."""
        radius = self._radius(step)
        far = self.head(lean_rad, radius) if far is None else far
        if far is None:
            return None
        ray = self._ray(self._at(lean_rad, far))
        most = float(ray.along[-1])
        if before is not None:
            most = min(most, (1 - self.rule.shorter) * before.length)
        least = LEAST_HEADS * 2 * radius
        if most < least or self._short(ray, radius, least, before) > EXACT:
            return None
        length = crossing(lambda long: self._short(ray, radius, long, before) - EXACT, least, most, NEAR)
        return self._drawn(ray, step, radius, length, self.axis.way_rad + lean_rad)

    def _ray(self, head: Array) -> _Ray:
        plan = head + np.linspace(0.0, 1.0, FINE + 1)[:, None] * (self.focus - head)
        points = np.stack(lifted(self.context.surface, *plan.T)[0], axis=1)
        along = np.concatenate(([0.0], np.linalg.norm(np.diff(points, axis=0), axis=1).cumsum()))
        return _Ray(plan, along)

    def _swept(self, plan: Array, girth: Array) -> Swept:
        return Swept(np.stack(lifted(self.context.surface, *plan.T)[0], axis=1), girth)

    def _short(self, ray: _Ray, radius: float, length: float, before: Stroke | None) -> float:
        """By how much the swipe of this length misses a gap (mm): to the last one, to what lies there, to the sides of
        its room, to bare areas and to the outer edge."""
        spend(TRY)
        gap, t = self.rule.gap, np.linspace(0.0, 1.0, SAMPLES + 1)
        plan, girth = ray.at(length * t), radius * taper(self.rule.thin, t)
        body = self._body(plan, girth)
        missed = [gap - self._clear_of_last(body, before), gap - self._clear_of_sides(plan, girth)]
        missed += [wide - float((area.signed_distance(*plan.T) - girth).min()) for area, wide in self.bare]
        if not self.convex:
            x, y = plan[::COARSE].T
            missed.append(float(self.context.over(self.context.surface.side * x, y, girth[::COARSE]).max()))
        near = self._near(body)
        if near.shape[1]:
            missed.append(gap - float(clear_of_discs(body, near[:3].T, near[3]).min()))
        return max(missed)

    @cached_property
    def convex(self) -> bool:
        """Whether what lies between two places inside the border lies inside it."""
        line = self.context.ground.clear[0] if len(self.context.ground.clear) == 1 else np.empty((0, 2))
        step = np.roll(line, -1, axis=0) - line
        after = np.roll(step, -1, axis=0)
        turn = step[:, 0] * after[:, 1] - step[:, 1] * after[:, 0]
        return bool(len(line)) and bool((turn >= -STRAIGHT).all())

    def _body(self, plan: Array, girth: Array) -> Swept:
        """The discs; of a teardrop on a flat blank the first and the last say all."""
        if isinstance(self.context.surface, Plane) and not self.rule.thin:
            return self._swept(plan[[0, -1]], girth[[0, -1]])
        return self._swept(plan, girth)

    def _near(self, body: Swept) -> Array:
        """Discs that may come closer to the body than the gap, shape (4, n)."""
        middle = (body.centres[0] + body.centres[-1]) / 2
        reach = float(np.linalg.norm(body.centres - middle, axis=1).max() + body.girth.max()) + self.rule.gap
        apart = np.linalg.norm(self.discs[:3] - middle[:, None], axis=0)
        return np.asarray(self.discs[:, apart < reach + self.discs[3]])

    def _clear_of_last(self, body: Swept, before: Stroke | None) -> float:
        """Clear distance to the swipe before; of the first of a pair to its mirror image, over the axis."""
        if before is not None and len(body.girth) == 1:
            return float(clear_of_discs(before.body, body.centres, body.girth)[0])
        if before is not None:
            return clear_between(body, before.body)
        if not self.rule.pair:
            return inf
        aside = body.centres[:, :2] * [self.context.surface.side, 1.0] - [self.axis.x, self.axis.y]
        return 2 * float((np.abs(aside @ _right(self.axis.way_rad)) - body.girth).min())

    def _clear_of_sides(self, plan: Array, girth: Array) -> float:
        """Clear distance to the mirror images beyond the sides of the room."""
        left, right = self.axis.bounds
        return 2 * float(min((plan @ _right(left) - girth).min(), (-(plan @ _right(right)) - girth).min()))

    def _drawn(self, ray: _Ray, step: int, radius: float, length: float, out_rad: float) -> Stroke:
        t = np.linspace(0.0, 1.0, SAMPLES + 1)
        spine, girth = ray.at(length * t), radius * taper(self.rule.thin, t)
        flat = envelope(np.stack((length * t, np.zeros_like(t)), axis=1), girth)
        outline = ray.at(flat[:, 0]) + flat[:, 1:] * _right(out_rad)
        x, y = spine[0].tolist()
        return Stroke(step, x, y, radius, out_rad, length, self._body(spine, girth), spine, girth, outline)


def _outermost(free: Mask, least: float) -> tuple[int, int]:
    """The last run of free places that are at least so many, as its first and the one after its last; (0, 0) without
    any."""
    edges = np.flatnonzero(np.diff(np.concatenate(([False], free, [False])).astype(int)))
    runs = [(begin, end) for begin, end in edges.reshape(-1, 2).tolist() if end - begin >= least]
    return runs[-1] if runs else (0, 0)


def _right(angle_rad: float) -> Array:
    """Unit vector to the right of a direction."""
    return np.array([np.cos(angle_rad), np.sin(angle_rad)])
