"""A storm of edits: a piece is named again and again in two tabs, over a line that drops, loses, doubles and delays."""

import json
import random
from collections.abc import Mapping, Sequence
from pathlib import Path

from playwright.sync_api import Page, expect

from fernring.store import bodies
from fernring.store.database import Database
from tests.browser.proxy import Proxy

MOODS = ["pass"] * 5 + ["drop", "lose", "twice", "delay", "fault"]
Kept = tuple[str, str, str]  # id, parent, name of the piece


def name_it(page: Page, name: str) -> None:
    field = page.get_by_label("Name of the piece")
    field.fill(name)
    field.press("Enter")


def storm(line: Proxy, tabs: Mapping[str, Page], edits: int) -> None:
    """So many edits in each tab; then the line is good again, until all is saved."""
    chance = random.Random(5)
    line.mood = lambda: chance.choice(MOODS)
    for k in range(edits):
        for side, page in tabs.items():
            name_it(page, f"{side} {k}")
    line.mood = lambda: "pass"
    for page in tabs.values():
        expect(page.locator(".saved")).to_have_text("Saved")


def ledger(studio: Path, ident: str) -> list[Kept]:
    """Every edit of the piece, from the studio file itself."""
    with Database(studio).reading() as db:
        rows = db.execute("SELECT id, parent FROM edit WHERE document = ? ORDER BY rowid", (ident,))
        return [(edit, parent, json.loads(bodies.read(db, edit))["name"]) for edit, parent in rows]


def wrong(found: Sequence[Kept], sides: Sequence[str], edits: int) -> list[str]:
    """What was lost, doubled, or does not stand on the edit before it."""
    names = [name for _, _, name in found[1:]]
    told = [f"{name} is there {names.count(name)} times" for name in set(names) if names.count(name) > 1]
    of = {name: (edit, parent) for edit, parent, name in found}
    for side in sides:
        for k in range(edits):
            if f"{side} {k}" not in of:
                told.append(f"{side} {k} is lost")
            elif k and of[f"{side} {k}"][1] != of.get(f"{side} {k - 1}", ("", ""))[0]:
                told.append(f"{side} {k} does not stand on the one before")
    return told
