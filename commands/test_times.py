"""How long each class of tests took the last time on this machine; kept in var/, and only ever a guess."""

import json
from typing import Self

from .setup import ROOT
from .test_batch import Batch

FILE = ROOT / "var" / "test_times.json"
GUESS_S = 0.3
GUESSES_S = {"tests.browser": 5.0, "tests.project": 6.0, "tests.web.test_fuzz": 80.0}
"""For one test that was never timed; by how the name of its class begins."""


class Times:
    def __init__(self, known: dict[str, float]) -> None:
        self.known = known

    @classmethod
    def read(cls) -> Self:
        try:
            return cls({str(name): float(seconds) for name, seconds in json.loads(FILE.read_text()).items()})
        except (OSError, ValueError, AttributeError, TypeError):  # never written, or by hand
            return cls({})

    def write(self) -> None:
        FILE.parent.mkdir(exist_ok=True)
        FILE.write_text(json.dumps(self.known, indent=1, sort_keys=True))

    def of(self, batch: Batch) -> float:
        each = next((long for start, long in GUESSES_S.items() if batch.name.startswith(start)), GUESS_S)
        return self.known.get(batch.name, each * len(batch.tests))

    def note(self, batch: Batch, seconds: float) -> None:
        self.known[batch.name] = seconds
