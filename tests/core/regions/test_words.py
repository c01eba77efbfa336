"""Words as areas, and the line along a blank's edge."""

import numpy as np
from pydantic import ValidationError

from fernring.core.document.region import MOST_LETTERS, OutlineRegion, WordRegion
from fernring.core.regions.bare import region_of
from fernring.core.regions.words import moved_edge
from tests.assertions import FernTestCase
from tests.blanks import site


def lines(**word: object) -> np.ndarray:
    """All points of a word's lines."""
    return region_of(WordRegion.model_validate({"text": "HIH", "font": "plain", **word}), site(50.0)).edge()


class WordsTest(FernTestCase):
    def test_straight_about_its_point_turned_and_mirrored(self) -> None:
        found = lines(height=10.0, x=3.0, y=-4.0)
        np.testing.assert_allclose((found.min(axis=0) + found.max(axis=0)) / 2, (3.0, -4.0), atol=1e-9)
        upright = lines(height=10.0, turn=90.0)
        self.assertGreater(float(np.ptp(upright[:, 1])), float(np.ptp(upright[:, 0])))
        one, other = lines(text="L"), lines(text="L", mirrored=True)
        np.testing.assert_allclose(np.sort(one[:, 0]), np.sort(-other[:, 0]), atol=1e-9)

    def test_along_the_edge_it_stands_so_far_inside(self) -> None:
        out = lines(runs="along the edge", inward=12.0, height=6.0)
        reach = np.hypot(*out.T)
        self.assertAlmostEqual(float(reach.min()), 38.0, delta=0.3)
        self.assertAlmostEqual(float(reach.max()), 44.0, delta=0.3)
        self.assertLess(float(out[:, 1].max()), 0.0)
        inward = lines(runs="along the edge, heads inward", inward=12.0, height=6.0)
        self.assertAlmostEqual(float(np.hypot(*inward.T).min()), 32.0, delta=0.3)
        self.assertGreater(float(inward[:, 1].min()), 0.0)

    def test_an_edge_that_leaves_nothing_so_far_inside(self) -> None:
        self.assertEqual(moved_edge(site(50.0), 60.0), [])
        word = WordRegion(text="I", runs="along the edge", inward=60.0)
        self.assertFalse(region_of(word, site(50.0)).contains(np.zeros(1), np.zeros(1))[0])
        self.assertEqual(region_of(OutlineRegion(inward=60.0), site(50.0)).area, 0.0)
        self.assertAlmostEqual(region_of(OutlineRegion(inward=10.0), site(50.0)).area, np.pi * 1600, delta=20)

    def refused(self, words: str, **word: object) -> None:
        with self.assertRaisesRegex(ValidationError, words):
            WordRegion.model_validate({"text": "Leonie", **word})

    def test_words_that_cannot_be(self) -> None:
        self.refused(f"at most {MOST_LETTERS}", text="a" * 200)
        self.refused("should be .round.", font="runes")
        self.refused(
            "“script, joined” have no “שלום”; more of them are in “round” and “serif”", text="שלום", font="script"
        )
        self.refused("have no “日本”; no letters here have them", text="日本")
        self.refused("string", text=" ")
