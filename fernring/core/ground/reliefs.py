"""From a document's relief to the surface of the blank."""

import numpy as np

from ..document.blank import Blank, SetCentre
from ..document.outline import Round
from ..document.relief import Ball, Dome, Egg, Plate, TapedDome
from ..errors import FitError
from ..geometry.dome import ArcDome, ball, rise_from_tape
from ..geometry.egg import HalfEgg
from ..geometry.outline.axes import longest_axis
from ..geometry.outline.rays import Rim, seen_whole
from ..geometry.plate import Plate as PlateSurface
from ..geometry.surface import Array, Plane, Surface


def surfaces(blank: Blank, outline: Array) -> tuple[Surface, Surface | None]:
    """The front's surface and, for a ball or egg, the back's (as it is seen from its own pole)."""
    relief, shape = blank.relief, blank.outline
    if isinstance(shape, Round):
        if isinstance(relief, Ball):
            return ball(shape.diameter), ball(shape.diameter)
        if isinstance(relief, Egg):
            half = shape.diameter / 2
            return HalfEgg(half, relief.widest), HalfEgg(half, relief.length - relief.widest)
        if isinstance(relief, Plate):
            return PlateSurface(shape.diameter / 2, relief.well / 2, relief.rise), None
    if isinstance(relief, Dome | TapedDome):
        return _dome(blank, relief, outline), None
    return Plane(float(np.hypot(outline[:, 0], outline[:, 1]).max())), None


def rise_of(relief: Dome | TapedDome, outline: Array) -> float:
    """The rise in mm; of a taped dome along the longest way through the centre."""
    if isinstance(relief, Dome):
        return relief.rise
    rim, along = Rim(outline), longest_axis(outline)
    across = rim(np.array([along, along + np.pi]))
    return rise_from_tape(float(across.sum()), relief.tape)


def _dome(blank: Blank, relief: Dome | TapedDome, outline: Array) -> Surface:
    if not seen_whole(outline):
        raise FitError(
            "This outline is not seen whole from its centre, so it has no dome that can be calculated; "
            "set another centre or take it as flat.",
            "blank.relief",
        )
    rise = rise_of(relief, outline)
    if isinstance(blank.outline, Round) and not isinstance(blank.centre, SetCentre):
        return ArcDome(blank.outline.diameter / 2, rise)
    return ArcDome(Rim(outline), rise)
