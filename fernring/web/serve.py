"""Start the server: python -m fernring.web.serve [STUDIO] [--port N]; where it is installed, `fernring` does so."""

import argparse
import logging
import os
import sys
from pathlib import Path

import uvicorn
from starlette.types import ASGIApp

from ..core.errors import FernError
from .app import create_app
from .config import Config
from .listening import listening, own_address, port_number
from .qr import qr_text

FILE = "studio.sqlite"
LAN = """For another device: {address} and the code {code}, within {minutes} minutes, once.
For more devices “Other devices” in the Studio menu shows new codes on this machine.
What is sent is not encrypted: use this in a network that you trust. At the next start it is off again."""
PATIENCE_S = 1  # for answers that are on their way when the server is told to end


def main() -> int:
    parser = argparse.ArgumentParser(prog="fernring", description="Serve a Fern Ring studio on this machine.")
    parser.add_argument(
        "studio", type=Path, nargs="?", default=Path(FILE), help=f"the studio file, {FILE} when left out"
    )
    parser.add_argument("--host", default="127.0.0.1")
    parser.add_argument("--port", type=port_number, default=8437)
    parser.add_argument(
        "--lan",
        nargs="?",
        const="",
        metavar="ADDRESS",
        help="let paired devices of your network in, at this address; not encrypted, off at the next start",
    )
    parser.add_argument("--name", default="", help="a name by which your network knows that address")
    parser.add_argument("--no-page", action="store_true", help="serve the API only")
    given = parser.parse_args()
    page = None if given.no_page else Config.page
    try:
        lan = None if given.lan is None else given.lan or own_address()
        hosts = tuple({"127.0.0.1", "localhost", given.host, *filter(None, (lan, given.name))})
        doors = [listening(host, given.port) for host in dict.fromkeys(filter(None, (given.host, lan)))]
        shown = None if lan is None else given.name or lan
        app = create_app(Config(given.studio, given.host, given.port, page, hosts, shown, pooled=True))
    except FernError as error:
        print(error.message, file=sys.stderr)
        return 1
    logging.basicConfig(format="%(asctime)s %(levelname)s %(name)s: %(message)s")
    print(f"Fern Ring: http://{given.host}:{given.port}/", flush=True)
    if shown is not None:
        code, seconds = app.door.new_code()
        address = f"http://{shown}:{given.port}/"
        print(qr_text(f"{address}#{code}"))
        print(LAN.format(address=address, code=code, minutes=round(seconds / 60)), flush=True)
    uvicorn.Server(configured(app)).run(sockets=doors)
    logging.shutdown()
    sys.stdout.flush()
    os._exit(0)  # what is still being calculated is for nobody any more; the interpreter would wait for it


def configured(app: ASGIApp) -> uvicorn.Config:
    """Nobody stands between this server and who asks it: what headers say of another client is not believed, whatever
    the environment says."""
    return uvicorn.Config(
        app, log_level="warning", access_log=False, timeout_graceful_shutdown=PATIENCE_S,
        proxy_headers=False, forwarded_allow_ips="",
    )  # fmt: skip


if __name__ == "__main__":
    sys.exit(main())
