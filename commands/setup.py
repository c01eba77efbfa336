"""Set up whatever is missing: Python packages, front-end packages, the built page, the browser.

Each part leaves a stamp with the hash of what it was made from, so that a second run costs nothing.
"""

import hashlib
import os
import shutil
import subprocess
import sys
from collections.abc import Iterable
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
VENV = ROOT / ".venv"
PYTHON = VENV / "bin" / "python"
FRONTEND = ROOT / "frontend"
BROWSER = Path("/usr/bin/chromium-headless-shell")
UV = "uv==0.13.9"


def python_environment() -> None:
    """The virtual environment, exactly as the lock file says."""
    if sys.version_info[:2] != (3, 11):
        sys.exit(f"Fern Ring needs Python 3.11; this is {sys.version.split()[0]}.")
    lock = ROOT / "requirements-dev.lock"
    stamp = VENV / "made-from"
    if _fresh(stamp, [lock]):
        return
    if not PYTHON.exists():
        say("making the Python environment")
        run([sys.executable, "-m", "venv", str(VENV)])
    run([str(PYTHON), "-m", "pip", "install", "--quiet", "--disable-pip-version-check", UV])
    say("installing Python packages")
    sync = ["uv", "pip", "sync", "--quiet", "--compile-bytecode", "--python", str(PYTHON), str(lock)]
    run([str(PYTHON), "-m", *sync])
    _write(stamp, [lock])


def front_end_packages() -> None:
    """The packages of frontend/package-lock.json."""
    if shutil.which("npm") is None:
        sys.exit("Fern Ring needs Node 20 with npm to build its page.")
    stamp = FRONTEND / "node_modules" / "made-from"
    lock = [FRONTEND / "package-lock.json"]
    if not _fresh(stamp, lock):
        say("installing front-end packages")
        run(["npm", "ci", "--no-fund", "--no-audit", "--loglevel=error"], cwd=FRONTEND)
        _write(stamp, lock)


def built_page() -> None:
    """frontend/dist, built from the sources as they stand."""
    front_end_packages()
    stamp = FRONTEND / "dist" / "made-from"
    sources = sorted(p for p in (FRONTEND / "src").rglob("*") if p.is_file())
    sources += [FRONTEND / name for name in ("package-lock.json", "vite.config.ts", "index.html", "postcss.config.mjs")]
    if not _fresh(stamp, sources):
        say("building the page")
        run(["npm", "run", "--silent", "build"], cwd=FRONTEND)
        _write(stamp, sources)


def browser() -> None:
    """Debian's Chromium without a window, for the tests that drive the real interface."""
    if BROWSER.exists():
        return
    say("installing Chromium")
    sudo = [] if os.geteuid() == 0 else ["sudo"]
    run([*sudo, "apt-get", "update", "-qq"])
    run([*sudo, "apt-get", "install", "-y", "-qq", "--no-install-recommends", BROWSER.name])


def run(command: list[str], cwd: Path = ROOT) -> None:
    """Run a step; when it fails, say which and stop."""
    if subprocess.run(command, cwd=cwd).returncode != 0:
        sys.exit(f"This step failed: {' '.join(command)}")


def say(text: str) -> None:
    print(f"fern: {text}", file=sys.stderr, flush=True)


def _hash(paths: Iterable[Path]) -> str:
    digest = hashlib.sha256()
    for path in paths:
        digest.update(str(path.relative_to(ROOT)).encode() + b"\0" + path.read_bytes())
    return digest.hexdigest()


def _fresh(stamp: Path, made_from: list[Path]) -> bool:
    return stamp.exists() and stamp.read_text() == _hash(made_from)


def _write(stamp: Path, made_from: list[Path]) -> None:
    stamp.write_text(_hash(made_from))
