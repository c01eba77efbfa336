"""The answer about a stone: its outline by as few points as tell it."""

import cv2
import numpy as np

from .stone import Traced
from .stone_asked import StoneFound

TOLERANCE = 0.12  # mm, within which the outline is told by fewer points


def found(traced: Traced) -> StoneFound:
    """The outline by as few points as keep it within the tolerance."""
    line = traced.outline.astype(np.float32)
    few = cv2.approxPolyDP(line[:, None], TOLERANCE, True)[:, 0]
    at = np.sort([int(np.argmin(np.sum((line - point) ** 2, axis=1))) for point in few])
    x, y = np.round(traced.outline[at], 3).T.tolist()
    pairs = [tuple(tuple(pair) for pair in np.round(part, 5).tolist()) for part in (traced.over[at], traced.card)]
    return StoneFound(
        x=tuple(x), y=tuple(y), over=pairs[0], card=pairs[1], plane=tuple(traced.plane.ravel().tolist()),
        uncertain=round(traced.uncertain, 2), warnings=tuple(traced.warnings), marks=traced.marks,
        widest=traced.widest,
    )  # fmt: skip
