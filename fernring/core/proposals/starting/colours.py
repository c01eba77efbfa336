"""Colours for a starting pattern: which paints stand out, and a run from light to deep."""

from collections.abc import Sequence
from itertools import combinations, pairwise

import numpy as np

from ...colour import cielab, oklab, srgb
from ...colour.difference import ciede2000
from ...colour.ramp import ramp
from ...document.shelf import Paint
from ...paint.recipes import mixes

STANDS_OUT = 14.0
APART, A_STEP = 12.0, 4.0
CLEAR = 0.6  # of their own chroma that colours keep midway


def by_contrast(paints: tuple[Paint, ...], base: str) -> tuple[Paint, ...]:
    """The paints that stand out from the base, in the order given; all of them when none does."""
    lab = cielab.from_hex([base, *(paint.colour for paint in paints)])
    apart = ciede2000(lab[1:], lab[:1])
    return tuple(p for p, difference in zip(paints, apart, strict=True) if difference >= STANDS_OUT) or paints


def covering(paints: tuple[Paint, ...]) -> tuple[Paint, ...]:
    """Those that cover whatever is below them; all where none does."""
    weak = ("neon", "glitter")
    return tuple(one for one in paints if one.cover == "opaque" and one.finish not in weak) or paints


def mixable(paints: tuple[Paint, ...]) -> tuple[Paint, ...]:
    """Those of which a ramp can be mixed; all where there are fewer than two."""
    found = tuple(paint for paint in paints if mixes(paint))
    return found if len(found) > 1 else paints


def light_to_deep(paints: tuple[Paint, ...]) -> tuple[Paint, ...]:
    """By falling lightness L*."""
    lightness = cielab.from_hex([paint.colour for paint in paints])[:, 0]
    return tuple(paints[k] for k in np.argsort(-lightness, kind="stable"))


def accents(paints: tuple[Paint, ...], count: int = 2) -> tuple[Paint, ...]:
    """Paints far from each other, starting with the lightest: each next is furthest from those chosen."""
    ordered = light_to_deep(paints)
    lab = cielab.from_hex([paint.colour for paint in ordered])
    apart = ciede2000(lab[:, None], lab[None, :])
    chosen = [0]
    while len(chosen) < min(count, len(ordered)):
        least = apart[:, chosen].min(axis=1)
        least[chosen] = -1
        chosen.append(int(least.argmax()))
    return tuple(ordered[k] for k in chosen)


def contrasting(paints: tuple[Paint, ...], wanted: Paint, beside: Sequence[str]) -> Paint:
    """The paint wanted, where it stands apart from all these colours; else the one that does so best."""
    lab = cielab.from_srgb(srgb.from_hex([*(paint.colour for paint in (wanted, *paints)), *beside]))
    own = len(paints) + 1
    least = ciede2000(lab[:own, None], lab[None, own:]).min(axis=1)
    return wanted if least[0] >= APART else paints[int(least[1:].argmax())]


def clear_run(paints: tuple[Paint, ...]) -> tuple[Paint, ...]:
    """Two or three paints in this order between which a ramp runs longest without turning grey; all where there are
    fewer.

    Grey by the chroma in Oklab midway between two paints, as a share of the mean of both; where all ways are grey, the
    clearest.
    """
    lab = oklab.from_srgb(srgb.from_hex([paint.colour for paint in paints]))
    chroma = np.linalg.norm(lab[:, 1:], axis=1)
    runs = [run for many in (2, 3) for run in combinations(range(len(paints)), many)]

    def clear(run: tuple[int, ...]) -> float:
        pairs = np.array(list(pairwise(run)))
        midway = np.linalg.norm(lab[pairs, 1:].mean(axis=1), axis=1)
        return float((midway / np.maximum(chroma[pairs].mean(axis=1), 1e-6)).min())

    def length(run: tuple[int, ...]) -> float:
        return float(np.linalg.norm(np.diff(lab[list(run)], axis=0), axis=1).sum())

    clean = [run for run in runs if clear(run) >= CLEAR]
    chosen = max(clean, key=length) if clean else max(runs, key=clear, default=tuple(range(len(paints))))
    return tuple(paints[k] for k in chosen)


def even_steps(stops: list[str], most: int) -> int:
    """The most steps, up to so many, of a ramp whose neighbours can be told apart; two at the least."""
    for steps in range(most, 2, -1):
        lab = cielab.from_hex(ramp(stops, steps))
        if float(ciede2000(lab[:-1], lab[1:]).min()) >= A_STEP:
            return steps
    return 2
