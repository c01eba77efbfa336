"""A copy a day, where something changed; the last seven stay."""

import sqlite3
from pathlib import Path

from fernring.store import blobs, copies, daily, ledger, light, pieces, restoring
from fernring.store.database import Database, open_database
from tests.store.test_database import StudioTestCase


class DailyTest(StudioTestCase):
    def add(self, name: str) -> None:
        with self.database.writing() as db:
            ledger.create(db, "piece", name.lower(), name, b"0", "Begin")

    def kept(self) -> list[str]:
        return sorted(
            one.stem for one in (self.folder / "studio-copies").glob("*.sqlite") if one.name != light.PICTURES
        )

    def test_one_a_day_and_only_after_changes(self) -> None:
        self.add("First")
        made = daily.keep(self.database, "2026-03-21")
        assert made
        self.add("Second")
        self.assertIsNone(daily.keep(self.database, "2026-03-21"), "there is one of today")
        self.assertTrue(daily.keep(self.database, "2026-03-22"))
        self.assertIsNone(daily.keep(self.database, "2026-03-23"), "nothing changed since")
        with self.database.writing() as db:
            pieces.delete(db, "first")
        self.assertTrue(daily.keep(self.database, "2026-03-24"), "deleting is a change")
        with Database(made).reading() as db:
            self.assertEqual([one.name for one in pieces.listed(db)], ["First"])
        self.assertEqual(self.kept(), ["2026-03-21", "2026-03-22", "2026-03-24"])

    def test_the_last_seven_stay(self) -> None:
        for day in range(1, 10):
            self.add(f"Piece {day}")
            daily.keep(self.database, f"2026-03-{day:02}")
        self.assertEqual(self.kept(), [f"2026-03-{day:02}" for day in range(3, 10)])

    def test_a_copy_that_cannot_be_read_is_no_reason_not_to_make_one(self) -> None:
        self.add("First")
        (self.folder / "studio-copies").mkdir()
        (self.folder / "studio-copies" / "2026-03-20.sqlite").write_bytes(b"torn")
        self.assertTrue(daily.keep(self.database, "2026-03-21"))


class PicturesTest(StudioTestCase):
    """Pictures lie beside the daily copies, each once."""

    def picture(self, name: str, body: bytes) -> str:
        with self.database.writing() as db:
            digest = blobs.put(db, body, "image/png")
            ledger.create(db, "piece", name, name, f'"blob:{digest}"'.encode(), "Begin")
        return digest

    def copy(self, day: int) -> Path:
        made = daily.keep(self.database, f"2026-03-{day:02}")
        assert made
        return made

    def beside(self) -> list[bytes]:
        with Database(self.folder / "studio-copies" / light.PICTURES).reading() as db:
            return [body for _, _, body in blobs.every(db)]

    def test_each_once_and_none_in_the_copies(self) -> None:
        self.picture("first", b"\x89PNG 1")
        one = self.copy(1)
        self.picture("second", b"\x89PNG 2")
        for made in (one, self.copy(2)):
            copies.check(made)
            with Database(made).reading() as db:
                self.assertEqual(list(blobs.every(db)), [])
        self.assertEqual(sorted(self.beside()), [b"\x89PNG 1", b"\x89PNG 2"])

    def test_a_copy_comes_back_with_its_pictures(self) -> None:
        digest = self.picture("first", b"\x89PNG 1")
        made = self.copy(1)
        lone = self.folder / "elsewhere" / "studio.sqlite"
        lone.parent.mkdir()
        self.assertEqual(restoring.bring_back(made, lone).missing, 0)
        with Database(lone).reading() as db:
            self.assertEqual(blobs.get(db, digest), blobs.Blob(digest, "image/png", b"\x89PNG 1"))
            self.assertEqual([one.name for one in pieces.listed(db)], ["first"])

    def test_an_uploaded_copy_finds_them_beside_the_studio(self) -> None:
        digest = self.picture("first", b"\x89PNG 1")
        moved = self.copy(1).rename(self.folder / "moved.sqlite")
        self.assertEqual(restoring.bring_back(moved, self.path).missing, 0)
        with open_database(self.path).reading() as db:
            self.assertEqual(blobs.get(db, digest).body, b"\x89PNG 1")

    def test_a_picture_that_is_nowhere_whole_is_counted(self) -> None:
        self.picture("first", b"\x89PNG 1")
        made = self.copy(1)
        with sqlite3.connect(made.with_name(light.PICTURES)) as db:
            db.execute("UPDATE blob SET body = x'89504E472032'")
        lone = self.folder / "elsewhere.sqlite"
        self.assertEqual(restoring.bring_back(made, lone).missing, 1)
        with Database(lone).reading() as read:
            self.assertEqual(len(pieces.listed(read)), 1)

    def test_pictures_that_no_copy_names_go(self) -> None:
        self.picture("first", b"\x89PNG 1")
        self.copy(1)
        with self.database.writing() as db:
            db.execute("DELETE FROM blob_use")
        for day in range(2, 2 + daily.DAYS):
            self.assertIn(b"\x89PNG 1", self.beside(), "the first copy still names it")
            self.picture(f"day {day}", b"\x89PNG 2")
            self.copy(day)
        self.assertEqual(self.beside(), [b"\x89PNG 2"])

    def test_a_damaged_file_of_pictures_is_set_aside(self) -> None:
        self.picture("first", b"\x89PNG 1")
        pictures = self.copy(1).with_name(light.PICTURES)
        pictures.write_bytes(b"torn")
        self.picture("second", b"\x89PNG 2")
        self.copy(2)
        self.assertEqual(len(self.beside()), 2)
        self.assertEqual(pictures.with_name(f"damaged-{light.PICTURES}").read_bytes(), b"torn")
