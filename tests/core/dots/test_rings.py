"""Bare rings: calculated together they are what each is alone, and their nearest dots are those of a plain search."""

from math import pi

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.core.colour.palette import Palette
from fernring.core.dots.rings import EvenRing, dots_at, rings_at
from fernring.core.dots.table import COLUMNS, concat
from fernring.core.geometry.dome import ball
from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.flipped import Flipped
from fernring.core.geometry.plate import Plate
from fernring.core.geometry.surface import Plane, Surface
from fernring.core.rows.columns import parts_of, rings_table, row_table
from fernring.core.rows.neighbours import between_rings
from fernring.core.rows.nest import nest_walk
from fernring.core.rows.placed import PlacedRow
from fernring.core.solved import solve_piece
from tests.assertions import FernTestCase, between
from tests.samples import centre, paint, piece, row

SURFACES: dict[str, Surface] = {
    "plane": Plane(45),
    "ball": ball(60),
    "back": Flipped(ball(60)),
    "egg": HalfEgg(22, 30),
    "plate": Plate(45, 30, 5),
}


@st.composite
def rings(draw: st.DrawFn, surface: Surface, most_sizes: int = 3) -> EvenRing:
    sizes = draw(st.lists(st.sampled_from((0.8, 2.0, 4.6, 8.9)), min_size=1, max_size=most_sizes))
    walk = draw(st.floats(0.5, 40))
    n = len(sizes) * draw(st.integers(1, 24))
    return EvenRing(surface.circle(walk), walk, draw(st.floats(-7, 7)), n, tuple(sizes))


class BareRingsTest(FernTestCase):
    @given(data=st.data())
    @settings(max_examples=60, deadline=None)
    def test_together_they_are_what_the_surface_says_of_each(self, data: st.DataObject) -> None:
        surface = SURFACES[data.draw(st.sampled_from(sorted(SURFACES)))]
        walks = data.draw(st.lists(st.floats(0.5, 30), min_size=1, max_size=4))
        several = [EvenRing(surface.circle(w), w, 0.1 * w, 6 * (k + 1), (2.0, 1.0)) for k, w in enumerate(walks)]
        found = rings_at(several)
        begin = 0
        for ring, walk in zip(several, walks, strict=True):
            angles = ring.first_rad + np.arange(ring.n) * (2 * pi / ring.n)
            alone = dots_at(surface, walk, ring.diameters, angles)
            for name, column in zip(("out_rad", "x", "y", "z", "radius", "walk"), found[1:], strict=True):
                together = column[begin : begin + ring.n]
                self.assertLess(float(np.abs(together - getattr(alone, name)).max()), 1e-9, name)
            begin += ring.n

    @given(data=st.data())
    @settings(max_examples=120, deadline=None)
    def test_the_nearest_two_dots_are_those_of_a_plain_search(self, data: st.DataObject) -> None:
        surface = SURFACES[data.draw(st.sampled_from(sorted(SURFACES)))]
        one, other = data.draw(rings(surface)), data.draw(rings(surface, 1))
        clear, here, there = between_rings(one, other, one.n)
        all_clear = between(one.dots, other.dots)
        self.assert_mm(clear, float(all_clear.min()), 1e-9)
        self.assert_mm(float(all_clear[here, there]), clear, 1e-9)

    @given(data=st.data())
    @settings(max_examples=120, deadline=None)
    def test_a_row_nests_on_a_ring_as_on_all_its_dots(self, data: st.DataObject) -> None:
        surface = SURFACES[data.draw(st.sampled_from(sorted(SURFACES)))]
        walk, below = data.draw(st.floats(2, 25)), data.draw(rings(surface, 1))
        ring = EvenRing(surface.circle(walk), walk, below.first_rad, below.n, below.diameters)
        bare, dots = (PlacedRow(0, ring.n, ring.diameters, walk, 0.0, own) for own in (ring, ring.dots))
        angle = np.array(data.draw(st.lists(st.floats(-7, 7), min_size=1, max_size=5)))
        radius = np.full(len(angle), data.draw(st.sampled_from((0.5, 2.3))))
        found, plain = (nest_walk(surface, [row], angle, radius, 0.3, 0.0) for row in (bare, dots))
        self.assert_mm(found, plain, 1e-6)

    def test_the_table_of_several_rings_is_the_tables_of_each(self) -> None:
        turns = (paint("red"), paint("amber"), paint("teal"))
        sample = piece(
            centre(), row("a", 2.0, 1.0), row("b", 3.0, shades=turns), row("c", 1.5, 2.0, 1.0, shades=turns[:2])
        )
        found = solve_piece(sample)
        parts = parts_of(sample, found.rows)
        self.assertTrue(all(part.plain for part in parts))
        palette, tools = Palette(sample), {tool.id: place for place, tool in enumerate(sample.tools)}
        together = rings_table(parts, palette, tools)
        alone = concat([row_table(part, sample, palette, tools) for part in parts])
        for name in COLUMNS:
            joined = getattr(alone, name)
            self.assertTrue(np.allclose(getattr(together, name), joined, rtol=0, atol=1e-12), name)
