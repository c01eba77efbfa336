"""Colours as they are seen otherwise."""

import numpy as np

from fernring.core.colour import cielab, srgb
from fernring.core.colour.seen import WAYS, as_seen
from tests.assertions import FernTestCase

COLOURS = ("#f5f0e3", "#2f6fb3", "#d9643a", "#1c2430", "#5f8f4e", "#a8323a")


def lab(colours: list[str] | tuple[str, ...]) -> np.ndarray:
    return cielab.from_srgb(srgb.from_hex(list(colours)))


class SeenTest(FernTestCase):
    def test_as_painted_nothing_changes_and_every_way_answers_colours(self) -> None:
        self.assertEqual(as_seen(COLOURS, "painted"), list(COLOURS))
        for way in WAYS:
            for colour in as_seen(COLOURS, way):
                self.assertRegex(colour, "^#[0-9a-f]{6}$")

    def test_grey_keeps_the_value(self) -> None:
        found = lab(as_seen(COLOURS, "grey"))
        np.testing.assert_allclose(found[:, 0], lab(COLOURS)[:, 0], atol=0.3)
        np.testing.assert_allclose(found[:, 1:], 0, atol=0.5)

    def test_colour_blind_eyes_as_published(self) -> None:
        """Pure red by a red-blind eye, by the matrix of Machado and others 2009: (0.152, 0.115, 0) of light."""
        found = srgb.linear(srgb.from_hex(as_seen(("#ff0000",), "red-blind")))[0]
        np.testing.assert_allclose(found, (0.152286, 0.114503, 0.0), atol=0.004)
        for way in ("red-blind", "green-blind", "blue-blind"):
            self.assertEqual(as_seen(("#808080", "#ffffff"), way), ["#808080", "#ffffff"], "grey stays grey")
        red, green = lab(as_seen(("#a8323a", "#5f6f2e"), "green-blind"))
        self.assertLess(np.hypot(*(red - green)[1:]), 0.5 * np.hypot(*(lab(("#a8323a",)) - lab(("#5f6f2e",)))[0][1:]))

    def test_by_other_light_white_stays_white_and_blue_loses_most_by_a_lamp(self) -> None:
        for way in ("warm", "cool"):
            white = lab(as_seen(("#fafafa",), way))[0]
            self.assertGreater(white[0], 95)
            self.assertLess(np.hypot(*white[1:]), 1.0)
        warm, before = lab(as_seen(COLOURS, "warm")), lab(COLOURS)
        self.assertLess(warm[1, 0], before[1, 0], "blue is darker by a lamp")
        self.assertGreater(warm[2, 0], before[2, 0], "orange is lighter")

    def test_wet_is_lighter_gloss_deeper_matte_paler(self) -> None:
        wet, gloss, matte, dry = (lab(as_seen(COLOURS, way))[:, 0] for way in ("wet", "gloss", "matte", "painted"))
        self.assertTrue((wet >= dry).all())
        self.assertTrue((gloss < dry).all())
        self.assertTrue((matte > dry - 0.2).all())

    def test_wet_by_the_paints_own_share(self) -> None:
        """What is wet loses the share of its light that the white part of it leaves: back to the dry colour."""
        found = srgb.linear(srgb.from_hex(as_seen(("#a8323a",), "wet", (0.3,))))[0]
        dry = srgb.linear(srgb.from_hex(["#a8323a"]))[0]
        np.testing.assert_allclose(found * (1 - 0.3 * (1 - dry)), dry, atol=0.004)
        self.assertEqual(as_seen(("#a8323a", "#ffffff"), "wet", (0.0, 0.5)), ["#a8323a", "#ffffff"])
