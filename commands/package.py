"""Build a wheel that holds the built page: python -m commands.package FOLDER.

What is packed is a copy, so that no build leaves its traces in the checkout.
"""

import shutil
import subprocess
import sys
import tempfile
from pathlib import Path

from .setup import FRONTEND, ROOT, say

FILES = ("pyproject.toml", "README.md", "NOTICES.md")


def main(into: Path) -> int:
    with tempfile.TemporaryDirectory() as folder:
        copy = Path(folder)
        shutil.copytree(ROOT / "fernring", copy / "fernring", ignore=shutil.ignore_patterns("__pycache__"))
        shutil.copytree(FRONTEND / "dist", copy / "fernring" / "page", ignore=shutil.ignore_patterns("made-from"))
        for name in FILES:
            shutil.copy(ROOT / name, copy)
        command = [sys.executable, "-m", "pip", "wheel", "--quiet", "--no-deps", "--wheel-dir", str(into), str(copy)]
        if subprocess.run(command).returncode:
            return 1
    wheel = max(into.glob("fernring-*.whl"), key=lambda path: path.stat().st_mtime)
    say(f"{wheel} holds the studio and its page; pip install it, then run fernring")
    return 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
