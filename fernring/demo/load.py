"""Fill a new studio file with the demo kit, shelf and pieces: python -m fernring.demo.load STUDIO."""

import sys
from importlib.resources import files
from pathlib import Path

from ..core.document.piece import Piece
from ..core.errors import FernError
from ..formats.piece_json import document_bytes, parse_document
from ..store import ledger, pieces
from ..store.database import Database, open_database

DATA = files(__package__)


def demo_pieces() -> list[Piece]:
    """The demo pieces, in the order they stand on the Bench from last to first."""
    entries = sorted((e for e in DATA.joinpath("pieces").iterdir() if e.name.endswith(".json")), key=lambda e: e.name)
    documents = [parse_document(entry.read_bytes()) for entry in entries]
    return [document for document in documents if isinstance(document, Piece)]


def load(database: Database) -> None:
    """Kit, shelf and pieces into an empty studio; one that has pieces is left as it is."""
    with database.writing() as db:
        if pieces.listed(db):
            return
        for kind in ("kit", "shelf"):
            if pieces.singleton(db, kind) is None:
                body = document_bytes(parse_document(DATA.joinpath(f"{kind}.json").read_bytes()))
                ledger.create(db, "kit" if kind == "kit" else "shelf", kind, kind, body, "Begin")
        for piece in demo_pieces():
            ledger.create(db, "piece", pieces.piece_id(), piece.name, document_bytes(piece), "Begin the piece")


def main(studio: Path) -> int:
    try:
        load(open_database(studio))
    except FernError as error:
        print(error.message, file=sys.stderr)
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
