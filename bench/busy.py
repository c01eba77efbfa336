"""Edits saved and planned while 40 heavy requests wait, beside edits of an idle server: the 95th of 100."""

import json
import statistics
import tempfile
import time
from pathlib import Path
from typing import Any
from uuid import uuid4

from tests import samples
from tests.server import Server
from tests.worst import WORST

from .timing import figure, share

EDITS, HEAVY = 100, 40


def run() -> bool:
    with tempfile.TemporaryDirectory() as folder:
        server = Server(Path(folder) / "bench.sqlite", demo=False)
        try:
            state = _ask(server, "/api/pieces", {"piece": samples.five_rows().model_dump(mode="json")})
            state = _edits(server, state)[1]  # until both workers stand
            idle, state = _edits(server, state)
            lines = [server.begin("/api/fits", {"piece": _heavy(), "row": 0}) for _ in range(HEAVY)]
            busy, _ = _edits(server, state)
            for line in lines:
                line.close()
        finally:
            server.kill()
    figure("an edit, idle, 95 %", idle, "ms")
    figure("an edit with 40 heavy requests waiting, 95 %", busy, "ms")
    return share("busy beside idle", busy, idle, 3.0)


def _heavy() -> dict[str, Any]:
    return WORST["swipes on walks"]()


def _edits(server: Server, state: dict[str, Any]) -> tuple[float, dict[str, Any]]:
    """Saved and planned one after the other; the 95th percentile (ms), and where the piece stands then."""
    times = []
    for number in range(EDITS):
        document = {**state["document"], "name": f"Edit {number}"}
        edit = {"id": uuid4().hex, "branch": state["branch"], "based_on": state["head"], "label": "Change"}
        began = time.perf_counter()
        saved = _ask(server, f"/api/documents/{state['id']}/edits", {**edit, "document": document})
        _ask(server, "/api/plan", document, "bench")
        times.append((time.perf_counter() - began) * 1000)
        state = {**state, **saved, "document": document}
    return statistics.quantiles(times, n=20)[-1], state


def _ask(server: Server, path: str, body: Any, asker: str = "") -> Any:
    status, found = server.ask(path, body, asker)
    assert status < 300, found
    return json.loads(found)
