"""The API with reloading, for work on Fern Ring itself: python -m fernring.web.dev STUDIO --socket N."""

import argparse
import os
from pathlib import Path

import uvicorn
from starlette.types import ASGIApp

from .app import create_app
from .config import Config


def application() -> ASGIApp:
    """Made anew by uvicorn after each change; the page is served by vite, which passes /api on to here."""
    return create_app(Config(Path(os.environ["FERNRING_STUDIO"]), page=None))


if __name__ == "__main__":
    parser = argparse.ArgumentParser(prog="dev")
    parser.add_argument("studio")
    parser.add_argument("--socket", type=int, required=True, help="number of an open socket that listens")
    given = parser.parse_args()
    os.environ["FERNRING_STUDIO"] = given.studio
    uvicorn.run("fernring.web.dev:application", factory=True, fd=given.socket, reload=True, reload_dirs=["fernring"])
