"""The studio's settings."""

import sqlite3


def read(db: sqlite3.Connection) -> dict[str, str]:
    return {row["key"]: row["value"] for row in db.execute("SELECT key, value FROM setting")}


def write(db: sqlite3.Connection, key: str, value: str) -> None:
    db.execute(
        "INSERT INTO setting (key, value) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET value = excluded.value",
        (key, value),
    )
