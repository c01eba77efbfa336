"""Whole copies of a studio, and bringing them back."""

import sqlite3
from pathlib import Path
from threading import Thread
from typing import Any
from unittest.mock import patch

from fernring.store import blobs, copies, devices, identity, ledger, light, pieces, restoring
from fernring.store.database import Database, open_database
from fernring.store.errors import CopyError, StoreError
from fernring.store.place import APPLICATION
from tests.store.test_database import FIXTURE, StudioTestCase

HASHES = {name: name.encode().ljust(32) for name in ("Gone", "Here", "Later")}


class CopiesTest(StudioTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.folder / "copy.sqlite"
        with self.database.writing() as db:
            identity.ensure(db)
            self.here = identity.read(db)
            self.picture = blobs.put(db, b"\x89PNG", "image/png")
            self.first = ledger.create(db, "piece", "p", "First", f'"blob:{self.picture}"'.encode(), "Begin")

    def names(self, database: Database) -> list[str]:
        with database.reading() as db:
            return [one.name for one in pieces.listed(db)]

    def add(self, name: str) -> None:
        with self.database.writing() as db:
            ledger.create(db, "piece", name.lower(), name, b"0", "Begin")

    def test_made_while_the_studio_is_written_and_whole(self) -> None:
        with self.database.reading() as reader:
            reader.execute("BEGIN")
            reader.execute("SELECT count(*) FROM edit").fetchone()
            copies.make(self.database, self.copy)
        self.add("Later")
        copies.check(self.copy)
        found = Database(self.copy)
        self.assertEqual(self.names(found), ["First"])
        with found.reading() as db:
            self.assertEqual(blobs.get(db, self.picture).body, b"\x89PNG")
            self.assertEqual(ledger.state(db, "p"), self.first)

    def test_brought_back_with_a_new_epoch_and_the_old_studio_kept(self) -> None:
        copies.make(self.database, self.copy)
        self.add("Later")
        kept = restoring.bring_back(self.copy, self.database.path).kept
        assert kept
        self.assertEqual((self.names(self.database), self.names(Database(kept))), (["First"], ["Later", "First"]))
        with self.database.reading() as db:
            self.assertEqual(identity.read(db), identity.Identity(self.here.id, self.here.epoch + 1))
        again = restoring.bring_back(kept, self.database.path).kept
        self.assertNotEqual(again, kept)
        with self.database.reading() as db:
            self.assertEqual(identity.read(db).epoch, self.here.epoch + 2)
        left = sorted(one.name for one in self.folder.iterdir() if one.name.startswith("."))
        self.assertEqual(left, [], "no draft is left")

    def test_who_writes_while_the_old_studio_is_kept_waits_for_the_new_one(self) -> None:
        """What is acknowledged is in the one or the other: the writing begins when the old one is copied already."""
        copies.make(self.database, self.copy)
        writer = Thread(target=self.add, args=("Meanwhile",))
        fill = light.fill

        def slowly(*given: Any) -> int:
            writer.start()
            writer.join(0.2)
            self.assertTrue(writer.is_alive(), "it waits")
            return fill(*given)

        with patch.object(light, "fill", slowly):
            kept = restoring.bring_back(self.copy, self.database.path).kept
        writer.join(10)
        assert kept
        self.assertEqual(self.names(Database(kept)), ["First"])
        self.assertEqual(self.names(self.database), ["Meanwhile", "First"])

    def test_devices_are_no_part_of_a_copy(self) -> None:
        with self.database.writing() as db:
            gone, here = (devices.add(db, name, HASHES[name]) for name in ("Gone", "Here"))
        copies.make(self.database, self.copy)
        with self.database.writing() as db:
            devices.revoke(db, gone)
            devices.add(db, "Later", HASHES["Later"])
        restoring.bring_back(self.copy, self.database.path)
        with self.database.reading() as db:
            self.assertEqual([one.name for one in devices.listed(db)], ["Later", "Here"])
            self.assertIsNone(devices.by_hash(db, HASHES["Gone"]))
            self.assertEqual(devices.by_hash(db, HASHES["Here"]), here)
        new = self.folder / "new" / "studio.sqlite"
        new.parent.mkdir()
        restoring.bring_back(self.copy, new)
        with open_database(new).reading() as db:
            self.assertEqual(devices.listed(db), [])

    def test_an_epoch_that_is_no_number_is_begun_again(self) -> None:
        for altered in ("many", "-3", "9" * 40, ""):
            with self.subTest(altered):
                copies.make(self.database, self.copy)
                with sqlite3.connect(self.copy) as db:
                    db.execute("UPDATE setting SET value = ? WHERE key = 'epoch'", (altered,))
                db.close()
                with self.database.reading() as db:
                    before = identity.read(db).epoch
                restoring.bring_back(self.copy, self.database.path)
                with self.database.reading() as db:
                    self.assertEqual(identity.read(db).epoch, before + 1)

    def test_into_a_place_without_a_studio(self) -> None:
        copies.make(self.database, self.copy)
        new = self.folder / "new" / "studio.sqlite"
        new.parent.mkdir()
        self.assertIsNone(restoring.bring_back(self.copy, new).kept)
        self.assertEqual(self.names(open_database(new)), ["First"])

    def test_a_copy_of_an_earlier_version(self) -> None:
        old = self.made("old.sqlite", FIXTURE.read_text(encoding="utf-8") + f"; PRAGMA application_id = {APPLICATION}")
        expected = self.names(open_database(self.made("same.sqlite", FIXTURE.read_text(encoding="utf-8"))))
        restoring.bring_back(old, self.database.path)
        self.assertEqual(self.names(self.database), expected)

    def refused(self, words: str, copy: Path) -> None:
        before = self.names(self.database)
        with self.assertRaisesRegex(CopyError, words):
            restoring.bring_back(copy, self.database.path)
        self.assertEqual(self.names(self.database), before)
        self.assertEqual(list(self.folder.glob("*-before-*")), [])

    def changed(self, script: str) -> Path:
        copies.make(self.database, self.copy)
        with sqlite3.connect(self.copy) as db:
            db.executescript(script)
        db.close()
        return self.copy

    def test_what_is_no_whole_studio_of_ours_is_refused(self) -> None:
        self.refused("no copy of a Fern Ring studio", self.made("letters.sqlite", "CREATE TABLE letters (text)"))
        self.refused("no copy of a Fern Ring studio", self.made("own.sqlite", f"PRAGMA application_id = {APPLICATION}"))
        self.refused("tables or rules", self.changed("CREATE TABLE more (a)"))
        self.refused("tables or rules", self.changed("CREATE VIEW all_edits AS SELECT * FROM edit"))
        trigger = "CREATE TRIGGER gone AFTER INSERT ON edit BEGIN DELETE FROM edit; END"
        self.refused("tables or rules", self.changed(trigger))
        self.refused("later Fern Ring", self.changed("INSERT INTO migration VALUES (99, '2099')"))
        self.refused("damaged", self.changed("PRAGMA foreign_keys = OFF; DELETE FROM branch; DELETE FROM edit"))
        text = self.folder / "text.sqlite"
        text.write_bytes(b"no database at all, but long enough to be looked at" * 40)
        self.refused("damaged", text)
        cut = self.folder / "cut.sqlite"
        copies.make(self.database, self.copy)
        cut.write_bytes(self.copy.read_bytes()[:-5000])
        self.refused("damaged", cut)

    def test_a_copy_that_fails_leaves_the_last_good_one(self) -> None:
        copies.make(self.database, self.copy)
        before = self.copy.read_bytes()
        self.add("Later")
        with (
            patch.object(copies, "check", side_effect=CopyError("The disk is full.")),
            self.assertRaisesRegex(CopyError, "full"),
        ):
            copies.make(self.database, self.copy)
        self.assertEqual(self.copy.read_bytes(), before)
        self.assertEqual([one for one in self.folder.iterdir() if one.name.startswith(".")], [])
        with self.assertRaisesRegex(StoreError, "cannot take the place of the studio itself"):
            copies.make(self.database, self.database.path)
        with self.assertRaisesRegex(StoreError, "is a folder"):
            copies.make(self.database, self.folder)
