"""Cold start of the server, beside importing what it stands on alone; and the weight of the page."""

import gzip
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from tests.server import ROOT, Server

from .timing import figure, medians, share

UNDER = "import fastapi, pydantic, uvicorn, numpy"


def run() -> bool:
    with tempfile.TemporaryDirectory() as folder:
        times = medians({"ours": lambda: _started(Path(folder)), "imports": _imports}, 9)
    scripts = (ROOT / "frontend" / "dist" / "assets").glob("*.js")
    weight = sum(len(gzip.compress(script.read_bytes())) for script in scripts) / 1000
    figure("cold start to the first answered request", times["ours"] / 1000, "s")
    good = share("the same, beside importing what it stands on", times["ours"], times["imports"], 1.6)
    return good & figure("script of the page, compressed", weight, "kB", 500)


def _started(folder: Path) -> None:
    """A server on a new studio file, until it answers."""
    Server(folder / f"{time.monotonic_ns()}.sqlite", demo=False).kill()


def _imports() -> None:
    subprocess.run([sys.executable, "-c", UNDER], check=True)
