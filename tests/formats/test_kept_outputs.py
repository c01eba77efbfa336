"""What is said, drawn and printed for the kept documents is what it was (tests/kept/outputs.py)."""

import numpy as np

from tests.assertions import FernTestCase
from tests.kept import outputs

CHANGED = "changed; where it is meant, look at it and run python -m tests.kept.outputs"


class KeptOutputsTest(FernTestCase):
    maxDiff = 2000

    def test_every_one_is_what_it_was(self) -> None:
        known, said = outputs.recorded()
        seen, words = set(), ""
        for name, found in outputs.plans():
            words += outputs.words(name, found)
            for key, (count, *rest) in outputs.outputs(name, found).items():
                seen.add(key)
                with self.subTest(key):
                    self.assertEqual([count, rest[-1]], [known[key][0], known[key][-1]], CHANGED)
                    np.testing.assert_allclose(rest[:-1], known[key][1:-1], rtol=0, atol=1e-3 * max(count, 1) ** 0.5)
        self.assertEqual(seen, set(known))
        for line, (one, other) in enumerate(zip(words.splitlines(), said.splitlines(), strict=True), 1):
            self.assertEqual(one, other, f"words.txt, line {line}: {CHANGED}")
