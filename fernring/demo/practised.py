"""The practice sheets of the demo studio, and what was read off them."""

import sqlite3
from collections.abc import Sequence
from datetime import UTC, datetime
from hashlib import sha256
from importlib.resources import files

import orjson

from ..core.document.kit import Tool
from ..core.practice.reading import ReadDot, Reading, measured
from ..core.practice.sheet import PracticeSheet, practised
from ..store import measurements, practice_sheets

DATA = files(__package__)


def tell_practised(db: sqlite3.Connection, tools: Sequence[Tool], now: float) -> None:
    """Sheets that were read so many days before `now` (seconds since 1970) as the data says, and their measurements."""
    known = {tool.id: tool for tool in tools}
    for entry in orjson.loads(DATA.joinpath("practice.json").read_bytes())["sheets"]:
        day = datetime.fromtimestamp(now - 86_400 * entry["ago"], UTC).date().isoformat()
        number = practice_sheets.next_number(db)
        sheet = PracticeSheet(number=number, tools=practised([known[one] for one in entry["tools"]]), day=day)
        practice_sheets.add_sheet(db, number, sheet.model_dump_json())
        dots = tuple(ReadDot(**dict(zip(ReadDot.model_fields, values, strict=False))) for values in entry["dots"])
        reading = Reading(id=_id(f"sheet {number}"), sheet=number, day=day, dots=dots)
        practice_sheets.add_reading(db, reading.id, number, reading.model_dump_json())
        ids = [_id(f"sheet {number} {tool}") for tool in entry["tools"]]
        for one in measured(sheet, reading, ids):
            measurements.add(db, one.id, one.model_dump_json())


def _id(what: str) -> str:
    return sha256(what.encode()).hexdigest()[:32]
