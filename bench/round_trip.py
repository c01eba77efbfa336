"""POST /api/plan over a real connection, beside an endpoint that does nothing."""

import tempfile
from functools import partial
from pathlib import Path

import httpx
import orjson

from tests.samples import large
from tests.server import Server

from .timing import medians, share


def run() -> bool:
    nested = orjson.dumps(large(40, 5_000).model_dump(mode="json"))
    fixed = orjson.dumps(large(40, 5_000, nested=False).model_dump(mode="json"))
    with tempfile.TemporaryDirectory() as folder:
        server = Server(Path(folder) / "bench.sqlite", demo=False)
        try:
            with httpx.Client(base_url=server.address, headers={"content-type": "application/json"}) as client:
                times = medians(
                    {
                        "nothing": partial(client.get, "/api/alive"),
                        "nested": partial(client.post, "/api/plan", content=nested),
                        "fixed": partial(client.post, "/api/plan?verdicts=no", content=fixed),
                    },
                    21,
                )
        finally:
            server.kill()
    print(f"  an endpoint that does nothing: {times['nothing']:.1f} ms")
    good = share("5,000 dots, 40 nested rows, with verdicts", times["nested"], times["nothing"], 20)
    return good & share("5,000 dots, no nesting, no verdicts", times["fixed"], times["nothing"], 6)
