"""Colours for a starting pattern: which paints stand out, and a run from light to deep."""

import numpy as np

from ...colour import cielab, srgb
from ...colour.difference import ciede2000
from ...document.shelf import Paint

STANDS_OUT = 14.0
APART = 12.0


def by_contrast(paints: tuple[Paint, ...], base: str) -> tuple[Paint, ...]:
    """The paints that stand out from the base, in the order given; all of them when none does."""
    lab = cielab.from_srgb(srgb.from_hex([base, *(paint.colour for paint in paints)]))
    apart = ciede2000(lab[1:], lab[:1])
    return tuple(p for p, difference in zip(paints, apart, strict=True) if difference >= STANDS_OUT) or paints


def light_to_deep(paints: tuple[Paint, ...]) -> tuple[Paint, ...]:
    """By falling lightness L*."""
    lightness = cielab.from_srgb(srgb.from_hex([paint.colour for paint in paints]))[:, 0]
    return tuple(paints[k] for k in np.argsort(-lightness, kind="stable"))


def accents(paints: tuple[Paint, ...], count: int = 2) -> tuple[Paint, ...]:
    """Paints far from each other, starting with the lightest: each next is furthest from those chosen."""
    ordered = light_to_deep(paints)
    lab = cielab.from_srgb(srgb.from_hex([paint.colour for paint in ordered]))
    apart = ciede2000(lab[:, None], lab[None, :])
    chosen = [0]
    while len(chosen) < min(count, len(ordered)):
        least = apart[:, chosen].min(axis=1)
        least[chosen] = -1
        chosen.append(int(least.argmax()))
    return tuple(ordered[k] for k in chosen)
