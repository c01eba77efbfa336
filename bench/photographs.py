"""Stones from photographs: how near the outline comes, on seeds of its own."""

import time
from concurrent.futures import ProcessPoolExecutor
from dataclasses import dataclass

import numpy as np

from fernring.standins.camera.stones import Shot, stone_shot
from fernring.vision.intake import picture
from fernring.vision.limits import PictureError
from fernring.vision.stone import traced

from .outlines import apart
from .timing import figure

SHOTS, FIRST = 120, 50_000
STEEPEST, STEEP = 25.0, 12.0
GROSS = 3.0


@dataclass(frozen=True)
class Read:
    """`far` and `area` (a share) are None where nothing was found; `unsure` is without the height, `stated` with."""

    tilt: float
    seconds: float
    far: float | None = None
    area: float = 0.0
    stated: float = 0.0
    warned: bool = False
    unsure_far: float = 0.0
    unsure_stated: float = 0.0
    what: str = ""


def run() -> bool:
    with ProcessPoolExecutor(2) as pool:
        read = list(pool.map(_one, range(SHOTS)))
    found = [one for one in read if one.far is not None]
    flat = [one for one in found if one.tilt <= STEEP]
    steep = [one for one in found if one.tilt > STEEP]
    good = figure("found without help", 100 * len(found) / len(read), "%", None, 95)
    for words, part, most in (("up to 12 degrees", flat, 0.6), ("above", steep, 1.0)):
        good &= figure(f"Hausdorff distance, tilt {words}, median", float(np.median([o.far for o in part])), "mm", most)
    good &= figure("error of the area, median", 100 * float(np.median([abs(o.area) for o in found])), "%", 1.5)
    inside = [o.unsure_far <= o.unsure_stated for o in found]
    good &= figure("without height: true error inside the stated one", 100 * float(np.mean(inside)), "%", None, 95)
    figure("with height: the same", 100 * float(np.mean([o.far <= o.stated for o in found])), "%")
    wrong = [o for o in found if o.far > GROSS and not o.warned]
    good &= figure("wrong by more than 3 mm without a warning", len(wrong), "", 0)
    figure("with a warning", 100 * float(np.mean([o.warned for o in found])), "%")
    seconds = [o.seconds for o in read]
    good &= figure("to read one, median", float(np.median(seconds)), "s", 2)
    good &= figure("the slowest", max(seconds), "s", 6)
    for one in sorted(found, key=lambda o: -o.far)[:5]:
        print(f"    furthest: {one.far:.2f} mm, {one.what}")
    return good


def _one(k: int) -> Read:
    tilt = STEEPEST * (k + 0.5) / SHOTS
    shot = stone_shot(FIRST + k, tilt)
    what = f"seed {FIRST + k}, {shot.tint} {shot.stuff} stone on {shot.ground}, tilt {tilt:.0f}"
    off = float(np.random.default_rng(FIRST + k).uniform(-1, 1))
    began = time.perf_counter()
    try:
        found = traced(picture(shot.jpeg), max(shot.body.widest + off, 0.0))
    except PictureError as error:
        return Read(tilt, time.perf_counter() - began, what=f"{what}: {error.message}")
    seconds = time.perf_counter() - began
    far, area = apart(found.outline, shot.body.outline)
    return Read(tilt, seconds, far, area, found.uncertain, bool(found.warnings), *_unsure(shot), what)


def _unsure(shot: Shot) -> tuple[float, float]:
    """The same without the height: how far it is, and how far it says it may be."""
    found = traced(picture(shot.jpeg), None)
    return apart(found.outline, shot.body.outline)[0], found.uncertain
