"""Results kept for the next who asks."""

from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass

import numpy as np

from fernring.core.kept import Kept, frozen, kept
from tests.assertions import FernTestCase


@dataclass(frozen=True)
class Pair:
    one: np.ndarray
    others: tuple[list[np.ndarray], dict[str, np.ndarray]]


class KeptTest(FernTestCase):
    def setUp(self) -> None:
        self.made: list[str] = []

    def make(self, key: str) -> str:
        self.made.append(key)
        return key.upper()

    def test_it_is_made_once_and_the_one_longest_unasked_goes_first(self) -> None:
        owner = Kept[str](2)
        for key in ("a", "b", "a", "c", "a", "b"):
            self.assertEqual(owner.of(key, lambda key=key: self.make(key)), key.upper())
        self.assertEqual(self.made, ["a", "b", "c", "b"])

    def test_forgetting_makes_it_anew(self) -> None:
        owner = Kept[str](2)
        owner.of("a", lambda: self.make("a"))
        owner.forget()
        owner.of("a", lambda: self.make("a"))
        self.assertEqual(self.made, ["a", "a"])

    def test_a_function_keeps_by_all_its_arguments(self) -> None:
        @kept(4)
        def joined(*parts: str, end: str = ".") -> str:
            return self.make("".join(parts) + end)

        self.assertEqual(
            [joined("a"), joined("a", end="!"), joined("a", end="!"), joined("a", "")], ["A.", "A!", "A!", "A."]
        )
        self.assertEqual(self.made, ["a.", "a!", "a."])

    def test_a_failure_is_not_kept(self) -> None:
        @kept(4)
        def failing() -> str:
            self.make("x")
            raise ValueError("no")

        for _ in range(2):
            with self.assertRaises(ValueError):
                failing()
        self.assertEqual(len(self.made), 2)

    def test_nothing_in_it_can_be_written_to(self) -> None:
        arrays = [np.zeros(2) for _ in range(3)]
        pair = frozen(Pair(arrays[0], ([arrays[1]], {"x": arrays[2]})))
        for array in (pair.one, pair.others[0][0], pair.others[1]["x"]):
            with self.assertRaises(ValueError):
                array[0] = 1

    def test_many_threads_may_ask_at_once(self) -> None:
        owner = Kept[str](3)

        def asked(k: int) -> bool:
            return owner.of(str(k % 7), lambda: self.make(str(k % 7))) == str(k % 7)

        with ThreadPoolExecutor(8) as pool:
            self.assertTrue(all(pool.map(asked, range(3000))))
