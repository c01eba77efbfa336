"""The outline of a stone from a photograph of it beside the scale card."""

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from ..core.geometry.outline.polygon import centroid
from .apart import Stroke, apart, covered_by
from .card import card_view, frame
from .edge import closed, fine_line, first_line, second_line
from .flat import flattened, in_view
from .intake import Picture
from .limits import PictureError
from .stages import CARD, GROUND, LINE, Tell, silent
from .view import Array, View

REACH = 400.0  # mm from the card that are looked at
ROUGH, FINE = 1.0, 2.5  # pixels for a millimetre
ROUND = 25.0  # mm of ground round the stone that it is compared with
# mm above the table where nobody measured, and its deviation: common practice, no source
USUAL_WIDEST, UNSURE_WIDEST = 8.0, 4.0
KNOWN_WIDEST = 0.5  # mm, deviation of a measured one
USUAL_DOME = 0.27  # of the mean radius, of what stands above the widest line: common practice, no source
BELOW = 1.4  # depth of the half ellipse below the widest line, as a share of its height
EDGE = 0.35  # mm, of an edge that is sharp
IN_95 = 2.6  # deviations
SCALE = 0.004  # of the reach, for what the card leaves open
WEAK, MANY_WEAK = 0.25, 0.12  # an edge that hardly shows, and which share of the line may be so
KINK, WAVES = 0.5, 10  # mm that a stone's outline leaves a line of so many waves at most
UNSTEADY, DOUBTFUL = 1.6, 1.9  # mm, between two searches, and between two opinions


@dataclass(frozen=True, eq=False)
class Traced:
    """`outline` (n, 2) in mm about its own middle, clockwise, turned as in the picture; `over` the same and `card`
    (4, 2) the card's corners as shares of the picture's width and height; `plane` (3, 3) takes such shares to mm as a
    homography; `uncertain` (mm), inside which the true outline lies in 95 of 100; `warnings` are sentences; `marks` how
    many of the card's were found; `widest` the height that was taken for that of the widest line (mm)."""

    outline: Array
    over: Array
    card: Array
    plane: Array
    uncertain: float
    warnings: list[str]
    marks: int
    widest: float


def traced(
    picture: Picture,
    widest: float | None,
    rise: float | None = None,
    pointed: Sequence[tuple[float, float]] | None = None,
    strokes: Sequence[tuple[bool, Sequence[tuple[float, float]]]] = (),
    tell: Tell = silent,
) -> Traced:
    """`widest` is the height of the stone's widest line above the card and `rise` of its top (mm), None where nobody
    measured it. `strokes` say (stone or ground, points as shares of width and height). Raises PictureError with why.
    """
    tell(CARD)
    view, marks = card_view(picture, pointed)
    height = widest if widest is not None else min(USUAL_WIDEST, rise / 2 if rise else USUAL_WIDEST)
    size = np.array(picture.pixels.shape[1::-1]) - 1
    drawn = [
        Stroke(stone, view.places(np.array(points) * size, height)) for stone, points in strokes if len(points) > 0
    ]
    line = _line(picture, view, height, drawn, tell)
    seen = view.seen(line.places, height)
    if (seen < 3).any() or (seen > size - 3).any():
        raise PictureError("The stone reaches over the edge of the picture: take it from further away.")
    reach = float(np.linalg.norm(line.places - line.places.mean(axis=0), axis=1).max())
    dome = (rise - height) if rise is not None and rise > height else USUAL_DOME * reach
    outline = widest_line(view, height, line.places, dome)
    corrected = float(np.linalg.norm(outline - line.places, axis=1).max())
    middle = _centre(outline)
    turn = _upright(view, height, middle)
    return Traced(
        outline=(outline - middle) @ turn,
        over=seen / size,
        card=frame(view) / size,
        plane=_plane(view, height, line.places, middle, turn, size),
        uncertain=_uncertain(line, reach, reach / float(np.linalg.norm(view.eye)), corrected, widest is not None),
        warnings=_warnings(line, height, widest is not None),
        marks=marks,
        widest=height,
    )


@dataclass(frozen=True, eq=False)
class Line:
    """The silhouette as `places` (n, 2) of the plane of the widest line; by how much (mm) two searches for it are
    apart, and two opinions of it; the share of it where the edge hardly shows; and by how much it is kinked (mm)."""

    places: Array
    moved: float
    doubt: float
    weak: float
    kinked: float


def _line(picture: Picture, view: View, height: float, drawn: Sequence[Stroke], tell: Tell) -> Line:
    """Told from the ground roughly, then nearer and nearer."""
    tell(GROUND)
    card = view.places(frame(view), height)
    rough = flattened(picture.pixels, view, height, in_view(picture.pixels, view, height, REACH), ROUGH)
    mask = apart(rough, card, drawn)
    tell(LINE)
    fine = flattened(picture.pixels, view, height, rough.window(mask, ROUND), FINE)
    covered = covered_by(fine, card)
    first, other = first_line(fine, fine.taken(mask, rough), covered)
    second = second_line(fine, first, covered)
    places, sharp = fine_line(picture.pixels, view, height, fine.places(second))
    moved, doubt = (float(np.abs(_distance(first, line)).max()) / fine.per_mm for line in (second, other))
    return Line(places, moved, doubt, float(np.mean(sharp < WEAK)), kinked(places))


def _uncertain(line: Line, reach: float, nearer: float, corrected: float, measured: bool) -> float:
    """How far the true outline may lie from the one found (mm), in 95 of 100; `nearer` is by how much it changes for
    each mm of height."""
    height = KNOWN_WIDEST if measured else UNSURE_WIDEST
    searches = (0.5 * line.moved, 0.3 * line.doubt, 4.0 * max(line.weak - 0.05, 0.0), max(line.kinked - KINK, 0.0))
    return IN_95 * float(np.linalg.norm([EDGE, SCALE * reach, height * nearer, 0.4 * corrected, *searches]))


def _warnings(line: Line, height: float, measured: bool) -> list[str]:
    found = []
    if not measured:
        found.append(
            f"Nobody measured how high the widest line lies: {height:.0f} mm is assumed. Measure it for a sure size."
        )
    if line.moved > UNSTEADY or line.doubt > DOUBTFUL or line.weak > MANY_WEAK or line.kinked > KINK:
        found.append("The edge is not clear everywhere: look along the line, and drag it where it is wrong.")
    return found


def _upright(view: View, height: float, middle: Array) -> Array:
    """The turn (2, 2) after which up on the plane is up in the picture, for points as rows."""
    at = view.seen(middle[None], height)
    up = view.places(at - (0.0, 50.0), height)[0] - middle
    x, y = up / np.linalg.norm(up)
    return np.array([[-y, -x], [x, -y]])


def _plane(view: View, height: float, silhouette: Array, middle: Array, turn: Array, size: Array) -> Array:
    """The homography from shares of the picture near the stone to millimetres of its outline."""
    (left, top), (right, low) = silhouette.min(axis=0) - 10, silhouette.max(axis=0) + 10
    places = np.array([[x, y] for x in (left, (left + right) / 2, right) for y in (top, (top + low) / 2, low)])
    found, _ = cv2.findHomography(view.seen(places, height) / size, (places - middle) @ turn)
    return np.asarray(found, dtype=float)


def widest_line(view: View, height: float, silhouette: Array, dome: float) -> Array:
    """The widest line (n, 2) of a body whose silhouette is seen at these places of the plane of that line.

    Above it the body is half an ellipsoid `dome` high, below it one BELOW times as deep as the line lies high. A ray
    that touches it lies in a plane with the normal (n, w); the plane is sqrt(H^2 + c^2 w^2) from the middle, where H is
    the distance of the line's own tangent with the normal n and c the depth of that half. Source: support function of
    an ellipsoid.
    """
    ahead = np.roll(silhouette, -2, axis=0) - np.roll(silhouette, 2, axis=0)
    normal = np.stack((ahead[:, 1], -ahead[:, 0]), axis=1) / np.linalg.norm(ahead, axis=1, keepdims=True)
    ray = view.rays(view.seen(silhouette, height))
    up = np.sum(normal * ray[:, :2], axis=1) / ray[:, 2]
    depth = np.where(up > 0, dome, BELOW * height)
    seen = np.sum(normal * (silhouette - _centre(silhouette)), axis=1)
    true = np.sqrt(np.maximum(seen**2 - (depth * up) ** 2, 0.0))
    return np.asarray(silhouette + normal * np.where(seen > 0, true - seen, 0.0)[:, None])


def kinked(line: Array) -> float:
    """How far a line leaves the nearest one whose distance from its middle has WAVES waves round it at most (mm):
    stones are smooth, and a line that strayed is not. Source: discrete Fourier transform."""
    out = line - _centre(line)
    turn = np.arctan2(out[:, 0], -out[:, 1])
    order, ways = np.argsort(turn), np.linspace(-np.pi, np.pi, 720, endpoint=False)
    reach = np.interp(ways, turn[order], np.hypot(*out.T)[order], period=2 * np.pi)
    waves = np.fft.rfft(reach)
    waves[WAVES + 1 :] = 0
    return float(np.abs(reach - np.fft.irfft(waves, len(reach))).max())


def _centre(line: Array) -> Array:
    """Of gravity of the area inside a closed line."""
    return np.array(centroid(np.asarray(line, dtype=float)))


def _distance(first: Array, second: Array) -> Array:
    """Of each point of one closed line from the other."""
    line = closed(first).astype(np.float32)
    return np.array([cv2.pointPolygonTest(line, (float(x), float(y)), True) for x, y in second[::4]])
