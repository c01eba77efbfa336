"""Two rows of straight lines, 25,000 dots each, crossing: time, and memory of a process that plans nothing else."""

import subprocess
import sys

from tests.server import ROOT

from .timing import figure

EACH, LINES = 25_000, 34
PLANNED = f"""
import resource, time
from fernring.core.plan import plan
from tests.samples import crossing
piece = crossing({LINES})
plan(crossing(1))
began = time.perf_counter()
found = plan(piece)
took = time.perf_counter() - began
assert min(row.n for row in found.solved.rows) >= {EACH}, [row.n for row in found.solved.rows]
print(took, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1000)
"""


def run() -> bool:
    done = subprocess.run([sys.executable, "-c", PLANNED], cwd=ROOT, capture_output=True, text=True, check=True)
    seconds, megabytes = map(float, done.stdout.split())
    good = figure("two straight rows of 25,000 dots, planned with verdicts", seconds, "s", 1.5)
    return good & figure("the same, memory at most", megabytes, "MB", 400)
