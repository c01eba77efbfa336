"""What the pots at hand do not give: shades out of reach, and paint of which there is not enough."""

from collections.abc import Iterator

from ..advice.verdict import Verdict
from ..paint.pots import Mixing
from ..paint.recipes import UNREACHED


def pot_findings(mixed: Mixing) -> Iterator[Verdict]:
    yield from _out_of_reach(mixed)
    yield from _not_enough(mixed)


def _out_of_reach(mixed: Mixing) -> Iterator[Verdict]:
    """Ramps and mixed shades of which the best recipe misses by more than can be overlooked."""
    shades = mixed.solved.palette.shades
    missed = [pot for pot in mixed.pots if pot.recipe is not None and not pot.recipe.reached]
    for ident in dict.fromkeys(shades[pot.amount.shade].ramp or shades[pot.amount.shade].name for pot in missed):
        own = [pot for pot in missed if ident in (shades[pot.amount.shade].ramp, shades[pot.amount.shade].name)]
        worst = max(pot.recipe.error for pot in own if pot.recipe)
        names = ", ".join(shades[pot.amount.shade].name for pot in own)
        more = f" One more paint of about {own[0].gap} would close the gap." if own[0].gap else ""
        text = (
            f"{names} cannot be mixed of these paints: the best recipes miss by up to {worst:.1f} (wanted "
            f"{UNREACHED:g}).{more}"
        )
        rows = tuple(sorted({row for pot in own for row in pot.amount.rows}))
        yield Verdict("out of reach", f"out of reach:{ident}", "note", text, rows)


def _not_enough(mixed: Mixing) -> Iterator[Verdict]:
    """Paint of which less is left than the piece takes."""
    solved, names = mixed.solved, {paint.id: paint.name for paint in mixed.paints}
    for one in mixed.short:
        where = "it lasts for the dots, with no margin" if one.row is None else f"it runs out in {solved.name(one.row)}"
        text = f"Not enough {names[one.paint]}: {one.needed:.1f} ml are needed and {one.left:g} ml are left; {where}."
        rows = (one.row,) if one.row is not None else ()
        yield Verdict("not enough paint", f"not enough:{one.paint}", "warning", text, rows)
