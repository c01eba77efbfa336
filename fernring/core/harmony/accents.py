"""A colour that is set once, and one hue alone. The limits are a judgement."""

from collections.abc import Iterator
from math import inf

import numpy as np

from ..advice.verdict import Remedy, Verdict, each
from ..colour import oklch
from ..colour.difference import apart
from .palette_of import in_shades
from .report import ColourReport

SMALL, RICH = 0.06, 0.08  # share of what is seen; chroma
OWN_HUE, STANDS_OUT = 45.0, 12.0  # degrees from every larger colour; CIEDE2000
INNER, OUTER = 0.6, 0.62  # of the way to the outermost dot
ONE_HUE, OF_ALL = 40.0, 0.97
FEW_SHADES = 3


def accent_findings(report: ColourReport) -> Iterator[Verdict]:
    yield from _never_again(report)
    yield from _one_hue(report)


def _never_again(report: ColourReport) -> Iterator[Verdict]:
    """A rich colour of its own hue that is seen near the centre only."""
    shades = report.solved.palette.shades
    lch = oklch.from_hex([shade.colour for shade in shades])
    for k, shade in enumerate(shades):
        if not 0 < report.shares[k] < SMALL or lch[k, 1] < RICH or shade.base:
            continue
        others = np.flatnonzero((lch[:, 1] >= oklch.GREY) & (report.shares > 0) & (np.arange(len(shades)) != k))
        out = float(report.bands[1:][report.map[:, k] > 0].max())
        if out > INNER * report.bands[-1] or (oklch.turn(lch[others, 2], lch[k, 2]) < OWN_HUE).any():
            continue
        text = (
            f"{shade.name} is an accent of {report.shares[k]:.0%} near the centre that never returns further out: set "
            "it once more near the edge, as small dots or as top dots, so that it belongs."
        )
        yield Verdict("accent alone", f"accent alone:{shade.colour}", "note", text, (), (), each(*_again(report, k)))


def _again(report: ColourReport, shade: int) -> tuple[Remedy, ...]:
    """The row near the edge with the smallest dots in this shade, where it stands out from the base."""
    solved = report.solved
    if float(apart([solved.palette.shades[shade].colour], [solved.piece.blank.base.colour])[0, 0]) < STANDS_OUT:
        return ()
    near = [one.row for one in report.rows if one.walk > OUTER * report.bands[-1]]
    asked = solved.palette.asked[shade].model_dump(mode="json")
    tried = (in_shades(solved, row, [asked], f"Repeat it in {solved.name(row)}") for row in _smallest(report, near))
    return next((found for found in tried if found), ())


def _smallest(report: ColourReport, rows: list[int]) -> list[int]:
    """Rows by the size of their largest dot; those of swipes and shapes alone last."""
    dots, domed = report.solved.dots, report.solved.domed
    return sorted(rows, key=lambda row: float(dots.radius[domed & (dots.row == row)].max(initial=0.0)) or inf)


def _one_hue(report: ColourReport) -> Iterator[Verdict]:
    shades = report.solved.palette.shades
    lch = oklch.from_hex([shade.colour for shade in shades])
    rich = np.flatnonzero((lch[:, 1] >= oklch.GREY) & (report.shares > 0))
    if len(rich) < FEW_SHADES:
        return
    away = oklch.turn(lch[rich, 2][:, None], lch[rich, 2][None]) <= ONE_HUE / 2
    shares = report.shares[rich] / report.shares[rich].sum()
    within = away @ shares
    best = int(within.argmax())
    if within[best] < OF_ALL:
        return
    text = (
        f"One hue alone: {within[best]:.0%} of the coloured area lies about {shades[rich[best]].name}. If that is not "
        "meant, a little of the opposite hue makes it speak."
    )
    smallest = _smallest(report, [one.row for one in report.rows])[0]
    opposite = _opposite(report, float(lch[rich[best], 2]), smallest)
    yield Verdict("one hue", "one hue", "note", text, (), (), each(*opposite))


def _opposite(report: ColourReport, hue: float, row: int) -> tuple[Remedy, ...]:
    """The row of the smallest dots in the paint of the piece that is most unlike that hue."""
    solved = report.solved
    lch = oklch.from_hex([paint.colour for paint in solved.piece.paints])
    away = oklch.turn(lch[:, 2], np.full(len(lch), hue)) * (lch[:, 1] >= oklch.GREY)
    best = int(away.argmax())
    if away[best] < 90:
        return ()
    paint = solved.piece.paints[best]
    said = [{"kind": "paint", "paint": paint.id}]
    return in_shades(solved, row, said, f"Use {paint.name} in {solved.name(row)}")
