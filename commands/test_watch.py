"""A test that hangs is ended, and says where it stood: nothing may hold up the whole run for ever."""

import faulthandler
import os
import signal
import sys
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from threading import Timer

LONGEST_S = 300.0
"""For one test, or for what a class sets up. The slowest takes a tenth of it on a busy machine."""
DRIVER = "playwright/driver"
LAST_S = 30.0
"""After its processes were ended, until the test's own process ends."""


class Watch:
    """Told about each beginning and end, it waits for the next."""

    def __init__(self, longest_s: float = LONGEST_S, last_s: float = LAST_S) -> None:
        self.longest_s, self.last_s = longest_s, last_s
        self._timer: Timer | None = None
        self.hung = False

    def again(self) -> None:
        self.end()
        self._start(self.longest_s, self._hung)

    def end(self) -> None:
        if self._timer is not None:
            self._timer.cancel()
            self._timer = None

    def _hung(self) -> None:
        """Ends the browsers and servers of this process, so that whatever waits for them fails. The driver of the
        browsers stays, and can begin others.
        """
        self.hung = True
        faulthandler.dump_traceback(sys.__stderr__ or 2, all_threads=True)
        for child in descendants(os.getpid()):
            if DRIVER in told_by(child, "cmdline"):
                continue
            with suppress(ProcessLookupError):  # it ended with its parent
                os.kill(child, signal.SIGKILL)
        self._start(self.last_s, lambda: os._exit(1))

    def _start(self, seconds: float, then: Callable[[], object]) -> None:
        self._timer = Timer(seconds, then)
        self._timer.daemon = True
        self._timer.start()


def descendants(process: int) -> list[int]:
    """The nearest first; read from /proc."""
    parents: dict[int, int] = {}
    for stat in Path("/proc").glob("[0-9]*/stat"):
        own = told_by(int(stat.parent.name), "stat").rpartition(")")[2].split()
        if own:
            parents[int(stat.parent.name)] = int(own[1])
    found = [process]
    for one in found:
        found += [child for child, parent in parents.items() if parent == one]
    return found[1:]


def told_by(process: int, what: str) -> str:
    """A file of a process under /proc, "" when it has ended."""
    with suppress(OSError):
        return Path(f"/proc/{process}/{what}").read_text(errors="replace")
    return ""
