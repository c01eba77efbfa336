"""Every kind of blank for the tests."""

from typing import Any

import numpy as np

from fernring.core.document.blank import Blank
from fernring.core.document.piece import Piece
from fernring.core.geometry.surface import Plane
from fernring.core.regions.site import Site
from tests import samples

BLANKS: dict[str, dict[str, Any]] = {
    "oval": {"outline": {"kind": "oval", "length": 140, "width": 90}},
    "narrow oval": {"outline": {"kind": "oval", "length": 139.7, "width": 88.9}, "border": 4},
    "square": {"outline": {"kind": "square", "side": 108, "corner": 4}},
    "rectangle": {"outline": {"kind": "rectangle", "length": 150, "width": 100}},
    "polygon": {"outline": {"kind": "polygon", "sides": 6, "side": 60}},
    "heart": {"outline": {"kind": "heart", "length": 120, "width": 130}, "centre": {"kind": "inscribed"}},
    "cross": {"outline": {"kind": "cross", "length": 200, "width": 160, "arm": 70}},
    "leaf": {"outline": {"kind": "leaf", "length": 180, "width": 90}, "lie": {"kind": "angle", "degrees": 30}},
    "spoked": {"outline": {"kind": "spoked", "distances": [50, 55, 52, 47, 44, 46, 51, 58]}},
    "odd": {"outline": {"kind": "odd", "x": [-50, 45, 60, 20, -40], "y": [-40, -50, 10, 55, 45]}},
    "dome": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "dome", "rise": 18}},
    "taped": {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "taped dome", "tape": 105}},
    "domed oval": {"outline": {"kind": "oval", "length": 120, "width": 90}, "relief": {"kind": "dome", "rise": 20}},
    "plate": {"outline": {"kind": "round", "diameter": 200}, "relief": {"kind": "plate", "well": 120, "rise": 15}},
    "ball": {"outline": {"kind": "round", "diameter": 80}, "relief": {"kind": "ball"}, "border": 1},
    "egg": {"outline": {"kind": "round", "diameter": 60}, "relief": {"kind": "egg", "length": 84, "widest": 36}},
}


def site(radius: float) -> Site:
    """A flat round blank."""
    angle = np.arange(720) * np.pi / 360
    return Site(Plane(radius), radius * np.stack((np.sin(angle), -np.cos(angle)), axis=1))


def bare(name: str, **more: Any) -> Piece:
    return samples.piece(blank=Blank.model_validate({"base": {"colour": "#101417"}, **BLANKS[name]}), **more)
