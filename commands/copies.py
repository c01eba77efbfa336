"""Whole copies of a studio in the terminal: python -m commands.copies backup|restore FILE STUDIO."""

import sys
from pathlib import Path

from fernring.core.errors import FernError
from fernring.store import copies, restoring
from fernring.store.database import open_database
from fernring.store.errors import StoreError


def backup(file: Path, studio: Path) -> str:
    if not studio.exists():
        raise StoreError(f"There is no studio file {studio}.")
    copies.make(open_database(studio), file)
    return f"{file} holds the whole studio {studio}, read back and found good."


def restore(file: Path, studio: Path) -> str:
    if not file.is_file():
        raise StoreError(f"There is no file {file}.")
    done = restoring.bring_back(file, studio)
    was = f" What it was before is kept in {done.kept}." if done.kept else ""
    lost = f" Pictures found nowhere: {done.missing}." if done.missing else ""
    return f"{studio} is now as {file} has it.{was}{lost}"


def main(what: str, file: Path, studio: Path) -> int:
    try:
        print({"backup": backup, "restore": restore}[what](file, studio))
    except FernError as error:
        print(error.message, file=sys.stderr)
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1], Path(sys.argv[2]), Path(sys.argv[3])))
