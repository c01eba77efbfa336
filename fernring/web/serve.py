"""Start the server: python -m fernring.web.serve [STUDIO] [--port N]; where it is installed, `fernring` does so."""

import argparse
import logging
import os
import sys
from pathlib import Path

import uvicorn

from ..core.errors import FernError
from .app import create_app
from .config import Config
from .listening import listening, port_number

FILE = "studio.sqlite"
PATIENCE_S = 1  # for answers that are on their way when the server is told to end


def main() -> int:
    parser = argparse.ArgumentParser(prog="fernring", description="Serve a Fern Ring studio on this machine.")
    parser.add_argument(
        "studio", type=Path, nargs="?", default=Path(FILE), help=f"the studio file, {FILE} when left out"
    )
    parser.add_argument("--host", default="127.0.0.1")
    parser.add_argument("--port", type=port_number, default=8437)
    parser.add_argument("--no-page", action="store_true", help="serve the API only")
    given = parser.parse_args()
    page = None if given.no_page else Config.page
    hosts = tuple({"127.0.0.1", "localhost", given.host})
    try:
        door = listening(given.host, given.port)
        app = create_app(Config(given.studio, given.host, given.port, page, hosts, pooled=True))
    except FernError as error:
        print(error.message, file=sys.stderr)
        return 1
    logging.basicConfig(format="%(asctime)s %(levelname)s %(name)s: %(message)s")
    print(f"Fern Ring: http://{given.host}:{given.port}/", flush=True)
    config = uvicorn.Config(app, log_level="warning", access_log=False, timeout_graceful_shutdown=PATIENCE_S)
    uvicorn.Server(config).run(sockets=[door])
    logging.shutdown()
    sys.stdout.flush()
    os._exit(0)  # what is still being calculated is for nobody any more; the interpreter would wait for it


if __name__ == "__main__":
    sys.exit(main())
