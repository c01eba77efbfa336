"""Cold start of the server, and the weight of the page."""

import gzip
import tempfile
import time
from pathlib import Path

from tests.browser.studio import ROOT, Server

from .timing import figure


def run() -> bool:
    with tempfile.TemporaryDirectory() as folder:
        began = time.perf_counter()
        server = Server(Path(folder) / "bench.sqlite", demo=False)
        seconds = time.perf_counter() - began
        server.kill()
    scripts = (ROOT / "frontend" / "dist" / "assets").glob("*.js")
    weight = sum(len(gzip.compress(script.read_bytes())) for script in scripts) / 1000
    good = figure("cold start to the first answered request", seconds, "s", 2.0)
    return good & figure("script of the page, compressed", weight, "kB", 500)
