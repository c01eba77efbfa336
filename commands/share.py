"""How much of the code is tests: lines of tracked Python and TypeScript, generated files left out."""

import subprocess
from pathlib import Path

from .setup import ROOT

ENDINGS = {".py", ".ts", ".tsx"}


def share_line() -> tuple[float, str]:
    """The share and a line that says it."""
    listed = subprocess.run(["git", "ls-files", "-co", "--exclude-standard"], cwd=ROOT, capture_output=True, text=True)
    files = [Path(name) for name in listed.stdout.splitlines()]
    counted = [f for f in files if f.suffix in ENDINGS and "generated" not in f.name and (ROOT / f).exists()]
    tests = sum(_lines(f) for f in counted if f.parts[0] == "tests")
    total = sum(_lines(f) for f in counted)
    share = tests / total if total else 0.0
    return share, f"tests are {share:.0%} of {total} lines of code"


def _lines(file: Path) -> int:
    return (ROOT / file).read_text(encoding="utf-8").count("\n")
