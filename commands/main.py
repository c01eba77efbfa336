"""The list of commands, and what each one runs."""

import argparse
import os
import signal
import subprocess
import sys
import time
import urllib.request
import webbrowser
from pathlib import Path

from fernring.core.errors import FernError
from fernring.web.listening import listening, port_number

from . import setup
from .setup import PYTHON, ROOT, say

PORT = 8437


def main(words: list[str]) -> int:
    parser = argparse.ArgumentParser(prog="fern", description="Fern Ring: plans dot mandalas.")
    commands = parser.add_subparsers(dest="command", required=True, metavar="COMMAND")
    for name, (_, text) in COMMANDS.items():
        part = commands.add_parser(name, help=text)
        if name in {"demo", "serve", "dev"}:
            part.add_argument("--port", type=port_number, default=PORT)
        if name == "demo":
            part.add_argument("--no-browser", action="store_true", help="do not open the page")
            part.add_argument("--fresh", action="store_true", help="begin the demo studio anew")
        if name == "serve":
            part.add_argument("studio", type=Path, nargs="?", default=ROOT / "var" / "studio.sqlite")
            part.add_argument("--lan", nargs="?", const="", metavar="ADDRESS", help="let paired devices in")
            part.add_argument("--name", default="", help="a name by which your network knows the address")
        if name in {"backup", "restore"}:
            part.add_argument("file", type=Path, metavar="FILE")
            part.add_argument("--studio", type=Path, default=ROOT / "var" / "studio.sqlite")
        if name == "plan":
            part.add_argument("piece", type=Path, metavar="FILE.json")
        if name == "package":
            part.add_argument(
                "into", type=Path, nargs="?", default=ROOT / "var" / "wheels", help="folder for the wheel"
            )
        if name in {"test", "bench", "shots"}:
            part.add_argument("only", nargs="*", help="names of the parts to run; all when left out")
    given = parser.parse_args(words)
    if "port" in given and not _is_free(given.port):
        return 1
    setup.python_environment()
    return COMMANDS[given.command][0](given)


def demo(given: argparse.Namespace) -> int:
    setup.built_page()
    studio = ROOT / "var" / "demo.sqlite"
    if given.fresh:
        for part in studio.parent.glob("demo.sqlite*"):
            part.unlink()
    if _module("fernring.demo.load", str(studio)):
        return 1
    server = _server(studio, given.port)
    if not given.no_browser and _answers(given.port, server):
        webbrowser.open(f"http://127.0.0.1:{given.port}/")
    return _wait(server)


def serve(given: argparse.Namespace) -> int:
    setup.built_page()
    lan = [] if given.lan is None else ["--lan", *filter(None, (given.lan,))]
    name = ["--name", given.name] if given.name else []
    return _wait(_server(given.studio, given.port, *lan, *name))


def dev(given: argparse.Namespace) -> int:
    """Hot reload on both sides: vite watches the page and serves it at the port, uvicorn the Python behind it.

    The API listens at a free port that the system chooses; the socket is handed over, so that nobody else takes it.
    """
    setup.front_end_packages()
    studio = ROOT / "var" / "dev.sqlite"
    if _module("fernring.demo.load", str(studio)):
        return 1
    with listening("127.0.0.1", 0) as api:
        handle = api.fileno()
        watched = [str(PYTHON), "-m", "fernring.web.dev", str(studio), "--socket", str(handle)]
        python = subprocess.Popen(watched, cwd=ROOT, pass_fds=[handle])
        ports = {"FERNRING_PORT": str(given.port), "FERNRING_API": str(api.getsockname()[1])}
    try:
        page = ["npm", "run", "--silent", "dev"]
        return subprocess.run(page, cwd=setup.FRONTEND, env={**os.environ, **ports}).returncode
    except KeyboardInterrupt:
        return 0
    finally:
        python.terminate()


def test(given: argparse.Namespace) -> int:
    setup.built_page()
    setup.browser()
    if not given.only and _module("commands.checks"):
        return 1
    return _module("commands.tests", *given.only)


def check(_: argparse.Namespace) -> int:
    setup.front_end_packages()
    return _module("commands.checks")


def bench(given: argparse.Namespace) -> int:
    setup.built_page()
    setup.browser()
    return _module("bench.run", *given.only)


def plan(given: argparse.Namespace) -> int:
    return _module("commands.plan", str(given.piece.resolve()))


def backup(given: argparse.Namespace) -> int:
    return _module("commands.copies", "backup", str(given.file.resolve()), str(given.studio.resolve()))


def restore(given: argparse.Namespace) -> int:
    return _module("commands.copies", "restore", str(given.file.resolve()), str(given.studio.resolve()))


def package(given: argparse.Namespace) -> int:
    setup.built_page()
    return _module("commands.package", str(given.into.resolve()))


def shots(given: argparse.Namespace) -> int:
    setup.built_page()
    setup.browser()
    return _module("commands.shots", *given.only)


COMMANDS = {
    "demo": (demo, "set up what is missing and open the studio with the demo pieces"),
    "serve": (serve, "serve a studio file of your own"),
    "dev": (dev, "serve with hot reload on both sides"),
    "test": (test, "run every check and every test"),
    "check": (check, "run the fast checks: format, lint, types, generated files, share of tests"),
    "bench": (bench, "print the measurements, as ratios within one run"),
    "shots": (shots, "remake docs/screenshots from the demo pieces"),
    "plan": (plan, "print the plan of a piece's JSON file as a table"),
    "backup": (backup, "write the whole studio to one file, also while it is in use"),
    "restore": (restore, "bring back a studio from such a file; the old one is kept beside it"),
    "package": (package, "build a wheel that holds the built page"),
}


def _module(name: str, *words: str) -> int:
    return subprocess.run([str(PYTHON), "-m", name, *words], cwd=ROOT).returncode


def _server(studio: Path, port: int, *more: str) -> subprocess.Popen[bytes]:
    command = [str(PYTHON), "-m", "fernring.web.serve", str(studio.resolve()), "--port", str(port), *more]
    return subprocess.Popen(command, cwd=ROOT)


def _is_free(port: int) -> bool:
    """Whether a server can begin at this port; where not, it is said."""
    try:
        listening("127.0.0.1", port).close()
    except FernError as error:
        print(error.message, file=sys.stderr)
        return False
    return True


def _answers(port: int, server: subprocess.Popen[bytes]) -> bool:
    """Whether the server came up within ten seconds."""
    for _ in range(100):
        if server.poll() is not None:
            return False
        try:
            with urllib.request.urlopen(f"http://127.0.0.1:{port}/api/alive", timeout=1):
                return True
        except OSError:
            time.sleep(0.1)
    say("the server does not answer yet")
    return False


def _wait(server: subprocess.Popen[bytes]) -> int:
    signal.signal(signal.SIGTERM, lambda *_: server.terminate())
    try:
        return server.wait()
    except KeyboardInterrupt:
        server.terminate()
        return 0


if __name__ == "__main__":
    os.chdir(ROOT)
    sys.exit(main(sys.argv[1:]))
