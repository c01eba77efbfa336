"""A test that hangs is ended."""

import subprocess
import sys

from tests.assertions import FernTestCase
from tests.server import PATIENCE_S, ROOT

WAITS_FOR_A_CHILD = """
import subprocess, sys
from commands.test_watch import Watch
child = subprocess.Popen(["sh", "-c", "sleep 600 & echo begun; wait"], stdout=subprocess.PIPE)
child.stdout.readline()
watch = Watch(0.2, 60)
watch.again()
print(child.stdout.read(), child.wait())  # until both have ended
watch.end()
"""
WAITS_FOR_EVER = """
import threading
from commands.test_watch import Watch
Watch(0.2, 0.2).again()
threading.Event().wait()
"""
A_BROWSER_THAT_STANDS_STILL = """
import os, signal
from contextlib import suppress
from commands.test_watch import DRIVER, Watch, descendants, told_by
from playwright.sync_api import Error
from tests.browser.studio import chromium
chromium().new_page().close()
for child in descendants(os.getpid()):
    if DRIVER not in told_by(child, "cmdline"):
        with suppress(ProcessLookupError):  # that of the page which was closed
            os.kill(child, signal.SIGSTOP)
watch = Watch(1, 60)
watch.again()
try:
    chromium().new_page()
except Error:
    print("ended", watch.hung)
watch.end()
chromium().new_page().close()
print("and another")
"""


def told(program: str) -> subprocess.CompletedProcess[str]:
    return subprocess.run([sys.executable, "-c", program], capture_output=True, text=True, cwd=ROOT, timeout=PATIENCE_S)


class WatchTest(FernTestCase):
    def test_what_it_waits_for_is_ended_and_it_goes_on(self) -> None:
        done = told(WAITS_FOR_A_CHILD)
        self.assertEqual((done.stdout.strip(), done.returncode), ("b'' -9", 0), done.stderr)
        self.assertIn("line 8 in <module>", done.stderr)

    def test_a_browser_that_stands_still_is_ended_and_another_begins(self) -> None:
        done = told(A_BROWSER_THAT_STANDS_STILL)
        self.assertEqual(done.stdout.split("\n")[:2], ["ended True", "and another"], done.stderr)

    def test_one_that_waits_for_nothing_of_its_own_ends_with_its_process(self) -> None:
        done = told(WAITS_FOR_EVER)
        self.assertEqual(done.returncode, 1)
        self.assertIn("threading.py", done.stderr)
