"""Blank geometry against closed forms, quadrature and reference libraries, each named beside its check."""

from math import acos, asin, cos, pi, sin, sqrt, tan

import numpy as np
import shapely
from scipy.integrate import quad
from scipy.special import ellipe

from fernring.core.geometry.dome import ArcDome, ball, rise_from_tape
from fernring.core.geometry.egg import HalfEgg
from fernring.core.geometry.ellipse import perimeter
from fernring.core.geometry.outline import centres, inset, polygon, shapes
from tests.assertions import FernTestCase


class EllipseTest(FernTestCase):
    def test_perimeter_by_complete_elliptic_integral(self) -> None:
        """4a E(m), m = 1 - b²/a² (DLMF 19.9.9), by scipy.special.ellipe."""
        for length, width in ((140, 90), (100, 100), (300, 40), (55, 60)):
            a, b = max(length, width) / 2, min(length, width) / 2
            self.assert_mm(perimeter(length, width), 4 * a * float(ellipe(1 - (b / a) ** 2)), 1e-9)

    def test_a_tabulated_value(self) -> None:
        """E(sin 30°) = 1.46746221 (tables of complete elliptic integrals, from memory): a = 1, b = cos 30°."""
        self.assertAlmostEqual(perimeter(2, 2 * cos(pi / 6)), 4 * 1.46746221, places=7)

    def test_the_polygon_of_an_oval_has_its_area_and_perimeter(self) -> None:
        corners = shapes.oval(140, 90)
        self.assertAlmostEqual(polygon.area(corners) / (pi * 70 * 45), 1, places=4)
        self.assertAlmostEqual(polygon.perimeter(corners) / perimeter(140, 90), 1, places=4)


class PolygonTest(FernTestCase):
    def test_regular_polygons_as_in_handbook_tables(self) -> None:
        """Area = n s² cot(pi/n)/4, apothem = s cot(pi/n)/2, circumradius = s/(2 sin(pi/n)) (machinists' handbooks)."""
        for n in range(3, 25):
            corners = shapes.polygon(n, 30)
            self.assertAlmostEqual(polygon.area(corners), n * 900 / tan(pi / n) / 4, places=6)
            found = {one.kind: one for one in centres.candidates(corners)}
            self.assert_mm(found["centroid"].whole, 15 / tan(pi / n), 1e-6)
            self.assert_mm(found["centroid"].furthest, 15 / sin(pi / n), 1e-6)
            self.assert_mm(found["inscribed"].whole, 15 / tan(pi / n), centres.PRECISION)

    def test_an_inset_polygon_is_a_smaller_one(self) -> None:
        """Every side moves in by w, so the apothem falls by w and the area by its square."""
        for n in (3, 5, 8):
            apothem = 15 / tan(pi / n)
            part = inset.inset(shapes.polygon(n, 30), 3)[0]
            self.assertAlmostEqual(polygon.area(part), n * (apothem - 3) ** 2 * tan(pi / n), places=5)

    def test_the_area_inside_a_border(self) -> None:
        """Steiner: growing a convex region by w adds w times its perimeter and pi w²; shrinking undoes it."""
        corners = shapes.oval(140, 90)
        grown = shapely.get_coordinates(shapely.Polygon(corners).buffer(5, quad_segs=64))[:-1]
        wanted = polygon.area(corners) + 5 * polygon.perimeter(corners) + pi * 25
        self.assertLess(abs(polygon.area(grown) - wanted), 0.5)
        back = inset.inset(grown, 5)[0]
        self.assertLess(float(polygon.distance_to_edges(corners, *back.T).max()), 1e-3)

    def test_centroid_and_enclosing_circle_against_shapely(self) -> None:
        for corners in (shapes.heart(90, 100), shapes.spoked([40, 45, 38, 50, 41, 44])):
            shape = shapely.Polygon(corners)
            x, y = polygon.centroid(corners)
            self.assert_mm(x, shape.centroid.x, 1e-9)
            self.assert_mm(y, shape.centroid.y, 1e-9)
            around = {one.kind: one for one in centres.candidates(corners)}["enclosing"]
            self.assert_mm(around.furthest, float(shapely.minimum_bounding_radius(shape)), 1e-3)

    def test_distances_and_insides_against_shapely(self) -> None:
        corners = shapes.cross(100, 80, 24)
        x, y = np.random.default_rng(3).uniform(-60, 60, (2, 300))
        points, shape = shapely.points(x, y), shapely.Polygon(corners)
        np.testing.assert_allclose(polygon.distance_to_edges(corners, x, y), shapely.distance(points, shape.exterior))
        self.assertEqual(polygon.contains(corners, x, y).tolist(), shapely.contains(shape, points).tolist())

    def test_the_shapes_areas_in_closed_form(self) -> None:
        """Lens of two arcs, R² (2t - sin 2t) (plane geometry); the heart put together by shapely."""
        length, width = 120, 60
        radius = (length**2 + width**2) / (4 * width)
        half = asin(length / (2 * radius))
        self.assertLess(abs(polygon.area(shapes.leaf(length, width)) - radius**2 * (2 * half - sin(2 * half))), 0.2)
        self.assertLess(abs(polygon.area(shapes.heart(90, 100)) - self.heart().area), 0.2)

    def heart(self) -> shapely.Geometry:
        """A heart 90 mm long and 100 mm wide: two discs, each with the tip in one convex hull, joined by shapely."""
        discs = [shapely.Point(x, 0).buffer(25, 512) for x in (-25, 25)]
        return shapely.union_all([shapely.union(disc, shapely.Point(0, 65)).convex_hull for disc in discs])


class CopyTest(FernTestCase):
    def test_a_copy_reduced_by_15_per_cent(self) -> None:
        """Common practice, no source: 140 x 90 mm leaves 10.5 mm at the ends and 6.75 mm at the sides."""
        narrow, wide = inset.unevenness(shapes.oval(140, 90), 15)
        self.assert_mm(wide, 10.5, 0.01)
        self.assert_mm(narrow, 6.75, 0.15)
        sides = inset.reduced(shapes.oval(140, 90), 15)
        self.assert_mm(45 - sides[:, 1].max(), 6.75, 1e-9)


class SphereTest(FernTestCase):
    def test_cap_arc_area_and_volume(self) -> None:
        """Arc R acos(1 - h/R); area 2 pi R h (Archimedes); volume pi h² (3R - h)/3; by quadrature over the surface."""
        a, h = 45.0, 14.0
        radius = (a * a + h * h) / (2 * h)
        surface = ArcDome(a, h)
        self.assert_mm(surface.rim, radius * acos(1 - h / radius), 1e-9)

        def at(w: float) -> tuple[float, float]:
            x, _, z = surface.points(np.array([w]), np.array([pi / 2]))
            return float(x[0]), float(z[0])

        area = quad(lambda w: 2 * pi * at(w)[0], 0, surface.rim)[0]
        self.assertAlmostEqual(area, 2 * pi * radius * h, places=5)
        volume = quad(lambda w: 2 * pi * at(w)[0] * at(w)[1] * cos(w / radius), 0, surface.rim)[0]
        self.assertAlmostEqual(volume, pi * h * h * (3 * radius - h) / 3, places=4)

    def test_great_circle(self) -> None:
        """A quarter of the circumference from pole to widest circle; walk = R times the colatitude."""
        self.assert_mm(ball(80).rim, pi * 80 / 4, 1e-9)
        self.assert_mm(float(ball(80).reach(np.array([40 * pi / 6]), np.zeros(1))[0]), 20, 1e-9)

    def test_a_tape_over_half_a_ball(self) -> None:
        self.assert_mm(rise_from_tape(80, pi * 40 - 1e-9), 40, 1e-3)


class EggTest(FernTestCase):
    def test_profile_length_by_elliptic_integral_and_quadrature(self) -> None:
        """A quarter ellipse, a E(1 - b²/a²) (DLMF 19.30.5), and scipy's adaptive quadrature."""
        for a, b in ((28.0, 30.0), (28.0, 46.0), (40.0, 25.0)):
            found = HalfEgg(a, b).rim
            self.assert_mm(found, max(a, b) * float(ellipe(1 - (min(a, b) / max(a, b)) ** 2)), 1e-9)
            length = quad(lambda t: np.hypot(a * cos(t), b * sin(t)), 0, pi / 2, epsabs=1e-12)[0]  # noqa: B023
            self.assert_mm(found, length, 1e-9)

    def test_area_of_half_an_ellipsoid(self) -> None:
        """Prolate: pi a² (1 + b/(a e) asin e), e² = 1 - a²/b² (spheroid, geometry handbooks)."""
        a, b = 28.0, 46.0
        e = sqrt(1 - a * a / (b * b))
        half = HalfEgg(a, b)
        area = quad(lambda w: 2 * pi * float(half.reach(np.array([w]), np.zeros(1))[0]), 0, half.rim)[0]
        self.assertAlmostEqual(area, pi * a * a * (1 + b / (a * e) * asin(e)), places=4)
