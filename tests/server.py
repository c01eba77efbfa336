"""A real server on a studio file."""

import json
import socket
import subprocess
import sys
import time
import urllib.error
import urllib.request
from contextlib import suppress
from pathlib import Path
from typing import Any

ROOT = Path(__file__).resolve().parents[1]
PATIENCE_S = 45


class Server:
    """fernring.web.serve as its own process, on a studio file and a free port."""

    def __init__(self, studio: Path, demo: bool = True) -> None:
        self.studio = studio
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            self.port: int = probe.getsockname()[1]
        if demo:
            subprocess.run([sys.executable, "-m", "fernring.demo.load", str(studio)], cwd=ROOT, check=True)
        self.start()

    @property
    def address(self) -> str:
        return f"http://127.0.0.1:{self.port}"

    def start(self) -> None:
        command = [sys.executable, "-m", "fernring.web.serve", str(self.studio), "--port", str(self.port)]
        self.process = subprocess.Popen(command, cwd=ROOT, stdout=subprocess.DEVNULL)
        self._wait_until_it_answers()

    def kill(self) -> None:
        """As a power cut would."""
        self.process.kill()
        self.process.wait()

    def ask(self, path: str, body: Any, asker: str = "") -> tuple[int, bytes]:
        """Status and body of the answer to a POST of JSON, as from the page called `asker`."""
        headers = {"content-type": "application/json", **({"fern-asker": asker} if asker else {})}
        request = urllib.request.Request(f"{self.address}{path}", json.dumps(body).encode(), headers)
        try:
            with urllib.request.urlopen(request, timeout=PATIENCE_S) as answer:
                return answer.status, answer.read()
        except urllib.error.HTTPError as error:
            return error.code, error.read()

    def begin(self, path: str, body: Any) -> socket.socket:
        """A request whose answer nobody reads yet."""
        data = json.dumps(body).encode()
        line = socket.create_connection(("127.0.0.1", self.port))
        head = f"POST {path} HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: "
        line.sendall(f"{head}{len(data)}\r\n\r\n".encode() + data)
        return line

    def end(self) -> int:
        """As the system asks it to; answers its exit code."""
        self.process.terminate()
        return self.process.wait(PATIENCE_S)

    def _wait_until_it_answers(self) -> None:
        deadline = time.monotonic() + PATIENCE_S
        while time.monotonic() < deadline:
            try:
                with urllib.request.urlopen(f"{self.address}/api/studio", timeout=1):
                    return
            except OSError:
                self._still_running()
        raise TimeoutError("the server did not come up")

    def _still_running(self) -> None:
        """Gives the server a moment, unless it has ended."""
        with suppress(subprocess.TimeoutExpired):
            raise RuntimeError(f"the server ended with {self.process.wait(0.01)}")
