"""Run the tests: python -m commands.tests [NAME ...], on every core, with progress and the time left.

A NAME is a folder, module, class or test under tests/: `core`, `core.test_ring`, `core.test_ring.RingTest`.
"""

import multiprocessing
import os
import sys
import time
import unittest
from collections.abc import Iterator
from concurrent.futures import FIRST_COMPLETED, Future, ProcessPoolExecutor, wait
from concurrent.futures.process import BrokenProcessPool

from .setup import ROOT, say
from .test_batch import Batch, Outcome, run
from .test_times import Times

PARTS = ("core", "outside", "formats", "standins", "store", "web", "project", "browser")
LONG_S = 12.0


def main(names: list[str]) -> int:
    batches, wrong = [], []
    for name in names or PARTS:
        found, faults = collected(name)
        batches += found
        wrong += faults
    for fault in wrong:
        say(fault)
    if wrong or not batches:
        return 1
    began = time.monotonic()
    outcomes = list(_run(batches, Times.read()))
    _report(outcomes)
    say(f"tests took {time.monotonic() - began:.0f} s on {_workers(batches)} cores")
    failed = sum(len(outcome.failures) for outcome in outcomes)
    skipped = sum(outcome.skipped for outcome in outcomes)
    ran = sum(outcome.ran for outcome in outcomes)
    print(f"{ran - failed - skipped} passed, {failed} failed, {skipped} skipped", flush=True)
    return 1 if failed or not ran else 0


def collected(name: str) -> tuple[list[Batch], list[str]]:
    """The test classes under a name, each as one batch, and what is wrong with the name or its modules."""
    loader = unittest.TestLoader()
    folder = ROOT / "tests" / name.replace(".", "/")
    if folder.is_dir():
        suite = loader.discover(str(folder), top_level_dir=str(ROOT))
    else:
        suite = loader.loadTestsFromName(f"tests.{name}")
    if loader.errors:
        return [], [_complaint(name, error) for error in loader.errors]
    tests: dict[str, list[str]] = {}
    for test in _flat(suite):
        kind = type(test)
        tests.setdefault(f"{kind.__module__}.{kind.__qualname__}", []).append(test.id())
    if not tests:
        return [], [f"there is no test under the name “{name}”; it should be a folder, module, class or test of tests/"]
    return [Batch(key, tuple(ids)) for key, ids in tests.items()], []


def _complaint(name: str, error: str) -> str:
    """Why a name could not be loaded: it does not exist, or what stands there does not import."""
    missing = any(f"No module named 'tests.{'.'.join(name.split('.')[:k])}'" in error for k in range(1, 9))
    if not (ROOT / "tests" / name.replace(".", "/")).is_dir() and (missing or "has no attribute" in error):
        return f"there is no test named “{name}”; it should be a folder, module, class or test of tests/"
    return error


def _flat(suite: unittest.TestSuite) -> Iterator[unittest.TestCase]:
    for one in suite:
        if isinstance(one, unittest.TestSuite):
            yield from _flat(one)
        else:
            yield one


def _run(batches: list[Batch], times: Times) -> Iterator[Outcome]:
    """Each batch in a process of a pool, the longest first, so that the cores come to rest together. One that hung, as
    a browser does now and then, is run once more.
    """
    ordered = sorted(batches, key=times.of, reverse=True)
    hung: set[Batch] = set()
    done = 0
    context = multiprocessing.get_context("spawn")
    with ProcessPoolExecutor(_workers(batches), mp_context=context) as pool:
        waiting = {pool.submit(run, batch): batch for batch in ordered}
        while waiting:
            future = next(iter(wait(waiting, return_when=FIRST_COMPLETED).done))
            batch = waiting.pop(future)
            outcome = _outcome(future, batch)
            if outcome.hung and batch not in hung:
                hung.add(batch)
                say(f"HUNG   {batch.name}, see above; it is run once more")
                waiting[pool.submit(run, batch)] = batch
                continue
            done += 1
            times.note(batch, outcome.seconds)
            left = sum(times.of(other) for other in waiting.values()) / _workers(batches)
            _progress(outcome, done, len(ordered), left)
            yield outcome
    times.write()


def _outcome(future: Future[Outcome], batch: Batch) -> Outcome:
    try:
        return future.result()
    except BrokenProcessPool:
        return Outcome.died(batch)


def _workers(batches: list[Batch]) -> int:
    return min(os.cpu_count() or 1, len(batches))


def _progress(outcome: Outcome, done: int, whole: int, left: float) -> None:
    mark = "FAILED" if outcome.failures else "ok    "
    say(f"{mark} {done:3} of {whole}, about {left:.0f} s left: {outcome.name.removeprefix('tests.')}")


def _report(outcomes: list[Outcome]) -> None:
    for outcome in outcomes:
        for test, text in outcome.failures:
            print(f"\n{'=' * 70}\n{test}\n{text}", file=sys.stderr)
        for test, seconds in outcome.tests:
            if seconds > LONG_S:
                say(f"{seconds:.0f} s for {test}")


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
