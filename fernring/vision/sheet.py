"""A painted practice sheet in a photograph: every dot and swipe on it, and what each was meant for."""

from collections.abc import Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import find_objects
from scipy.optimize import linear_sum_assignment

from ..core.colour import srgb
from ..core.marks import NUMBER_PLACES, SHEET, SHEET_MARKS, SIDE, sheet_number
from ..core.practice.sheet import LEFT, LOW, RIGHT, TOP, Block, PracticeSheet, blocks, labels
from .dot_edges import Edge, edge_of
from .flat import Flat, flattened
from .intake import Picture, Pixels
from .limits import PictureError
from .marks import each_once, found_marks, grey_of, marked_view, mirrored, spanned
from .paint_on_paper import beside_paper, darkness, linear, paint_share
from .stages import DOTS, MARKS, Tell, silent
from .view import Array, View

LEAST_MARKS = 12
PARTNER = 0.25  # of their distance, by which the two marks of a number may stand otherwise
LEAST_SPAN = 0.6  # of the area inside the marks
PER_MM, MOST = 10.0, 7_000_000
WRITTEN = 0.62  # width of a letter, of its height
SEEN = 0.16  # by how much paint must differ from paper for its colour to be learned
COVERED, LEAST_PAINTED = 0.6, 3  # share of a target that paint covers, and so many of them
WET = 0.45  # share of paint, smoothed, beyond which a place is painted
SMALLEST = 0.4  # mm
APART, LESSER = 0.8, 0.5  # of their radii together, and of the larger: how two dots that run together are told from one
ROUND, FULL = 0.72, 0.7  # less round, or less covered, is a smudge
SLIM = 1.7  # length of a swipe, of its width
NEAR, NEAREST = 0.8, 1.6  # of the dot, and in mm: how far from its target a dot may lie


@dataclass(frozen=True)
class Seen:
    """A dot or swipe (mm from the sheet's top left): its middle, the diameter of its area, how round it is (its
    shorter axis by its longer), of a swipe its length and width; what it was meant for, None where for nothing; whether
    it is a smudge."""

    x: float
    y: float
    diameter: float
    roundness: float
    block: int | None = None
    target: int | None = None
    length: float | None = None
    smudged: bool = False


@dataclass(frozen=True, eq=False)
class SheetRead:
    """`plane` (3, 3) takes millimetres of the sheet to shares of the picture."""

    seen: list[Seen]
    paint: str
    plane: Array
    marks: int


def number_of(picture: Picture) -> int:
    """The number of the sheet in a picture. Raises PictureError."""
    grey = grey_of(picture.pixels)
    marks = found_marks(grey)
    known = {number for number, _ in marks}
    if len(known & set(SHEET_MARKS)) < 4:
        if mirrored(grey):
            raise PictureError("This picture is mirrored: bring the one that the camera took.")
        raise PictureError("No practice sheet of this program is found in the picture.")
    number = sheet_number({number for number, corners in marks if _has_partner(corners, marks)})
    if number is None:
        raise PictureError("The two marks that tell the sheet's number are not seen: take all of it, in even light.")
    return number


def _has_partner(own: Array, marks: Sequence[tuple[int, Array]]) -> bool:
    """Whether the mark beside which a mark of the number stands is there, about as far as it is printed."""
    (x, y), (u, v) = NUMBER_PLACES
    side = float(np.sqrt(cv2.contourArea(own.astype(np.float32))))
    apart = float(np.hypot(u - x, v - y)) / SIDE * side
    away = [float(np.linalg.norm(other.mean(axis=0) - own.mean(axis=0))) for _, other in marks]
    return any(abs(one - apart) < PARTNER * apart for one in away)


def sheet_read(picture: Picture, sheet: PracticeSheet, tell: Tell = silent) -> SheetRead:
    """Everything painted on a sheet. Raises PictureError with why it cannot be read."""
    tell(MARKS)
    seen, marks = _view(picture)
    tell(DOTS)
    wide, high = SHEET
    flat = flattened(picture.pixels, seen, 0.0, (0.0, 0.0, wide, high), PER_MM, MOST)
    shown = beside_paper(linear(flat.pixels), flat.per_mm)
    targets = blocks(sheet)
    paint = _paint(shown, flat, targets)
    share = paint_share(shown, paint)
    _without_print(share, flat, sheet)
    found = [_seen(edge) for edge in _edges(share, darkness(shown, paint), flat, targets)]
    size = np.array(picture.pixels.shape[1::-1]) - 1
    grid = np.array([[x, y] for x in (0, wide / 2, wide) for y in (0, high / 2, high)], dtype=float)
    plane, _ = cv2.findHomography(grid, seen.seen(grid) / size)
    return SheetRead(
        _meant(found, targets),
        srgb.to_hex(srgb.coded(np.asarray(paint, dtype=float))[None])[0],
        np.asarray(plane, dtype=float),
        marks,
    )


def _view(picture: Picture) -> tuple[View, int]:
    marks = each_once(found_marks(grey_of(picture.pixels)), set(SHEET_MARKS), "practice sheet")
    inner = cv2.contourArea(cv2.convexHull(np.array(list(SHEET_MARKS.values()), dtype=np.float32)))
    if len(marks) < LEAST_MARKS or spanned(SHEET_MARKS, marks) < LEAST_SPAN * inner:
        raise PictureError(
            f"Only {len(marks)} of the {len(SHEET_MARKS)} marks round the sheet are seen: take all of it, in even light"
            "."
        )
    return marked_view(picture, SHEET_MARKS, marks), len(marks)


def _paint(shown: Array, flat: Flat, targets: Sequence[Block]) -> Array:
    """What the paint shows beside paper: the middle colour of what lies on the targets. Raises PictureError."""
    learned = []
    for block in targets:
        reach = max(1, round(0.3 * block.dot * flat.per_mm))
        for x, y in flat.pixels_of(np.array(block.places)).round().astype(int).tolist():
            part = shown[max(y - reach, 0) : y + reach + 1, max(x - reach, 0) : x + reach + 1].reshape(-1, 3)
            wet = np.abs(part - 1).max(axis=1) > SEEN
            if wet.mean() > COVERED:
                learned.append(part[wet])
    if len(learned) < LEAST_PAINTED:
        raise PictureError("Nothing is painted on this sheet's targets.")
    return np.asarray(np.median(np.concatenate(learned), axis=0), dtype=float)


def _without_print(share: Array, flat: Flat, sheet: PracticeSheet) -> None:
    """Take away what lies outside the targets' area, and the words."""
    (left, top), (right, low) = np.rint(flat.pixels_of(np.array([[LEFT - 4, TOP - 3], [RIGHT + 4, LOW + 4]]))).astype(
        int
    )
    share[: max(top, 0)] = 0
    share[low:] = 0
    share[:, : max(left, 0)] = 0
    share[:, right:] = 0
    for label in labels(sheet):
        box = np.array(
            [[label.x - 1, label.y - label.size], [label.x + WRITTEN * label.size * len(label.text) + 1, label.y + 0.4]]
        )
        (x1, y1), (x2, y2) = np.rint(flat.pixels_of(box)).astype(int)
        share[max(y1, 0) : y2, max(x1, 0) : x2] = 0


def _edges(share: Array, dark: Array, flat: Flat, targets: Sequence[Block]) -> list[Edge]:
    """The outline of every piece of paint that is not too small or thin."""
    wet = (cv2.GaussianBlur(share, (0, 0), 0.7) > WET).astype(np.uint8)
    per_mm = flat.per_mm
    lines, _ = cv2.findContours(wet, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    whole = np.zeros_like(wet)
    cv2.drawContours(whole, lines, -1, 1, cv2.FILLED)
    small = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (3, 3))
    opened = np.asarray(cv2.morphologyEx(whole, cv2.MORPH_OPEN, small), dtype=np.uint8)
    of = _parted(opened, flat, targets)
    found = []
    for k, part in enumerate(find_objects(of), start=1):
        mask = of[part] == k
        if mask.sum() < np.pi / 4 * (SMALLEST * per_mm) ** 2:
            continue
        top, left = (side.start for side in part)
        rows, columns = np.nonzero(mask)
        edge = edge_of(share, dark, mask, (left, top), np.array([columns.mean() + left, rows.mean() + top]), per_mm)
        if edge is not None:
            found.append(edge)
    return found


def _parted(wet: Pixels, flat: Flat, targets: Sequence[Block]) -> NDArray[np.intp]:
    """Pieces of paint by number; dots that run together are parted at their narrowest, by a watershed of the distance
    from paper (scikit-image). Swipes stay whole."""
    from skimage.feature import peak_local_max
    from skimage.segmentation import watershed

    of = np.asarray(cv2.connectedComponents(wet)[1], dtype=np.intp)
    inside = cv2.distanceTransform(np.pad(wet, 1), cv2.DIST_L2, 5)[1:-1, 1:-1]
    swipes = _at_swipes(of, flat, targets)
    peaks = peak_local_max(inside, min_distance=max(2, round(0.3 * flat.per_mm)), labels=of, exclude_border=False)
    tops = np.zeros_like(of)
    deepest: dict[int, list[tuple[float, int, int]]] = {}
    for y, x in peaks.tolist():
        deepest.setdefault(int(of[y, x]), []).append((float(inside[y, x]), y, x))
    number = 0
    for many in deepest.values():
        many.sort(reverse=True)
        kept: list[tuple[float, int, int]] = []
        for deep, y, x in many:
            if all(np.hypot(y - v, x - u) > APART * (deep + other) for other, v, u in kept) and (
                not kept or (deep > LESSER * kept[0][0] and int(of[y, x]) not in swipes)
            ):
                kept.append((deep, y, x))
        for _, y, x in kept:
            number += 1
            tops[y, x] = number
    return np.asarray(watershed(-inside, tops, mask=wet > 0))


def _at_swipes(of: NDArray[np.intp], flat: Flat, targets: Sequence[Block]) -> set[int]:
    """The pieces that lie on the lines of swipes."""
    found: set[int] = set()
    for block in targets:
        for t, end in enumerate(block.ends):
            line = np.linspace(block.places[t], end, 40)
            for shift in (-0.5, 0.0, 0.5):
                x, y = np.rint(flat.pixels_of(line + np.array([0.0, shift]))).astype(int).T
                found |= set(of[y, x].tolist())
    return found - {0}


def _seen(edge: Edge) -> Seen:
    slim = edge.long > SLIM * edge.wide
    smudged = not slim and (edge.roundness < ROUND or edge.covered < FULL)
    return Seen(
        edge.x, edge.y, edge.wide if slim else edge.diameter, edge.roundness, length=edge.long if slim else None,
        smudged=smudged,
    )  # fmt: skip


def _meant(found: list[Seen], targets: Sequence[Block]) -> list[Seen]:
    """Each with the target it was meant for: those pairs for which all the distances together are the least."""
    places = [
        (b, t, *_middle(block, t), _near(block)) for b, block in enumerate(targets) for t in range(len(block.places))
    ]
    if not found:
        return []
    goals = np.array([place[2:4] for place in places])
    near = np.array([place[4] for place in places])
    far = np.hypot(*(np.array([[one.x, one.y] for one in found])[:, None] - goals[None]).transpose(2, 0, 1))
    slim = np.array([one.length is not None for one in found])
    swiped = np.array([targets[place[0]].technique == "swipe" for place in places])
    apt = (far < near[None]) & (slim[:, None] == swiped[None])
    rows, columns = linear_sum_assignment(np.where(apt, far, 1e3))
    meant = {int(r): places[int(c)][:2] for r, c in zip(rows, columns, strict=True) if apt[r, c]}
    return [replace(one, block=meant[k][0], target=meant[k][1]) if k in meant else one for k, one in enumerate(found)]


def _middle(block: Block, target: int) -> tuple[float, float]:
    x, y = block.places[target]
    if not block.ends:
        return x, y
    return (x + block.ends[target][0]) / 2, (y + block.ends[target][1]) / 2


def _near(block: Block) -> float:
    return 5.0 if block.ends else max(NEAR * block.dot, NEAREST)
