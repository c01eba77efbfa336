"""Run the tests: python -m commands.tests [PART ...], where a part is a folder or module under tests/."""

import sys
import time
import unittest

PARTS = ("core", "outside", "formats", "standins", "store", "web", "project", "browser")


class Timed(unittest.TextTestResult):
    """Says which tests took long, so that the whole stays quick."""

    LONG_S = 12.0

    def startTest(self, test: unittest.TestCase) -> None:  # noqa: N802
        self._began = time.monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:  # noqa: N802
        super().stopTest(test)
        seconds = time.monotonic() - self._began
        if seconds > self.LONG_S:
            print(f"\nfern: {seconds:.0f} s for {test.id()}", file=sys.stderr)


def main(names: list[str]) -> int:
    loader, suite = unittest.TestLoader(), unittest.TestSuite()
    for name in names or PARTS:
        path = f"tests/{name.replace('.', '/')}"
        if "." in name:
            suite.addTests(loader.loadTestsFromName(f"tests.{name}"))
        else:
            suite.addTests(loader.discover(path, top_level_dir="."))
    began = time.monotonic()
    result = unittest.TextTestRunner(verbosity=1, buffer=True, resultclass=Timed).run(suite)
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    skipped = len(result.skipped)
    print(f"fern: tests took {time.monotonic() - began:.0f} s", file=sys.stderr)
    print(f"{result.testsRun - failed - skipped} passed, {failed} failed, {skipped} skipped", flush=True)
    return 1 if failed or not result.testsRun else 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
