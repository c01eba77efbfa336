"""Counts that keep the symmetry."""

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.count import Absolute, PerSegment
from fernring.core.rows.counts import allowed, as_count, keeps_symmetry, repeats
from tests.assertions import FernTestCase


class CountsTest(FernTestCase):
    def test_rules_follow_the_segments(self) -> None:
        self.assertEqual(repeats(PerSegment(repeats=2), 12), 24)
        self.assertEqual(repeats(PerSegment(repeats=1, segments=2), 12), 6)
        self.assertEqual(repeats(PerSegment(repeats=1, segments=2), 7), 4)
        self.assertEqual(repeats(Absolute(repeats=13), 12), 13)

    @given(st.integers(2, 64), st.integers(1, 600))
    def test_allowed_counts_keep_the_symmetry_and_no_other_does(self, segments: int, most: int) -> None:
        counts = allowed(segments, most)
        self.assertEqual(counts, [n for n in range(1, most + 1) if keeps_symmetry(n, segments)])

    @given(st.integers(2, 64), st.integers(1, 1500))
    def test_a_count_comes_back_from_its_rule(self, segments: int, n: int) -> None:
        self.assertEqual(repeats(as_count(n, segments), segments), n)
