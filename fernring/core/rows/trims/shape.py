"""Small shapes that are no dots, as outlines and the discs that fill them: ovals, leaves, strokes and diamonds; little
arcs, waves and curls of a pen or brush; crystals."""

from collections.abc import Callable
from typing import NamedTuple

import numpy as np

from ...geometry.outline.polygon import turned
from ...geometry.surface import Array
from ...geometry.swept import envelope

N = 25
FACETS = 8
SMALL = 1e-7  # mm; a crystal is one disc, and a spine has two ends
CURL_TURNS, CURL_MIDDLE = 1.3, 0.25  # a curl's turns, and where it ends inside, as a share of its width
WAVE = 0.22  # half a wave's width as a share of its length


class Shape(NamedTuple):
    """Outline (n, 2), spine (m, 2) and girth (m,) about the origin, the length along v (mm)."""

    outline: Array
    spine: Array
    girth: Array

    def laid(self, along: bool, slant_rad: float) -> "Shape":
        """Across instead of outward, and turned clockwise."""
        lines = (self.outline[:, ::-1], self.spine[:, ::-1]) if along else (self.outline, self.spine)
        outline, spine = (turned(line * [1, -1], slant_rad) * [1, -1] for line in lines)
        return Shape(outline, spine, self.girth)

    @property
    def across(self) -> float:
        """How wide it is across v (mm), as far to the one side as to the other."""
        return 2 * float(np.abs(self.outline[:, 0]).max())

    @property
    def outward(self) -> float:
        """How long it is along v (mm), as far outward as inward."""
        return 2 * float(np.abs(self.outline[:, 1]).max())


def shape(form: str, width: float, length: float) -> Shape:
    """A shape by the name of its form, so wide and long (mm)."""
    if form in PROFILES:
        return _filled(PROFILES[form], width, length)
    if form == "crystal":
        angle = np.arange(FACETS) * 2 * np.pi / FACETS
        outline = width / 2 * np.stack((np.sin(angle), np.cos(angle)), axis=1)
        return Shape(outline, np.array([[0.0, -SMALL], [0.0, SMALL]]), np.full(2, width / 2))
    centres = SPINES[form](np.linspace(0, 1, N), max(length - width, 0.1))
    girth = np.full(N, width / 2)
    return Shape(envelope(centres, girth), centres, girth)


def _filled(profile: Callable[[Array], Array], width: float, length: float) -> Shape:
    t = np.linspace(-1, 1, N)
    reach = length / 2
    side = width / 2 * profile(t)
    outline = np.concatenate((np.stack((side, reach * t), axis=1), np.stack((-side, reach * t), axis=1)[::-1]))
    centres = np.stack((np.zeros(N), reach * t), axis=1)
    girth = np.minimum(side, np.maximum(reach - np.abs(reach * t), 0.02))
    return Shape(outline, centres, np.maximum(girth, 0.02))


PROFILES: dict[str, Callable[[Array], Array]] = {
    "oval": lambda t: np.sqrt(np.maximum(1 - t * t, 0)),
    "leaf": lambda t: 1 - t * t,
    "diamond": lambda t: 1 - np.abs(t),
    "stroke": lambda t: np.minimum(1.0, np.sqrt(np.maximum(1 - ((np.abs(t) - 0.8) / 0.2).clip(0) ** 2, 0))),
}


def _bow(t: Array, length: float) -> Array:
    """Half a circle over the length, which lies across; it bulges outward."""
    return length / 2 * np.stack((-np.cos(np.pi * t), np.sin(np.pi * t) - 0.5), axis=1)


def _wave(t: Array, length: float) -> Array:
    return length * np.stack((WAVE * np.sin(2 * np.pi * t), t - 0.5), axis=1)


def _curl(t: Array, length: float) -> Array:
    """A spiral of Archimedes, from the outside in; its foot points inward."""
    reach, turn = length / 2 * (1 - (1 - CURL_MIDDLE) * t), 2 * np.pi * CURL_TURNS * t
    return np.stack((reach * np.sin(turn), -reach * np.cos(turn)), axis=1)


SPINES: dict[str, Callable[[Array, float], Array]] = {"bow": _bow, "wave": _wave, "curl": _curl}
