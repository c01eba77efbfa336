"""What is said, drawn and printed for the kept documents is what it was (tests/kept/outputs.py)."""

from typing import Any

import numpy as np

from tests.assertions import FernTestCase
from tests.kept import outputs

CHANGED = "changed; where it is meant, look at it and run python -m tests.kept.outputs"


class KeptOutputsTest(FernTestCase):
    maxDiff = 2000

    @classmethod
    def setUpClass(cls) -> None:
        cls.known, cls.said = outputs.recorded()

    def assert_as_recorded(self, found: dict[str, list[Any]]) -> None:
        for key, (count, *rest) in found.items():
            with self.subTest(key):
                self.assertEqual([count, rest[-1]], [self.known[key][0], self.known[key][-1]], CHANGED)
                np.testing.assert_allclose(rest[:-1], self.known[key][1:-1], rtol=0, atol=1e-3 * max(count, 1) ** 0.5)

    def test_every_one_is_what_it_was(self) -> None:
        words = ""
        for name, found in outputs.plans():
            words += outputs.words(name, found)
            self.assert_as_recorded(outputs.outputs(name, found))
        for line, (one, other) in enumerate(zip(words.splitlines(), self.said.splitlines(), strict=True), 1):
            self.assertEqual(one, other, f"words.txt, line {line}: {CHANGED}")

    def test_so_is_what_is_proposed(self) -> None:
        for name, found in list(outputs.plans())[:: outputs.PROPOSED]:
            self.assert_as_recorded(outputs.proposals(name, found))

    def test_so_are_first_designs(self) -> None:
        self.assert_as_recorded(outputs.beginnings())
