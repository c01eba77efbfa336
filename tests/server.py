"""A real server on a studio file."""

import atexit
import json
import shutil
import socket
import sqlite3
import subprocess
import sys
import tempfile
import time
import urllib.error
import urllib.request
from contextlib import suppress
from functools import cache
from pathlib import Path
from typing import Any, get_args

from starlette.testclient import TestClient

from fernring.demo.load import load
from fernring.store.database import open_database
from fernring.web.app import create_app
from fernring.web.bench import Look
from fernring.web.config import Config

ROOT = Path(__file__).resolve().parents[1]
PATIENCE_S = 45


@cache
def demo_studio() -> Path:
    """The demo studio before its first start, its small pictures drawn; made once in each process of tests, and copied
    for every server."""
    folder = Path(tempfile.mkdtemp())
    atexit.register(shutil.rmtree, folder)
    studio = folder / "demo.sqlite"
    database = open_database(studio)
    load(database)
    client = TestClient(create_app(Config(studio)), base_url="http://127.0.0.1:8437")
    for piece in client.get("/api/pieces").json():
        client.get(f"/api/pictures/{get_args(Look)[0]}/{piece['head']}").raise_for_status()
    with database.writing() as db:
        db.execute("DELETE FROM setting")  # so that each server's studio is one of its own
    with sqlite3.connect(studio) as line:
        line.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    return studio


class Server:
    """fernring.web.serve as its own process, on a studio file and a free port."""

    def __init__(self, studio: Path, demo: bool = True, more: tuple[str, ...] = ()) -> None:
        self.studio, self.more = studio, more
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            self.port: int = probe.getsockname()[1]
        if demo:
            shutil.copy(demo_studio(), studio)
        self.start()

    @property
    def address(self) -> str:
        return f"http://127.0.0.1:{self.port}"

    def start(self) -> None:
        command = [sys.executable, "-m", "fernring.web.serve", str(self.studio), "--port", str(self.port), *self.more]
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
