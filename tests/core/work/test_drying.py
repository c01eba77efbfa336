"""Drying times. Common practice, no source, throughout."""

from math import exp

from fernring.core.document.shelf import Paint
from fernring.core.work import drying as drying_of
from fernring.core.work.drying import STATES, Drying, Report, drying
from tests import samples
from tests.assertions import FernTestCase

HOUR, DAY = 60.0, 1440.0


def at(warmth: float = 20.0, material: str = "canvas") -> Drying:
    return Drying(material, warmth, {})


def paint(**more: str) -> Paint:
    return Paint(id="p", name="P", colour="#ffffff", **more)


class DryingTest(FernTestCase):
    def test_thin_dots_take_an_hour_or_two_and_thick_ones_a_night(self) -> None:
        self.assertTrue(0.9 * HOUR <= at().dot(1.5, paint(), "top") <= 2 * HOUR)
        self.assertTrue(8 * HOUR <= at().dot(10.0, paint(), "top") <= 16 * HOUR)

    def test_retarder_takes_more_than_a_day_whatever_the_size(self) -> None:
        for size in (0.8, 10.0):
            self.assertGreater(at().dot(size, paint(medium="retarder"), "top"), DAY)

    def test_heavy_texture_is_turned_over_after_two_days(self) -> None:
        self.assertGreaterEqual(at().dot(3.0, paint(body="heavy"), "turn"), 2 * DAY)
        self.assertLess(at().dot(3.0, paint(), "turn"), DAY)

    def test_dots_wait_a_night_for_varnish_and_coats_as_well(self) -> None:
        for found in (at().dot(0.8, paint(), "varnish"), at().coat("varnish")):
            self.assertGreaterEqual(found, 12 * HOUR)

    def test_states_follow_one_another(self) -> None:
        for size in (1.0, 5.0, 16.0):
            times = [at().dot(size, paint(), state) for state in STATES]
            self.assertEqual(times, sorted(times))
            self.assertAlmostEqual(times[0] / times[1], 0.35)

    def test_thicker_thinner_porous_and_glazed(self) -> None:
        usual = at().dot(3.0, paint(), "top")
        self.assertAlmostEqual(at().dot(6.0, paint(), "top") / usual, 2**1.2)
        self.assertLess(at(material="wood").dot(3.0, paint(), "top"), usual)
        self.assertGreater(at(material="glazed tile").dot(3.0, paint(), "top"), usual)
        self.assertGreater(at().dot(3.0, paint(medium="gel"), "top"), usual)

    def test_a_sealed_base_and_dry_paint_drink_as_little_as_a_glaze(self) -> None:
        glazed = at(material="glazed tile").dot(3.0, paint(), "top")
        sealed = Drying("wood", 20.0, {}, sealed=True)
        self.assertEqual(sealed.dot(3.0, paint(), "top"), glazed)
        self.assertEqual(at(material="wood").dot(3.0, paint(), "top", on_paint=True), glazed)
        self.assertEqual(drying(samples.piece().blank, 20.0, sealed=True).sealed, True)

    def test_enamel_cures_some_days(self) -> None:
        enamel = paint(binder="bake-on enamel")
        self.assertGreaterEqual(at().dot(1.0, enamel, "varnish"), 2 * DAY)
        self.assertEqual(at().dot(1.0, enamel, "top"), at().dot(1.0, paint(), "top"))

    def test_a_coat_cures_longer_for_use_and_in_a_cold_room(self) -> None:
        self.assertEqual(at().cured("brushed varnish", "to look at"), DAY)
        self.assertGreater(at().cured("brushed varnish", "to be used"), at().cured("resin", "to look at"))
        self.assertAlmostEqual(at(10.0).cured("poured", "to look at"), 2 * at().cured("poured", "to look at"))

    def test_ten_degrees_warmer_halves_it(self) -> None:
        self.assertAlmostEqual(at(30.0).dot(3.0, paint(), "top") * 2, at(20.0).dot(3.0, paint(), "top"))
        self.assertAlmostEqual(at(10.0).coat("top"), 2 * at(20.0).coat("top"))
        self.assertAlmostEqual(at(10.0).skins(paint()), 8.0)

    def test_what_is_reported_moves_that_paint_alone(self) -> None:
        reports = [Report("medium", "none", 30.0, 60.0, True)] * 4
        learned = drying(samples.piece().blank, 20.0, reports)
        bare = drying(samples.piece().blank, 20.0)
        factor = learned.dot(3.0, paint(), "top") / bare.dot(3.0, paint(), "top")
        self.assertAlmostEqual(factor, exp(drying_of.learned(reports).mean))
        self.assertTrue(0.5 < factor < 0.65)
        self.assertEqual(learned.dot(3.0, paint(body="fluid"), "top"), bare.dot(3.0, paint(body="fluid"), "top"))

    def test_floors_are_floors_in_warmth_and_whatever_was_reported(self) -> None:
        """Ten minutes for a thin dot, twelve hours before varnish, a day before handling."""
        quick = drying(samples.piece().blank, 40.0, [Report("medium", "none", 1.0, 250.0, True)] * 9)
        self.assertGreaterEqual(quick.dot(1.5, paint(), "top"), 10.0)
        self.assertGreaterEqual(quick.dot(6.5, paint(), "top"), 10.0 * (6.5 / 1.5) ** 1.2)
        for found in (quick.dot(0.8, paint(), "varnish"), quick.coat("varnish"), at(40.0, "wood").coat("varnish")):
            self.assertGreaterEqual(found, 12 * HOUR)
        self.assertEqual(quick.cured("brushed varnish", "to look at"), DAY)
        self.assertGreater(quick.dot(1.0, paint(medium="retarder"), "top"), DAY)
        self.assertGreaterEqual(quick.dot(1.0, paint(binder="bake-on enamel"), "varnish"), 3 * DAY)
        self.assertGreaterEqual(quick.dot(3.0, paint(body="heavy"), "turn"), 2 * DAY)
        self.assertAlmostEqual(at(10.0).coat("varnish"), 24 * HOUR)

    def test_it_takes_three_reports_and_they_stay_between_half_and_twice(self) -> None:
        bare = drying(samples.piece().blank, 20.0).dot(3.0, paint(), "top")
        for minutes, count, factor in ((1.0, 2, 1.0), (1.0, 30, 0.5), (9_000.0, 2, 1.0), (9_000.0, 30, 2.0)):
            found = drying(samples.piece().blank, 20.0, [Report("medium", "none", minutes, 60.0, True)] * count)
            self.assertAlmostEqual(found.dot(3.0, paint(), "top") / bare, factor)

    def test_still_wet_prolongs_and_more_reports_are_surer(self) -> None:
        wet, dry = (drying_of.learned([Report("medium", "none", 60.0, 60.0, dry)]) for dry in (False, True))
        self.assertGreater(wet.mean, 0.0)
        self.assertEqual(dry.mean, 0.0)
        self.assertLess(drying_of.learned([Report("fluid", "none", 60.0, 60.0, True)] * 2).sd, dry.sd)
