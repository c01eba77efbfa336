"""The tests of one class, run in a process of its own beside the others."""

import time
import unittest
from dataclasses import dataclass
from typing import Self

from .test_watch import Watch


@dataclass(frozen=True)
class Batch:
    name: str
    """Dotted name of the class."""
    tests: tuple[str, ...]
    """Full names of the tests in it."""


@dataclass(frozen=True)
class Outcome:
    name: str
    ran: int
    skipped: int
    seconds: float
    failures: tuple[tuple[str, str], ...]
    """Name of the test, and what it said."""
    tests: tuple[tuple[str, float], ...]
    """Name of each test, and the seconds it took."""
    hung: bool = False
    """Whether a test had to be ended, see `commands/test_watch.py`."""

    @classmethod
    def died(cls, batch: Batch) -> Self:
        text = "the process of these tests ended before they did"
        return cls(batch.name, len(batch.tests), 0, 0.0, tuple((test, text) for test in batch.tests), ())


class _Timed(unittest.TestResult):
    def __init__(self, watch: Watch) -> None:
        super().__init__()
        self.buffer = True
        self.watch = watch
        self.times: list[tuple[str, float]] = []

    def startTest(self, test: unittest.TestCase) -> None:  # noqa: N802
        self.watch.again()
        self._began = time.monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:  # noqa: N802
        super().stopTest(test)
        self.watch.again()
        self.times.append((test.id(), time.monotonic() - self._began))


def run(batch: Batch) -> Outcome:
    watch, began = Watch(), time.monotonic()
    watch.again()
    result = _Timed(watch)
    unittest.defaultTestLoader.loadTestsFromNames(batch.tests).run(result)
    watch.end()
    wrong = [(test.id(), text) for test, text in (*result.failures, *result.errors)]
    wrong += [(test.id(), "it was expected to fail, and passed") for test in result.unexpectedSuccesses]
    return Outcome(
        name=batch.name,
        ran=max(result.testsRun, len(wrong)),
        skipped=len(result.skipped),
        seconds=time.monotonic() - began,
        failures=tuple(wrong),
        tests=tuple(result.times),
        hung=watch.hung,
    )
