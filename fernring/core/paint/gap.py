"""One more paint with which colours that are out of reach could be mixed."""

from collections.abc import Sequence

import numpy as np

from ..colour import cielab, oklch
from ..colour.difference import ciede2000
from ..document.shelf import Paint
from .mixing import mixed
from .pigment import pigments
from .recipes import MOST_POTS, mixes, whitest

HUES, LIGHTS, CHROMAS = 18, (0.35, 0.55, 0.75, 0.9), (0.1, 0.17, 0.24)
SHARES = np.array([1.0, 0.8, 0.6, 0.4, 0.2])
"""Of the new paint; the rest is one of the others."""
FEW = 24


def closing(paints: Sequence[Paint], aims: Sequence[str]) -> str | None:
    """The colour "#rrggbb" of a paint that covers well, and that with one of these paints comes nearest to all aims.

    Colours all round, in four lights and three chromas, white, black and the aims themselves are tried, each with each
    of the paints. None without a paint that can be mixed.
    """
    others = [paint for paint in paints if mixes(paint)][:FEW]
    if not others or len(paints) > MOST_POTS or not aims:
        return None
    tried = list(dict.fromkeys((*_around(), "#ffffff", "#101010", *aims)))
    new = [Paint(id=f"tried-{k}", name="tried", colour=colour) for k, colour in enumerate(tried)]
    made = pigments((*others, *new), whitest(others))
    wanted = cielab.from_hex(aims)
    n, m = len(others), len(new)
    parts = np.zeros((n, len(SHARES), n + 1))
    parts[np.arange(n), :, np.arange(n)] = 1 - SHARES
    parts[:, :, n] = SHARES
    worst = np.empty(m)
    for k in range(m):
        lab = cielab.from_srgb(np.clip(mixed((*made[:n], made[n + k]), parts.reshape(-1, n + 1)), 0, 1))
        worst[k] = ciede2000(wanted[:, None], lab[None]).min(axis=1).max()
    return tried[int(worst.argmin())]


def _around() -> list[str]:
    turns = np.arange(HUES) * 360 / HUES
    grid = np.array([(light, chroma, hue) for light in LIGHTS for chroma in CHROMAS for hue in turns])
    return oklch.to_hex(grid)
