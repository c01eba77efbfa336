"""The commands, as typed in a terminal."""

import os
import signal
import socket
import subprocess
import sys
import tempfile
import time
import urllib.request
from pathlib import Path

from commands.main import COMMANDS
from tests.assertions import FernTestCase
from tests.server import ROOT

PIECE = ROOT / "fernring" / "demo" / "pieces" / "06-seven-sisters.json"


def typed(*words: str) -> subprocess.CompletedProcess[str]:
    return subprocess.run([sys.executable, str(ROOT / "fern"), *words], capture_output=True, text=True, cwd=ROOT)


class CommandsTest(FernTestCase):
    def test_help_lists_every_command(self) -> None:
        told = typed("--help").stdout
        for name, (_, about) in COMMANDS.items():
            self.assertIn(name, told)
            self.assertTrue(about)

    def test_the_plan_of_a_file_as_a_table(self) -> None:
        done = typed("plan", str(PIECE))
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertRegex(done.stdout, r"\d+ rows, \d+ dots, edge at [\d.]+")

    def test_files_that_cannot_be_planned(self) -> None:
        kit = ROOT / "fernring" / "demo" / "kit.json"
        with tempfile.TemporaryDirectory() as folder:
            broken = Path(folder) / "broken.json"
            broken.write_text("{")
            for file, said in (
                (kit, "holds no piece"),
                (Path(folder) / "gone.json", "cannot be read"),
                (broken, "JSON"),
            ):
                done = typed("plan", str(file))
                self.assertEqual(done.returncode, 1)
                self.assertIn(said, done.stderr)
                self.assertNotIn("Traceback", done.stderr)

    def test_a_studio_is_backed_up_and_restored(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            studio, copy = Path(folder) / "studio.sqlite", Path(folder) / "copy.sqlite"
            subprocess.run([sys.executable, "-m", "fernring.demo.load", str(studio)], cwd=ROOT, check=True)
            done = typed("backup", str(copy), "--studio", str(studio))
            self.assertIn("holds the whole studio", done.stdout)
            new = Path(folder) / "new.sqlite"
            self.assertIn("is now as", typed("restore", str(copy), "--studio", str(new)).stdout)
            again = typed("restore", str(copy), "--studio", str(studio))
            self.assertIn("What it was before is kept in", again.stdout)
            for words, said in (
                (("backup", str(copy), "--studio", str(Path(folder) / "none.sqlite")), "no studio file"),
                (("restore", str(PIECE), "--studio", str(studio)), "is damaged and was left alone"),
                (("restore", str(Path(folder) / "none"), "--studio", str(studio)), "There is no file"),
            ):
                done = typed(*words)
                self.assertEqual(done.returncode, 1)
                self.assertIn(said, done.stderr)

    def test_a_port_that_is_in_use_is_said_before_anything_is_opened(self) -> None:
        with tempfile.TemporaryDirectory() as folder, socket.create_server(("127.0.0.1", 0)) as taken:
            port = str(taken.getsockname()[1])
            studio = Path(folder) / "studio.sqlite"
            serve = [sys.executable, "-m", "fernring.web.serve", str(studio), "--port", port]
            for done in (
                typed("demo", "--port", port),
                typed("serve", str(studio), "--port", port),
                subprocess.run(serve, capture_output=True, text=True, cwd=ROOT),
            ):
                self.assertEqual((done.returncode, done.stdout), (1, ""))
                self.assertRegex(done.stderr, rf"^Port {port} is in use by another program.*\n$")
            self.assertFalse(studio.exists())

    def test_a_port_out_of_range(self) -> None:
        for wrong in ("0", "65536", "-1", "9" * 5000, "web", "²"):
            done = typed("serve", f"--port={wrong}")
            self.assertEqual(done.returncode, 2)
            self.assertIn("the port is a whole number from 1 to 65535", done.stderr)

    def test_a_test_that_does_not_exist_is_named(self) -> None:
        command = [sys.executable, "-m", "commands.tests", "core.nowhere"]
        done = subprocess.run(command, capture_output=True, text=True, cwd=ROOT)
        self.assertEqual(done.returncode, 1)
        self.assertIn("there is no test named “core.nowhere”", done.stderr)


class DevTest(FernTestCase):
    def test_page_and_changes_go_through_the_port_that_was_asked_for(self) -> None:
        port = self.port_beside_one_in_use()
        server = subprocess.Popen(
            [sys.executable, str(ROOT / "fern"), "dev", "--port", str(port)],
            cwd=ROOT, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, start_new_session=True,
        )  # fmt: skip
        self.addCleanup(server.wait)
        self.addCleanup(os.killpg, server.pid, signal.SIGTERM)
        address = f"http://127.0.0.1:{port}"
        self.assertIn("Fern Ring", answered(f"{address}/"))
        self.assertIn("corona", answered(f"{address}/api/patterns"))
        body = b'{"units": "mm", "scheme": "auto"}'
        headers = {"Origin": address, "Content-Type": "application/json"}
        change = urllib.request.Request(f"{address}/api/studio", body, headers, method="PUT")
        self.assertIn("scheme", answered(change))

    def port_beside_one_in_use(self) -> int:
        """A free port; the next one belongs to another program, as it may on any machine."""
        while True:
            port = free_port()
            try:
                self.enterContext(socket.create_server(("127.0.0.1", port + 1)))
            except (OSError, OverflowError):
                continue
            return port


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return int(probe.getsockname()[1])


def answered(asked: str | urllib.request.Request) -> str:
    """The answer, once the server and what stands behind it are up."""
    deadline = time.monotonic() + 60
    while True:
        try:
            with urllib.request.urlopen(asked, timeout=20) as answer:
                return str(answer.read().decode())
        except OSError as error:
            if time.monotonic() > deadline or getattr(error, "code", 502) not in (500, 502):
                raise
