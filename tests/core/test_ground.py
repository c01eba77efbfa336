"""The blank as geometry: limits, what lies over the border or off the edge, sections, words."""

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from fernring.core.advice.blank_report import report
from fernring.core.document.blank import Blank
from fernring.core.geometry.outline.shapes import heart, polygon
from fernring.core.ground.ground import ROUNDED, ground
from fernring.core.ground.section import poles, section, span
from fernring.core.regions.polygons import Polygons
from fernring.core.solved import solve_piece
from fernring.core.words.blank import size
from tests.assertions import FernTestCase
from tests.core.test_blanks import BLANKS, bare


def blank(name: str, **more: object) -> Blank:
    return Blank.model_validate({**BLANKS[name], **more})


class GroundTest(FernTestCase):
    def test_the_limit_is_the_largest_whole_ring(self) -> None:
        for name in ("oval", "square", "polygon", "heart", "cross", "leaf", "odd"):
            with self.subTest(name):
                here = ground(blank(name))
                nearest = shapely.Polygon(here.clear[0]).exterior.distance(shapely.Point(0, 0))
                self.assert_mm(here.limit, float(nearest), 1e-6)
                self.assertGreater(here.border, here.limit)

    @given(st.integers(0, 10_000))
    def test_over_and_off_agree_with_shapely(self, seed: int) -> None:
        random = np.random.default_rng(seed)
        here = ground(blank("heart"))
        x, y, r = random.uniform(-70, 70, 12), random.uniform(-70, 70, 12), random.uniform(0.4, 4, 12)
        over, off = here.over(np.hypot(x, y), x, y, r), here.off(np.hypot(x, y), x, y, r)
        for found, part in ((over, here.clear[0]), (off, here.outline)):
            region = shapely.Polygon(part)
            for k in range(12):
                inside = region.covers(shapely.Point(x[k], y[k]))
                away = region.exterior.distance(shapely.Point(x[k], y[k]))
                true = r[k] - away if inside else r[k] + away
                if true > 0.01:
                    self.assert_mm(float(found[k]), true - ROUNDED, 1e-6)
                elif true < -0.01:
                    self.assertLess(float(found[k]), 0)

    def test_a_region_of_no_parts_holds_nothing(self) -> None:
        empty = Polygons(())
        self.assertEqual(empty.whole, 0)
        self.assertEqual(float(empty.past(np.ones(1), np.ones(1), np.ones(1))[0]), np.inf)
        self.assert_mm(Polygons((polygon(6, 40),)).whole, 40 * np.sqrt(3) / 2, 1e-9)

    def test_a_reduced_border(self) -> None:
        here = ground(blank("dome", reduced=20))
        self.assert_mm(here.limit, 0.8 * here.surface.rim, 1e-9)

    def test_rounded_corners_are_remembered_sharp(self) -> None:
        here = ground(blank("square"))
        self.assertEqual(len(here.sharp), 4)
        self.assertGreater(len(here.clear[0]), 4)

    def test_an_outline_lies_as_told(self) -> None:
        upright = ground(blank("oval", lie={"kind": "longest axis"}))
        self.assert_mm(float(np.ptp(upright.outline[:, 1])), 140, 0.01)
        turned = ground(blank("leaf", lie={"kind": "symmetry axis"}))
        self.assertIn(round(float(np.ptp(turned.outline[:, 1]))), (90, 180))
        aside = ground(blank("oval", lie={"kind": "angle", "degrees": 90}))
        self.assert_mm(float(np.ptp(aside.outline[:, 1])), 140, 0.01)

    def test_a_centre_set_by_hand_is_the_origin(self) -> None:
        here = ground(blank("oval", centre={"kind": "point", "x": 10, "y": -5}))
        self.assert_mm(float(here.outline[:, 0].min()), -80, 1e-6)
        self.assert_mm(float(here.outline[:, 1].max()), 50, 0.01)


class SectionTest(FernTestCase):
    def test_flat_blanks_have_none(self) -> None:
        self.assertIsNone(section(blank("oval"), ground(blank("oval"))))

    def test_a_dome_rises_as_high_as_it_was_measured(self) -> None:
        cut = section(blank("dome"), ground(blank("dome")))
        assert cut is not None
        self.assert_mm(float(cut[:, 1].max() - cut[:, 1].min()), 18, 1e-9)
        self.assert_mm(float(np.ptp(cut[:, 0])), 90, 1e-9)

    def test_a_ball_is_round_and_an_egg_as_long_as_told(self) -> None:
        cut = section(blank("ball"), ground(blank("ball")))
        assert cut is not None
        np.testing.assert_allclose(np.hypot(*cut.T), 40, atol=1e-9)
        egg = ground(blank("egg"))
        self.assert_mm(poles(egg)[0] - poles(egg)[1], 84, 1e-9)
        self.assert_mm(span(egg), 42, 1e-9)
        self.assert_mm(span(ground(blank("square"))), 54 * np.sqrt(2), 1.7)

    def test_a_domed_oval_is_cut_along_its_longest_axis(self) -> None:
        cut = section(blank("domed oval"), ground(blank("domed oval")))
        assert cut is not None
        self.assert_mm(float(np.ptp(cut[:, 0])), 120, 0.01)


class WordsTest(FernTestCase):
    def test_every_blank_in_words(self) -> None:
        wanted = {
            "oval": "{140} × {90} oval",
            "square": "{108} square",
            "polygon": "6 sides of {60}",
            "dome": "{90} round, domed",
            "plate": "{200} plate",
            "ball": "{80} ball",
            "egg": "{84} × {60} egg",
            "domed oval": "{120} × {90} oval, domed",
        }
        for name, words in wanted.items():
            self.assertEqual(size(blank(name)), words)
        self.assertRegex(size(blank("odd")), r"^\{110\} × \{105\} odd outline$")
        self.assertRegex(size(blank("spoked")), "odd outline by ruler$")


class ReportTest(FernTestCase):
    def test_centres_and_border_of_a_heart(self) -> None:
        piece = bare("heart")
        solved = solve_piece(piece)
        found = report(piece, solved.ground, solved.halves, solved.rows, solved.marks)
        self.assertEqual(found.centre.kind, "inscribed")
        self.assert_mm(found.centre.whole, max(one.whole for one in found.centres), 1e-2)
        self.assertGreater(found.border.copy_wide, found.border.copy_narrow)
        self.assertEqual((found.rise, found.tape, found.rings), (None, None, ()))
        self.assertLess(abs(found.area - shapely.Polygon(heart(120, 130)).area), 1e-6)

    def test_a_domes_rise_and_tape(self) -> None:
        piece = bare("taped")
        solved = solve_piece(piece)
        found = report(piece, solved.ground, solved.halves, solved.rows, solved.marks)
        assert found.tape is not None
        self.assert_mm(found.tape, 105, 1e-6)
