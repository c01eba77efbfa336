"""Fill a new studio file with the demo kit, shelf and pieces: python -m fernring.demo.load STUDIO."""

import sqlite3
import sys
from datetime import UTC, datetime
from hashlib import sha256
from importlib.resources import files
from pathlib import Path
from time import time

import orjson

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.errors import FernError
from ..core.practice.measurement import Measurement
from ..formats.piece_json import document_bytes, parse_document
from ..store import ledger, measurements, pieces
from ..store.database import Database, open_database
from .practised import tell_practised
from .stages import at_its_stage, tell

DATA = files(__package__)


def demo_pieces() -> list[Piece]:
    """The demo pieces, in the order they stand on the Bench from last to first."""
    entries = sorted((e for e in DATA.joinpath("pieces").iterdir() if e.name.endswith(".json")), key=lambda e: e.name)
    documents = [parse_document(entry.read_bytes()) for entry in entries]
    return [document for document in documents if isinstance(document, Piece)]


def demo_kit() -> Kit:
    """The tools of the demo studio."""
    kit = parse_document(DATA.joinpath("kit.json").read_bytes())
    assert isinstance(kit, Kit)
    return kit


def load(database: Database) -> None:
    """Kit, shelf and pieces into an empty studio; one that has pieces is left as it is."""
    with database.writing() as db:
        if pieces.listed(db):
            return
        for kind in ("kit", "shelf"):
            if pieces.singleton(db, kind) is None:
                body = document_bytes(parse_document(DATA.joinpath(f"{kind}.json").read_bytes()))
                ledger.create(db, "kit" if kind == "kit" else "shelf", kind, kind, body, "Begin")
        tell_measured(db, time())
        tell_practised(db, demo_kit().tools, time())
        for planned in demo_pieces():
            piece, steps, count = at_its_stage(planned)
            ident = pieces.piece_id()
            ledger.create(db, "piece", ident, piece.name, document_bytes(piece), "Begin the piece")
            if steps is not None:
                tell(db, ident, piece, steps, count, time())


def tell_measured(db: sqlite3.Connection, now: float) -> None:
    """Dots that were measured so many days before `now` (seconds since 1970) as the data says."""
    for number, entry in enumerate(orjson.loads(DATA.joinpath("measured.json").read_bytes())["measured"]):
        day = datetime.fromtimestamp(now - 86_400 * entry.pop("ago"), UTC).date().isoformat()
        ident = sha256(f"measured {number}".encode()).hexdigest()[:32]
        told = Measurement.model_validate({**entry, "id": ident, "day": day, "diameters": tuple(entry["diameters"])})
        measurements.add(db, ident, told.model_dump_json())


def main(studio: Path) -> int:
    try:
        load(open_database(studio))
    except FernError as error:
        print(error.message, file=sys.stderr)
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
