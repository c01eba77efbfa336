"""The fast checks: python -m commands.checks. Every finding is printed; the exit code says whether there was one."""

import subprocess
import sys
import tempfile
from pathlib import Path

from . import openapi
from .setup import FRONTEND, ROOT, say
from .share import share_line

BIN = Path(sys.executable).parent
LEAST, MOST = 0.25, 0.34


def main() -> int:
    results = [
        _run("format (Python)", [BIN / "ruff", "format", "--check", "-q", "."]),
        _run("lint (Python)", [BIN / "ruff", "check", "-q", "."]),
        _run("types (Python)", [BIN / "mypy"]),
        _run("types (TypeScript)", ["npm", "run", "--silent", "types"], FRONTEND),
        _run("format and lint (TypeScript)", ["npm", "run", "--silent", "lint"], FRONTEND),
        _generated(),
        _share(),
    ]
    return 0 if all(results) else 1


def _run(name: str, command: list[str | Path], folder: Path = ROOT) -> bool:
    done = subprocess.run([str(word) for word in command], cwd=folder, capture_output=True, text=True)
    return _report(name, done.returncode == 0, done.stdout + done.stderr)


def _generated() -> bool:
    """The OpenAPI document, the schemas and the page's types are what the code makes of them today."""
    stale = [str(path.relative_to(ROOT)) for path, text in openapi.documents() if not _same(path, text)]
    with tempfile.TemporaryDirectory() as folder:
        fresh = Path(folder) / "generated.ts"
        command = ["npx", "openapi-typescript", str(openapi.API), "-o", str(fresh)]
        subprocess.run(command, cwd=FRONTEND, capture_output=True, check=True)
        if not _same(FRONTEND / "src" / "api" / "generated.ts", fresh.read_text(encoding="utf-8")):
            stale.append("frontend/src/api/generated.ts")
    advice = f"stale: {', '.join(stale)}; run python -m commands.openapi --write and npm run api" if stale else ""
    return _report("generated files", not stale, advice)


def _same(path: Path, text: str) -> bool:
    return path.exists() and path.read_text(encoding="utf-8") == text


def _share() -> bool:
    share, line = share_line()
    return _report(line, LEAST <= share <= MOST, f"tests should be {LEAST:.0%} to {MOST:.0%} of the code lines")


def _report(name: str, good: bool, text: str) -> bool:
    say(f"{'ok     ' if good else 'FAILED '} {name}")
    if not good:
        print(text, flush=True)
    return good


if __name__ == "__main__":
    sys.exit(main())
