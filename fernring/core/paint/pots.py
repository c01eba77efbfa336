"""What to put into the pots for a piece: amounts, recipes for the steps of ramps, ladders from light to colour."""

from collections.abc import Sequence
from dataclasses import dataclass

from ..budget import budgeted
from ..colour import cielab
from ..document.piece import Piece
from ..document.shelf import MixedPot, Paint, PaintShade, Ramp, RampShade, Shelf
from ..errors import FitError
from ..solved import Solved, solve_piece
from ..tables import table
from .amounts import Amount, Coats, amounts, coats
from .gap import closing
from .ladder import Rung, ladder
from .leftovers import Leftover, leftover
from .recipes import BINDERS, Recipe, mixes, recipes
from .short import Short, shortages
from .whole_drops import poured


@dataclass(frozen=True)
class Pot:
    """An amount; for a shade that has to be mixed the recipe with as many drops of each paint as make it. `leftover` is
    a pot that was mixed before and looks the same; `gap` the colour of one more paint with which an aim that is out of
    reach could be mixed."""

    amount: Amount
    recipe: Recipe | None = None
    drops: tuple[tuple[str, int], ...] = ()
    leftover: Leftover | None = None
    gap: str | None = None

    @property
    def mixed(self) -> float:
        """Millilitres of what its drops give."""
        return sum(drops for _, drops in self.drops) / float(table("amounts.json")["drops_per_ml"])

    @property
    def portions(self) -> dict[str, float]:
        """Which share of it each paint is."""
        whole = sum(drops for _, drops in self.drops)
        return {ident: drops / whole for ident, drops in self.drops}


@dataclass(frozen=True)
class Ladder:
    """One ramp mixed in one pot: its light and its coloured paint, the plan's shades, and what is done for each."""

    ramp: str
    light: str
    colour: str
    shades: tuple[int, ...]
    rungs: tuple[Rung, ...]


@dataclass(frozen=True)
class Mixing:
    """`price` is what all paint costs of which a price is known, None where none is."""

    solved: Solved
    paints: tuple[Paint, ...]
    pots: tuple[Pot, ...]
    ladders: tuple[Ladder, ...]
    coats: Coats
    short: tuple[Short, ...]
    price: float | None


@budgeted
def mixing(piece: Piece, margin: float, shelf: Shelf | None = None, known: Solved | None = None) -> Mixing:
    """Everything that is to be mixed or poured for a piece, with so much (a share) beyond the need.

    Recipes are of the paints of the shelf and those of the piece; without a shelf of the piece's alone.
    """
    solved = solve_piece(piece, known)
    paints = at_hand(piece, shelf)
    found = amounts(solved, margin)
    pots = tuple(_pots(solved, found, paints, shelf))
    short = shortages(solved, paints, [(pot.amount, _portions(solved, pot)) for pot in pots])
    return Mixing(
        solved, paints, pots, tuple(_ladders(solved, found)), coats(solved), short, _price(solved, paints, pots)
    )


def at_hand(piece: Piece, shelf: Shelf | None) -> tuple[Paint, ...]:
    """The shelf's paints as they are there, and those of the piece that it has not; what is mixed itself is none."""
    ours = shelf.paints if shelf else ()
    known = {paint.id for paint in ours}
    return (*ours, *(paint for paint in piece.paints if paint.id not in known and not paint.parts))


def _pots(solved: Solved, found: Sequence[Amount], paints: Sequence[Paint], shelf: Shelf | None) -> list[Pot]:
    palette = solved.palette
    own = {paint.id for paint in paints}
    stepped = [one for one in found if _is_mixed(palette.asked[one.shade], own)]
    by_shade: dict[int, Recipe] = {}
    for binder in dict.fromkeys(_binder(solved, one) for one in stepped):
        own_kind = [paint for paint in paints if mixes(paint) and binder in (None, paint.binder)]
        mine = [one for one in stepped if _binder(solved, one) == binder]
        made = recipes(own_kind, [palette.shades[one.shade].colour for one in mine]) if own_kind else []
        by_shade |= {one.shade: recipe for one, recipe in zip(mine, made, strict=False)}
    missed = [recipe.aim for recipe in by_shade.values() if not recipe.reached]
    gap = closing(paints, missed) if missed else None
    kept = shelf.mixed if shelf else ()
    return [_pot(one, by_shade.get(one.shade), palette.shades[one.shade].colour, kept, gap, paints) for one in found]


def _binder(solved: Solved, amount: Amount) -> str | None:
    """The binder that what is mixed for a shade has to have: that of its own paint; None where it is of no matter."""
    paint = solved.palette.paints[amount.shade]
    return paint.binder if paint is not None and paint.binder in BINDERS else None


def _is_mixed(shade: object, own: set[str]) -> bool:
    return isinstance(shade, RampShade) or (isinstance(shade, PaintShade) and shade.paint not in own)


def _pot(
    amount: Amount, recipe: Recipe | None, colour: str, kept: Sequence[MixedPot], gap: str | None,
    paints: Sequence[Paint],
) -> Pot:  # fmt: skip
    """Whole drops that keep the recipe; what a pot of before holds does not have to be mixed."""
    if recipe is None:
        return Pot(amount)
    before = leftover(colour, kept)
    needed = max(amount.drops - (before.drops if before else 0), 0)
    recipe, drops = poured(recipe, needed, paints) if needed else (recipe, ())
    return Pot(amount, recipe, drops, before, None if recipe.reached else gap)


def _portions(solved: Solved, pot: Pot) -> dict[str, float]:
    """ml of each paint that goes into it."""
    if pot.recipe is None:
        paint = solved.palette.paints[pot.amount.shade]
        return {paint.id: pot.amount.mix} if paint else {}
    fresh = max(pot.amount.mix - (pot.leftover.ml if pot.leftover else 0.0), 0.0)
    return {ident: share * fresh for ident, share in pot.portions.items()}


def _price(solved: Solved, paints: Sequence[Paint], pots: Sequence[Pot]) -> float | None:
    prices = {paint.id: paint.price for paint in paints if paint.price is not None}
    used = [(ident, ml) for pot in pots for ident, ml in _portions(solved, pot).items() if ident in prices]
    return sum(prices[ident] * ml / 100 for ident, ml in used) if used else None


def _ladders(solved: Solved, found: Sequence[Amount]) -> list[Ladder]:
    """For every ramp between two paints that can be mixed, of which two steps or more are painted."""
    paints = {paint.id: paint for paint in solved.piece.paints}
    ladders = []
    for ramp in solved.piece.ramps:
        own = [one for one in found if (shade := solved.palette.asked[one.shade]) and _of(shade, ramp)]
        ends = [paints[stop] for stop in ramp.stops]
        if len(ends) == 2 and len(own) > 1 and all(map(mixes, ends)) and ends[0].binder == ends[1].binder:
            ladders += _ladder(solved, ramp, ends, own)
    return ladders


def _of(shade: object, ramp: Ramp) -> bool:
    return isinstance(shade, RampShade) and shade.ramp == ramp.id


def _ladder(solved: Solved, ramp: Ramp, ends: Sequence[Paint], own: Sequence[Amount]) -> list[Ladder]:
    """Colour is added to the lighter of the two."""
    light, colour = sorted(ends, key=_lightness, reverse=True)
    made = recipes((light, colour), [solved.palette.shades[one.shade].colour for one in own])
    shares = [dict(one.drops).get(colour.id, 0) / sum(drops for _, drops in one.drops) for one in made]
    order = sorted(range(len(own)), key=lambda k: shares[k])
    try:
        rungs = ladder([shares[k] for k in order], [own[k].drops for k in order])
    except FitError:  # two steps that come out of the same mix
        return []
    return [Ladder(ramp.id, light.id, colour.id, tuple(own[k].shade for k in order), tuple(rungs))]


def _lightness(paint: Paint) -> float:
    return float(cielab.from_hex([paint.colour])[0, 0])
