"""Rulers on paper: even ticks in the reader's unit, millimetres by ten, inches by sixteenths."""

from collections.abc import Iterator
from dataclasses import dataclass

from ..core.words.lengths import Units


@dataclass(frozen=True)
class Ruler:
    """`step` is the finest division (mm), `whole` how many make what is numbered, counted up by `number`; `heights` are
    those of ticks at every so many divisions, the first that divides counts."""

    step: float
    whole: int
    number: float
    heights: tuple[tuple[int, float], ...]
    bar: float
    bar_words: str

    def marks(self, length: float) -> Iterator[tuple[float, float, bool]]:
        """Each tick: where it stands, how high it is (mm), and whether it is a whole one."""
        for k in range(int(length / self.step + 1e-9) + 1):
            yield k * self.step, next(high for every, high in self.heights if k % every == 0), k % self.whole == 0

    def words(self, length: float) -> Iterator[tuple[float, str]]:
        """The numbers at whole ticks, from the second on: the first would meet the corner."""
        for k in range(2 if self.whole == 10 else 1, int(length / (self.step * self.whole) + 1e-9)):
            yield k * self.step * self.whole, f"{k * self.number:g}"


MILLIMETRES = Ruler(1.0, 10, 10, ((10, 4.0), (5, 3.0), (1, 1.8)), 100.0, "100 mm")
CENTIMETRES = Ruler(1.0, 10, 1, ((10, 4.0), (5, 3.0), (1, 1.8)), 100.0, "10 cm")
INCHES = Ruler(25.4 / 16, 16, 1, ((16, 4.0), (8, 3.2), (4, 2.6), (2, 2.0), (1, 1.4)), 101.6, "4 in")
RULERS: dict[Units, Ruler] = {"mm": MILLIMETRES, "cm": CENTIMETRES, "inch": INCHES}
