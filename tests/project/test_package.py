"""The wheel: installed into a clean environment without Node, it serves a studio with its page."""

import os
import re
import shutil
import signal
import subprocess
import sys
import tempfile
import venv
from pathlib import Path

from tests.assertions import FernTestCase
from tests.project.test_commands import answered, free_port
from tests.server import ROOT


class PackageTest(FernTestCase):
    def test_installed_it_serves_a_studio(self) -> None:
        place = Path(tempfile.mkdtemp())
        self.addCleanup(shutil.rmtree, place)  # after the server has ended
        self.run_or_fail([sys.executable, "-m", "commands.package", str(place)])
        (wheel,) = place.glob("fernring-*.whl")
        venv.create(place / "venv", with_pip=True)
        programs = place / "venv" / "bin"
        self.run_or_fail([str(programs / "pip"), "install", "--quiet", "--no-compile", str(wheel)])
        self.serves(programs / "fernring", place)

    def run_or_fail(self, command: list[str]) -> None:
        done = subprocess.run(command, capture_output=True, text=True, cwd=ROOT)
        self.assertEqual(done.returncode, 0, done.stdout + done.stderr)

    def serves(self, program: Path, place: Path) -> None:
        port = free_port()
        bare = {"PATH": f"{program.parent}:/usr/bin:/bin", "HOME": str(place), "PYTHONUNBUFFERED": "1"}
        server = subprocess.Popen([str(program), "--port", str(port)], cwd=place, env=bare, stdout=subprocess.PIPE)
        self.addCleanup(os.waitpid, server.pid, 0)
        self.addCleanup(server.send_signal, signal.SIGTERM)
        assert server.stdout
        self.addCleanup(server.stdout.close)
        self.assertIn(str(port), server.stdout.readline().decode())
        address = f"http://127.0.0.1:{port}"
        page = answered(f"{address}/")
        script = re.search(r'src="(/assets/[^"]+\.js)"', page)
        assert script
        self.assertIn("Fern Ring", page)
        self.assertGreater(len(answered(address + script[1])), 100_000)
        self.assertIn("id", answered(f"{address}/api/patterns"))
        self.assertTrue((place / "studio.sqlite").exists())
