"""Colours as they are seen otherwise: wet, under varnish, by other light, as values in grey, by colour-blind eyes.

Colour-blind eyes: Machado, Oliveira and Fernandes 2009, severity 1, on linear light. Adaptation to another light:
Bradford (Lam 1985). Surfaces: Saunderson 1942; how much haze a matte one adds is common practice, no source, as is how
much lighter paint is while it is wet.
"""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np

from . import srgb
from .cielab import XYZ_OF_LIGHT
from .reflectance import recovered
from .spectrum import observer
from .srgb import Array
from .surface import ROUGH, inside, outside

BRADFORD = np.array([[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]])
RED_BLIND = np.array(
    [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]]
)
GREEN_BLIND = np.array([[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.01182, 0.04294, 0.968881]])
BLUE_BLIND = np.array([[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.3039]])
HAZE = 0.02  # of white light that a matte surface scatters beside the mirror image
WET = 0.1  # of its light that a paint loses while it dries, where nobody said how much


@dataclass(frozen=True)
class Way:
    """`name` is offered; `seen` makes linear light of linear light, shape (n, 3). What is seen from far has the same
    colours, and is blurred by whoever draws it."""

    name: str
    seen: Callable[[Array], Array]


def as_seen(colours: tuple[str, ...], way: str, darker: tuple[float, ...] = ()) -> list[str]:
    """Colours "#rrggbb" as they are seen so. `darker` says how much of its light each loses while it dries, which tells
    how it looks while wet. Raises KeyError for a way there is not.
    """
    light = srgb.linear(srgb.from_hex(list(colours)))
    found = wet(light, np.array(darker)[:, None]) if way == "wet" and darker else WAYS[way].seen(light)
    return srgb.to_hex(srgb.coded(np.clip(found, 0, 1)))


def wet(light: Array, darker: Array | float) -> Array:
    """What dries to this light by losing a share of it; white stays white."""
    return np.asarray(light / (1 - darker * (1 - light)))


def _same(light: Array) -> Array:
    return light


def _gloss(light: Array) -> Array:
    """The haze of a matte surface is gone, and a smooth one reflects more light from below back into the paint."""
    return outside(inside(np.maximum(light - HAZE, 0) / (1 - HAZE), ROUGH))


def _matte(light: Array) -> Array:
    return light + HAZE * (1 - light)


def _grey(light: Array) -> Array:
    """Values alone: the grey of the same L*."""
    value = light @ XYZ_OF_LIGHT[1]
    return np.repeat(value[:, None], 3, axis=1)


def _by(kind: str) -> Callable[[Array], Array]:
    """By another light, to which the eye has adapted: a smooth reflectance for each colour, its X, Y, Z under that
    light, taken to D65."""

    def seen(light: Array) -> Array:
        there, here = observer(kind), observer()
        cones = (there.sum(axis=0) @ BRADFORD.T, here.sum(axis=0) @ BRADFORD.T)
        adapted = np.linalg.inv(BRADFORD) @ np.diag(cones[1] / cones[0]) @ BRADFORD
        xyz = recovered(light).curves @ there @ adapted.T
        return np.asarray(xyz @ np.linalg.inv(XYZ_OF_LIGHT).T)

    return seen


def _eye(matrix: Array) -> Callable[[Array], Array]:
    return lambda light: np.asarray(light @ matrix.T)


WAYS: Mapping[str, Way] = {
    "painted": Way("dry, by daylight", _same),
    "wet": Way("while wet", lambda light: wet(light, WET)),
    "matte": Way("under matte varnish", _matte),
    "gloss": Way("under gloss varnish", _gloss),
    "warm": Way("by a warm lamp (A, 2856 K)", _by("A")),
    "cool": Way("by a cool tube (F2, 4230 K)", _by("F2")),
    "grey": Way("values in grey", _grey),
    "red-blind": Way("by a red-blind eye", _eye(RED_BLIND)),
    "green-blind": Way("by a green-blind eye", _eye(GREEN_BLIND)),
    "blue-blind": Way("by a blue-blind eye", _eye(BLUE_BLIND)),
    "far": Way("from two metres", _same),
}
