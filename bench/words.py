"""The largest word on a random odd stone beside a search over size, turn and place; a figure dragged with its fill."""

import statistics

import httpx
import numpy as np
import shapely
from playwright.sync_api import Page

from fernring.core.document.piece import Piece
from fernring.core.dots.table import Array
from fernring.core.geometry.outline.polygon import turned
from fernring.core.lettering.largest import largest
from fernring.core.lettering.layout import Set, straight
from tests import patterns
from tests.server import Server
from tests.work_cases import worked

from .chromium import drawn_times, frame_times, opened
from .timing import figure, share

WITHIN = 0.99
TURNS = np.radians(np.arange(-90, 91, 1.0))
APART = 1.0  # mm between the places that are tried
DRAGS, FRAMES = 25, 60


def run() -> bool:
    good = True
    for seed, word, font in ((1, "Leonie", "script"), (2, "fly", "round"), (3, "Open night", "narrow")):
        lines = straight(Set(word, font, 10.0))
        stone = _stone(np.random.default_rng(seed))
        ours, best = largest(lines, [stone], False), _searched(lines, stone)
        assert ours
        good &= share(f"“{word}” by search over ours", best, ours.scale, 1 / WITHIN)
    with opened(demo=False) as (page, server):
        return good & _dragged(page, server)


def _stone(random: np.random.Generator) -> Array:
    """An odd outline by a few waves round a circle."""
    angle = np.arange(120) * np.pi / 60
    reach = np.full(120, 45.0)
    for waves in range(2, 6):
        reach += random.normal(0, 12 / waves) * np.cos(waves * angle + random.uniform(0, 2 * np.pi))
    return np.stack((reach * np.sin(angle), -reach * np.cos(angle)), axis=1)


def _searched(lines: list[Array], stone: Array) -> float:
    """Every turn by a degree at every place of a lattice: as large as lies inside, by halving, where it may be a new
    best one."""
    area = shapely.Polygon(stone)
    shapely.prepare(area)
    left, top, right, bottom = area.bounds
    x, y = (part.ravel() for part in np.meshgrid(np.arange(left, right, APART), np.arange(top, bottom, APART)))
    best = 0.1
    for turn in TURNS:
        points = np.concatenate([turned(line, float(turn)) for line in lines])
        hull = shapely.get_coordinates(shapely.MultiPoint(points).convex_hull)[:-1]
        whole = shapely.MultiLineString([shapely.LinearRing(turned(line, float(turn))) for line in lines])
        free = shapely.contains_xy(area, x, y)
        for px, py in hull[:: max(len(hull) // 12, 1)].tolist():  # most places fall by a few points of the hull
            free[free] = shapely.contains_xy(area, x[free] + best * px, y[free] + best * py)
        for at in np.stack((x[free], y[free]), axis=1).tolist():
            best = _larger(area, whole, at, best)
    return best


def _larger(area: shapely.Polygon, whole: shapely.Geometry, at: list[float], best: float) -> float:
    def fits(size: float) -> bool:
        return bool(shapely.contains(area, shapely.transform(whole, lambda points: points * size + at)))

    if not fits(best * 1.0005):
        return best
    low, high = best, best * 1.5
    for _ in range(14):
        middle = (low + high) / 2
        low, high = (middle, high) if fits(middle) else (low, middle)
    return low


def _dragged(page: Page, server: Server) -> bool:
    """A figure amid about 2,000 dots: these drawn anew after the last movement, and frames while it goes."""
    figure_ = {"kind": "form", "form": "fish", "across": 40.0, "down": 24.0}
    area = {"id": "fish", "name": "Fish", "area": figure_, "rows": "pass under"}
    row = patterns.row("f", 4.0, 2.5, 1.5, gap=0.3, track={"kind": "fill", "where": "round", "areas": ["fish"]})
    bare = worked(patterns.centre(3.0)).model_dump(mode="json")
    blank = {**bare["blank"], "outline": {"kind": "round", "diameter": 205.0}}
    piece: Piece = patterns.read({**bare, "blank": blank, "bare": (area,), "rows": [row]})
    body = {"piece": piece.model_dump(mode="json")}
    made = httpx.post(f"{server.address}/api/pieces", json=body, timeout=60).json()
    page.goto(f"{server.address}/piece/{made['id']}")
    page.get_by_role("tab", name="Areas", exact=True).click()
    count = int(page.locator(".verdict-line").inner_text().split(" dots")[0].split()[-1].replace(",", ""))
    shape = page.locator(".area-shape")
    box = shape.bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
    page.mouse.move(x, y)
    page.mouse.down()
    times = drawn_times(page, [(x + 3 + 2 * (k % 7), y + k % 5) for k in range(DRAGS)])
    page.mouse.up()
    good = figure(
        f"a figure dragged amid {count:,} dots, until they are drawn", statistics.median(times[3:]), "ms", 250
    )
    idle = statistics.median(frame_times(page, FRAMES))
    page.mouse.move(x, y)
    page.mouse.down()
    moving = statistics.median(_frames_while_moving(page, x, y))
    page.mouse.up()
    return good & share("a frame while it is dragged, idle frames", moving, idle, 1.5)


def _frames_while_moving(page: Page, x: float, y: float) -> list[float]:
    move = f"document.querySelector('.area-shape').dispatchEvent(new PointerEvent('pointermove', {{ clientX: {x} + k % 30, clientY: {y} + k % 11, bubbles: true, pointerId: 1 }}))"  # noqa: E501
    return frame_times(page, FRAMES, move)
