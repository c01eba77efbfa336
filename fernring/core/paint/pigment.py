"""What a paint absorbs and scatters at each wavelength, from its colour alone or from swabs mixed with white.

Source: Kubelka and Munk 1931, of a layer that hides what is below: K/S = (1 - R)^2 / 2R. Reflection at the surface:
Saunderson 1942 with the usual constants; colours are taken as seen aside from the mirror image of the light.
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ..colour.reflectance import of_colours
from ..colour.srgb import Array
from ..colour.surface import inside
from ..document.shelf import Paint

STRENGTH = {"opaque": 1.0, "half": 0.5, "translucent": 0.2}
"""How much a paint scatters beside white where no swab tells, by its cover: a default, common practice, no source."""
SMOOTH = 0.4  # weight of the smoothness of a curve beside the swabs
LEAST = 1e-4


@dataclass(frozen=True, eq=False)
class Pigment:
    """Absorption and scattering, each of shape (36,), white scattering about 1. `calibrated` tells that swabs of mixes
    were measured, and not only the paint by itself."""

    absorbs: Array
    scatters: Array
    calibrated: bool = False


def quotient(below: Array) -> Array:
    """K/S of a reflectance below the surface."""
    return np.asarray((1 - below) ** 2 / (2 * np.maximum(below, LEAST)))


def reflected(ratio: Array) -> Array:
    """The reflectance below the surface of a K/S: the smaller root of R^2 - 2(1 + K/S) R + 1."""
    return np.asarray(1 + ratio - np.sqrt(ratio * ratio + 2 * ratio))


def pigments(paints: Sequence[Paint], white: str | None = None) -> list[Pigment]:
    """Of every paint: by its swabs with the white of this id where it has some, else by its colour and cover."""
    swabs = [swab for paint in paints for swab in paint.swabs]
    colours = tuple(paint.colour for paint in paints) + tuple(swab.colour for swab in swabs)
    ratios = quotient(inside(of_colours(colours).curves))
    own = dict(zip((paint.id for paint in paints), ratios[: len(paints)], strict=True))
    plain = {
        paint.id: Pigment(own[paint.id] * STRENGTH[paint.cover], np.full(36, STRENGTH[paint.cover])) for paint in paints
    }
    base = plain.get(white or "")
    found, at = [], len(paints)
    for paint in paints:
        mixed = ratios[at : at + len(paint.swabs)]
        at += len(paint.swabs)
        parts = np.array([swab.white for swab in paint.swabs])
        if base is None or not len(mixed) or paint.id == white:
            found.append(plain[paint.id])
        else:
            found.append(fitted(base, own[paint.id], mixed, parts))
    return found


def fitted(white: Pigment, pure: Array, mixed: Array, parts: Array) -> Pigment:
    """Two smooth curves that tell the paint by itself (K/S `pure`) and every mix, with so many parts of white to one.

    Each mix says (K + p Kw) = q (S + p Sw), which is linear in K and S: weighted least squares, the second differences
    of both curves as priors; what comes out below zero is set to a little.
    """
    n = len(pure)
    bends = SMOOTH * np.diff(np.eye(n), 2, axis=0)
    lines = [np.hstack((np.eye(n), -np.diag(pure))) / (1 + pure)[:, None]]
    wanted = [np.zeros(n)]
    for q, p in zip(mixed, parts, strict=True):
        weight = 1 / ((1 + q) * (1 + p))
        lines.append(np.hstack((np.eye(n), -np.diag(q))) * weight[:, None])
        wanted.append(p * (q * white.scatters - white.absorbs) * weight)
    lines += [np.hstack((bends, np.zeros_like(bends))), np.hstack((np.zeros_like(bends), bends))]
    wanted += [np.zeros(len(bends)), np.zeros(len(bends))]
    found, *_ = np.linalg.lstsq(np.vstack(lines), np.concatenate(wanted), rcond=None)
    return Pigment(np.maximum(found[:n], LEAST), np.maximum(found[n:], LEAST), True)
