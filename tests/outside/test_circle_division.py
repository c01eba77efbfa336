"""Dividing a circle: handbook tables and closed forms."""

from math import asin, cos, degrees, pi, sin, sqrt

from fernring.core.geometry import ring
from fernring.core.plan import plan
from tests.assertions import FernTestCase
from tests.samples import centre, piece, row

# Length of chord for a circle of diameter 1, by number of divisions: the table for spacing off the
# circumference of circles, as in machinists' handbooks; values from memory, four to five places.
CHORDS = {
    3: 0.86603, 4: 0.70711, 5: 0.58779, 6: 0.50000, 7: 0.43388, 8: 0.38268, 9: 0.34202, 10: 0.30902,
    11: 0.28173, 12: 0.25882, 13: 0.23932, 14: 0.22252, 15: 0.20791, 16: 0.19509, 17: 0.18375, 18: 0.17365,
    19: 0.16459, 20: 0.15643, 21: 0.14904, 22: 0.14231, 23: 0.13617, 24: 0.13053,
}  # fmt: skip


class DivisionTest(FernTestCase):
    def test_chord_table(self) -> None:
        for n, chord in CHORDS.items():
            self.assertAlmostEqual(ring.neighbour_distance(0.5, n), chord, places=5)

    def test_chord_table_backwards(self) -> None:
        """Dots as wide as the chord just touch on a circle of diameter 1."""
        for n, chord in CHORDS.items():
            self.assertAlmostEqual(ring.largest_dot(0.5, n, 0), chord, places=5)
            self.assertAlmostEqual(ring.least_reach(n, chord, 0), 0.5, places=3)

    def test_six_equal_circles_around_one(self) -> None:
        """Kissing number in the plane: 6 (elementary geometry)."""
        solved = plan(piece(centre(4.6), row("a", 4.6, gap=0.0, fit="count", start={"kind": "on lines"}))).solved
        self.assertEqual(solved.rows[1].repeats, 6)
        self.assert_mm(solved.rows[1].walk, 4.6)

    def test_twelve_around_one_from_a_twelve_slice_guide(self) -> None:
        """Common practice, no source: 6 or 12 dots around a centre from a guide of 12 slices."""
        centre_dot = 8.9
        for n in (6, 12):
            size = sin(pi / n) * centre_dot / (1 - sin(pi / n))
            self.assert_mm(ring.largest_dot((centre_dot + size) / 2, n, 0), size, 1e-9)

    def test_two_between_each_pair_of_eight_spokes_make_24(self) -> None:
        """Common practice, no source: 24 places when two dots go between eight spokes and one on each."""
        solved = plan(piece(row("a", 1.0, 1.0, 1.0, start={"kind": "on lines"}), segments=8)).solved
        self.assertEqual(len(solved.dots), 24)

    def test_ring_around_a_centre_by_the_law_of_sines(self) -> None:
        """n circles of radius r round one of radius R touch when sin(pi/n) = r/(R + r) (closed form)."""
        for n in range(6, 30):
            big = 5.0
            small = big * sin(pi / n) / (1 - sin(pi / n))
            self.assertAlmostEqual(degrees(2 * asin(small / (big + small))), 360 / n, places=9)
            self.assert_mm(ring.least_reach(n, 2 * small, 0), big + small, 1e-9)


class NestedClosedFormTest(FernTestCase):
    def test_equal_nested_rows_against_the_closed_form(self) -> None:
        """Law of cosines: W2 = W1*cos(pi/n) + sqrt(D^2 - W1^2*sin^2(pi/n)) with D = d + gap."""
        for n, size, gap in ((12, 5.7, 0.2), (24, 3.0, 0.4), (36, 2.0, 0.0)):
            first = ring.least_reach(n, size, gap)
            count = {"kind": "absolute", "repeats": n}
            rows = [row(f"r{k}", size, gap=gap, count=count) for k in range(4)]
            solved = plan(piece(*rows, diameter=300)).solved
            walk = first
            for placed in solved.rows:
                self.assert_mm(placed.walk, walk, 1e-9)
                step = walk * cos(pi / n) + sqrt((size + gap) ** 2 - (walk * sin(pi / n)) ** 2)
                walk = max(step, walk)

    def test_dot_in_the_dip_of_two_touching_dots_by_descartes(self) -> None:
        """Descartes' circle theorem (1643): three mutually touching dots and the line of curvatures.

        In the dip, the nested dot and the two below it touch one another; the small circle in their
        middle has curvature k4 = k1 + k2 + k3 + 2*sqrt(k1*k2 + k2*k3 + k3*k1).
        """
        n, size = 12, 4.6
        count = {"kind": "absolute", "repeats": n}
        rows = (row("a", size, gap=0.0, count=count, start={"kind": "on lines"}), row("b", size, gap=0.0, count=count))
        dots = plan(piece(*rows)).solved.dots
        triple = [0, 1, n]
        x, y, r = dots.x[triple], dots.y[triple], dots.radius[triple]
        for a, b in ((0, 1), (1, 2), (0, 2)):
            self.assert_mm(float(((x[a] - x[b]) ** 2 + (y[a] - y[b]) ** 2) ** 0.5), float(r[a] + r[b]), 1e-9)
        k = 2 / size
        inner = 1 / (3 * k + 2 * sqrt(3 * k * k))
        self.assert_mm(inner, size / 2 * (2 / sqrt(3) - 1), 1e-12)
        middle_x, middle_y = float(x.mean()), float(y.mean())
        for a in range(3):
            to_middle = float(((x[a] - middle_x) ** 2 + (y[a] - middle_y) ** 2) ** 0.5)
            self.assert_mm(to_middle - size / 2, inner, 1e-9)
