"""Palettes that would suit a piece, of the paints at hand and mixes of two of them.

For each rule of harmony and each hue of the shelf every paint of the piece is replaced so that the cost is least: rows
side by side and the base must stand apart, colours lie near the rule's hues, and light rows stay light. It is found by
changing one paint after the other until nothing gets better, so it is good and not always the best.
"""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from ..budget import budgeted, spend
from ..colour import cielab, oklch
from ..colour.difference import ciede2000
from ..colour.palette import Palette
from ..document.piece import Piece
from ..document.shelf import Paint, PaintShade, RampShade
from ..dots.table import Array, Whole
from ..errors import FitError
from ..solved import Solved, solve_piece
from .candidates import Candidates, candidates
from .repainted import repainted
from .report import colour_report
from .rules import RULES
from .slots import Slots, slots

APART, FROM_BASE, SAME = 22.0, 18.0, 4.0  # CIEDE2000 wanted between rows, from the base; below which two are one
HUE, VALUE, TWICE, NO_HUE, MIX = 1.2, 0.25, 1.5, 0.6, 0.15  # weights beside contrast
ROUNDS, MOST_HUES, MOST_KEPT = 3, 12, 8


@dataclass(frozen=True)
class Idea:
    """A palette by its rule ("" of a picture): the paints that take the places of the piece's, the piece in them, the
    colours that the plan's shades then have, and the least that rows side by side, and rows and base, stand apart
    (CIEDE2000)."""

    rule: str
    paints: tuple[tuple[str, Paint], ...]
    piece: Piece
    colours: tuple[str, ...]
    cost: float
    between: float
    from_base: float


@budgeted
def ideas(
    piece: Piece,
    paints: Sequence[Paint],
    keep: Sequence[str] = (),
    aims: Sequence[str] = (),
    known: Solved | None = None,
) -> list[Idea]:
    """One for each rule, the best first; with colours of a picture as `aims` one that comes near to these.

    `keep` are ids of paints that have to be in it. Raises FitError without paints, or with more to keep than the piece
    has places for.
    """
    if not paints:
        raise FitError("The shelf is empty: palettes are made of its paints.", "paints")
    solved = solve_piece(piece, known)
    places = slots(colour_report(solved))
    if not places.idents:
        raise FitError("No row is painted yet: palettes are for what is painted.", "rows")
    held = [k for k, paint in enumerate(paints) if paint.id in set(keep)]
    if len(held) > min(MOST_KEPT, len(places.idents)):
        raise FitError(f"At most {min(MOST_KEPT, len(places.idents))} paints can be kept (given {len(held)}).", "keep")
    search = _Search(places, candidates(paints), piece.blank.base.colour, held, _own(piece, places))
    if aims:
        return [search.idea(solved, "", search.near_colours(aims))]
    found = [search.idea(solved, rule, search.by_rule(rule)) for rule in RULES]
    return sorted(found, key=lambda one: one.cost)


def _own(piece: Piece, places: Slots) -> list[Paint]:
    by_id = {paint.id: paint for paint in piece.paints}
    return [by_id[ident] for ident in places.idents]


class _Search:
    """`plain` are costs by place and candidate that no hue changes."""

    def __init__(self, places: Slots, found: Candidates, base: str, held: Sequence[int], own: Sequence[Paint]) -> None:
        self.places, self.found, self.held, self.own = places, found, held, own
        base_lab = cielab.from_hex([base])
        lost = np.clip(1 - ciede2000(found.lab, base_lab) / FROM_BASE, 0, 1) ** 2
        value = np.abs(found.lab[None, :, 0] - places.light[:, None]) / 50
        mixes = np.array([bool(paint.parts) for paint in found.paints])
        self.plain = 4 * lost[None] + VALUE * value + MIX * mixes[None]
        self.own_lab = cielab.from_hex([paint.colour for paint in own])

    def by_rule(self, rule: str) -> tuple[Whole, float]:
        """The best assignment over every hue of the shelf from which the rule may begin."""
        lch = self.found.lch
        bought = [k for k, paint in enumerate(self.found.paints) if not paint.parts and lch[k, 1] >= oklch.GREY]
        firsts = [k for k in bought if k in self.held] or bought
        hues = [float(lch[k, 2]) for k in firsts[:: max(1, len(firsts) // MOST_HUES)]] or [0.0]
        tried = [self._assigned(self._hue_cost(rule, hue)) for hue in hues]
        return min(tried, key=lambda one: one[1])

    def near_colours(self, aims: Sequence[str]) -> tuple[Whole, float]:
        """As near as can be to the colours of a picture."""
        lab = cielab.from_hex(aims)
        return self._assigned(ciede2000(self.found.lab[:, None], lab[None]).min(axis=1) / 8)

    def _hue_cost(self, rule: str, first: float) -> Array:
        """How far a candidate lies from the hues of a rule; grey ones go with every hue, but cost a little."""
        lch, own = self.found.lch, RULES[rule]
        away = np.min([oklch.turn(lch[:, 2], np.full(len(lch), first + turn)) for turn in own.turns], axis=0)
        off = np.clip(away - own.room, 0, None) / 40
        return np.where(lch[:, 1] < oklch.GREY, NO_HUE / HUE, off)

    def _assigned(self, hue: Array) -> tuple[Whole, float]:
        n = len(self.places.idents)
        single = self.plain + HUE * hue[None]
        spend(n * ROUNDS * single.size)
        chosen = single.argmin(axis=1)
        free = [k for k in range(n) if not self.places.fixed[k]]
        locked: set[int] = set()
        for candidate in self.held:  # each where it costs least beyond what stands there
            open_places = [k for k in free if k not in locked]
            if open_places:
                best = min(open_places, key=lambda k: single[k, candidate] - single[k, chosen[k]])
                chosen[best] = candidate
                locked.add(best)
        for _ in range(ROUNDS):
            before = chosen.copy()
            for k in free:
                if k not in locked:
                    chosen[k] = int((single[k] + self._beside(k, chosen)).argmin())
            if (chosen == before).all():
                break
        total = sum(float(single[k, chosen[k]] + self._beside(k, chosen)[chosen[k]] / 2) for k in free)
        return np.asarray(chosen, np.int32), total / max(len(free), 1)

    def _beside(self, place: int, chosen: Whole) -> Array:
        """What every candidate costs in a place, by the colours that lie beside it."""
        cost = np.zeros(len(self.found.paints))
        for k, other in enumerate(chosen):
            if k == place:
                continue
            lab = self.own_lab[k] if self.places.fixed[k] else self.found.lab[other]
            away = ciede2000(self.found.lab, lab[None])
            cost += 2 * self.places.beside[place, k] * np.clip(1 - away / APART, 0, 1) ** 2
            cost += TWICE * (away < SAME)
        return cost

    def idea(self, solved: Solved, rule: str, found: tuple[Whole, float]) -> Idea:
        chosen, cost = found
        taken = [
            (ident, self.own[k] if self.places.fixed[k] else self.found.paints[chosen[k]])
            for k, ident in enumerate(self.places.idents)
        ]
        lab = cielab.from_hex([paint.colour for _, paint in taken])
        away = ciede2000(lab[:, None], lab[None])
        touching = away[self.places.beside > 0.1]
        base = ciede2000(lab, cielab.from_hex([solved.piece.blank.base.colour]))
        piece = repainted(solved.piece, dict(taken))
        least = [float(each.min(initial=100)) for each in (touching, base)]
        return Idea(rule, tuple(taken), piece, _colours(solved, piece, dict(taken)), cost, *least)


def _colours(solved: Solved, piece: Piece, taken: Mapping[str, Paint]) -> tuple[str, ...]:
    """What every shade of the plan becomes."""
    ramps, asked = Palette(piece).ramps, solved.palette.asked
    now = [shade.colour for shade in solved.palette.shades]
    return tuple(
        taken[one.paint].colour
        if isinstance(one, PaintShade)
        else ramps[one.ramp][one.step - 1]
        if isinstance(one, RampShade)
        else now[k]
        for k, one in enumerate(asked)
    )


def told(found: Sequence[Idea]) -> Iterator[tuple[str, str]]:
    """Names and sentences of the rules of ideas."""
    for one in found:
        yield (RULES[one.rule].name, RULES[one.rule].about) if one.rule else ("From the picture", "Its main colours.")
