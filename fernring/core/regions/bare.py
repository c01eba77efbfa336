"""The region that a document describes."""

from collections.abc import Callable, Mapping, Sequence
from math import radians
from typing import TYPE_CHECKING, Any

import numpy as np
from pydantic import BaseModel

from ..document.region import (
    BandRegion,
    BareArea,
    DiscRegion,
    EndsRegion,
    FormRegion,
    OutlineRegion,
    ShapeRegion,
    Stands,
    WordRegion,
)
from ..document.region import Region as Described
from ..dots.table import Array
from ..geometry.outline.polygon import turned
from ..kept import Kept
from .ends import ends
from .forms import form_lines
from .ground_left import polygons_of
from .region import Region
from .round import Band, Disc
from .shape import Shape
from .site import Site
from .words import moved_edge, word_lines

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

ORIGIN = np.zeros(2)
NOWHERE = np.full((3, 2), 1e6)  # a line far from every blank: a region with nothing in it
VISIBLE = Kept[Region](64)


def bare_lines(areas: Sequence[BareArea], site: Site) -> list[tuple[BareArea, list[Array]]]:
    """Every bare area with the closed lines that bound it, in plan (mm)."""
    return [(area, visible(area, areas, site).outlines()) for area in areas]


def region_of(described: Described, site: Site) -> Region:
    """The area by itself, on this blank."""
    return KINDS[type(described)](described, site)


def visible(area: BareArea, all_areas: Sequence[BareArea], site: Site) -> Region:
    """What of an area no area over it covers."""
    own = region_of(area.area, site)
    over = [one for one in all_areas if one.id in area.under]
    if not over:
        return own
    key = (area, *over), site
    return VISIBLE.of(key, lambda: _uncovered(own, over, site))


def visible_ground(area: BareArea, all_areas: Sequence[BareArea], site: Site) -> "BaseGeometry":
    """The same as polygons, holes and all."""
    return polygons_of(visible(area, all_areas, site))


def joined_ground(named: Sequence[str], all_areas: Sequence[BareArea], site: Site) -> "BaseGeometry":
    """What is visible of all the areas with these ids, in one."""
    import shapely

    return shapely.union_all([visible_ground(one, all_areas, site) for one in all_areas if one.id in named])


def _uncovered(own: Region, over: Sequence[BareArea], site: Site) -> Shape:
    import shapely

    covered = [shapely.buffer(polygons_of(region_of(one.area, site)), one.gap, quad_segs=24) for one in over]
    left = shapely.difference(polygons_of(own), shapely.union_all(covered))
    lines = [ring for part in shapely.get_parts(left) if part.area > 0 for ring in (part.exterior, *part.interiors)]
    return Shape([shapely.get_coordinates(line)[:-1] for line in lines] or [NOWHERE])


def _disc(described: DiscRegion, _: Site) -> Region:
    return Disc(described.x, described.y, described.diameter / 2)


def _band(described: BandRegion, site: Site) -> Region:
    return Band(site.surface, described.inner, described.outer)


def _outline(described: OutlineRegion, site: Site) -> Region:
    return Shape(moved_edge(site, described.inward) or [NOWHERE])


def _ends(described: EndsRegion, site: Site) -> Region:
    found = [end.outlines()[0] for end in ends([site.outline], described.beyond / 2)]
    clockwise = sorted(found, key=_bearing)
    chosen = clockwise[described.only - 1 : described.only] if described.only else clockwise
    return Shape(chosen or [NOWHERE])


def _bearing(line: Array) -> float:
    """Clockwise from straight up (rad), of the middle of a closed line."""
    x, y = (line.min(axis=0) + line.max(axis=0)) / 2
    return float(np.round(np.arctan2(x, -y) % (2 * np.pi), 6) % (2 * np.pi))


def _form(described: FormRegion, _: Site) -> Region:
    lines = form_lines(described.form, described.across, described.down, described.points)
    return Shape(stood(described, lines), "non-zero" if described.times > 1 else "even-odd")


def _shape(described: ShapeRegion, _: Site) -> Region:
    """Sized about the middle of its own lines."""
    lines = [np.stack((line.x, line.y), axis=1) for line in described.lines]
    every = np.concatenate(lines)
    middle = (every.min(axis=0) + every.max(axis=0)) / 2
    sized = [(line - middle) * described.size / 100 for line in lines]
    return Shape(stood(described, sized, middle), described.rule)


def _word(described: WordRegion, site: Site) -> Region:
    return Shape(stood(described, word_lines(described, site)) or [NOWHERE], "non-zero")


def stood(described: Stands, lines: Sequence[Array], middle: Array = ORIGIN) -> list[Array]:
    """The lines of a figure where it stands, at every place of it."""
    flip = np.array([-1.0 if described.mirrored else 1.0, 1.0])
    shift = middle + np.array([described.x, described.y])
    placed = [turned(line * flip, radians(described.turn)) + shift for line in lines]
    angles = np.arange(described.times) * 2 * np.pi / described.times
    return [turned(line, float(angle)) for angle in angles for line in placed]


KINDS: Mapping[type[BaseModel], Callable[[Any, Site], Region]] = {
    DiscRegion: _disc,
    BandRegion: _band,
    ShapeRegion: _shape,
    FormRegion: _form,
    WordRegion: _word,
    OutlineRegion: _outline,
    EndsRegion: _ends,
}
