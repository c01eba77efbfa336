"""How steady a hand is, from dots whose spread is known."""

import math

import numpy as np

from fernring.core.practice.reading import ReadDot, Reading
from fernring.core.practice.sheet import blocks
from fernring.core.practice.steadiness import load_of, steadiness
from tests.assertions import FernTestCase
from tests.core.practice.test_sheet import DAY, sheet


def read_by(seed: int, place: float, size: float, ratio: float = 0.9, bias: float = 0.2) -> Reading:
    random = np.random.default_rng(seed)
    dots = []
    for k, block in enumerate(blocks(sheet(2.0, 5.0))):
        for t, (x, y) in enumerate(block.places):
            dx, dy = random.normal(0, place, 2)
            wide = block.dot * np.exp(random.normal(0, size)) * (ratio**t if block.technique == "walk" else 1)
            long = 14.0 if block.technique == "swipe" else None
            dots.append(ReadDot(block=k, target=t, x=x + bias + dx, y=y + dy, diameter=float(wide), length=long))
    return Reading(id="a" * 32, sheet=7, day=DAY, dots=tuple(dots))


class SteadinessTest(FernTestCase):
    def test_place_size_and_bias_of_known_hands(self) -> None:
        made = sheet(2.0, 5.0)
        found = [one for seed in range(40) for one in steadiness(made, read_by(seed, 0.25, 0.05))]
        for technique in ("row", "ring", "walk"):
            own = [one for one in found if one.technique == technique]
            self.assertAlmostEqual(float(np.sqrt(np.mean([one.place**2 for one in own]))), 0.25, delta=0.015)
            self.assertAlmostEqual(float(np.sqrt(np.mean([one.size**2 for one in own]))), 0.05, delta=0.004)
            self.assertAlmostEqual(float(np.mean([one.bias[0] for one in own])), 0.2, delta=0.02)
        self.assertNotIn("swipe", {one.technique for one in found})

    def test_deviations_of_dots_that_are_known(self) -> None:
        """Closed form: of n dots half a tenth wider and half a tenth smaller the deviation is 0.1 sqrt(n / (n - 1));
        the same for places 0.3 mm to the left and to the right, along one direction of two."""
        made = sheet(2.0)
        row = blocks(made)[0]
        n = len(row.places)
        dots = tuple(
            ReadDot(block=0, target=t, x=x + 0.3 * (-1) ** t, y=y, diameter=2 * math.exp(0.1 * (-1) ** t))
            for t, (x, y) in enumerate(row.places)
        )
        (one,) = steadiness(made, Reading(id="a" * 32, sheet=7, day=DAY, dots=dots))
        self.assertAlmostEqual(one.size, 0.1 * math.sqrt(n / (n - 1)), places=6)
        self.assertAlmostEqual(one.place, 0.3 * math.sqrt(n / (2 * (n - 1))), places=6)

    def test_a_steadier_hand_is_safe_at_a_smaller_gap(self) -> None:
        made = sheet(2.0, 5.0)
        wild, calm = (steadiness(made, read_by(3, place, 0.04))[0] for place in (0.4, 0.1))
        self.assertGreater(wild.safe_gap, 2 * calm.safe_gap)
        self.assertLess(calm.touching(0.5), wild.touching(0.5))
        self.assertEqual((wild.tool, wild.technique, wild.sheet, wild.count), ("tool-0", "row", 7, 14))

    def test_too_few_dots_tell_nothing(self) -> None:
        made = sheet(2.0, 5.0)
        read = read_by(1, 0.2, 0.05)
        few = read.model_copy(update={"dots": read.dots[:3]})
        self.assertEqual(steadiness(made, few), [])

    def test_the_load_of_a_walk(self) -> None:
        made = sheet(2.0, 5.0)
        found = load_of(made, read_by(5, 0.1, 0.01, ratio=0.88), 1)
        assert found is not None
        self.assertAlmostEqual(found[0], 0.88, delta=0.01)
        self.assertEqual(found[1], len(next(b for b in blocks(made) if b.tool == 1 and b.technique == "walk").places))
        self.assertIsNone(load_of(made, read_by(5, 0.1, 0.001, ratio=1.05), 1))
        self.assertIsNone(load_of(made, read_by(5, 0.1, 0.01), 2))
