"""The worst documents within the bounds, planned with verdicts: processor time, and memory of the process."""

from tests.worst import MOST_BYTES, MOST_CPU_S, WORST, cost

from .timing import figure


def run() -> bool:
    good = True
    for name, make in WORST.items():
        found = cost("plan", make())
        good &= figure(name, found.seconds, "s", MOST_CPU_S)
        good &= figure(f"    {found.said[:52]}", found.held / 1e6, "MB", MOST_BYTES / 1e6)
    return good
