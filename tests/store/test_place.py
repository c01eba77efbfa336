"""Where a studio may be kept."""

from pathlib import Path
from unittest.mock import patch

from fernring.store.database import open_database
from fernring.store.errors import StoreError
from fernring.store.place import APPLICATION
from tests.store.test_database import FIXTURE, StudioTestCase


class PlaceTest(StudioTestCase):
    def test_a_studio_says_whose_it_is(self) -> None:
        with self.database.reading() as db:
            self.assertEqual(db.execute("PRAGMA application_id").fetchone()[0], APPLICATION)
            self.assertEqual(APPLICATION.to_bytes(4, "big"), b"Fern")

    def test_an_old_studio_is_marked_on_opening(self) -> None:
        old = self.made("old.sqlite", FIXTURE.read_text(encoding="utf-8"))
        with open_database(old).reading() as db:
            self.assertEqual(db.execute("PRAGMA application_id").fetchone()[0], APPLICATION)

    def test_an_empty_file_becomes_a_studio(self) -> None:
        self.made("empty.sqlite", "CREATE TABLE gone (a); DROP TABLE gone;")
        open_database(self.folder / "empty.sqlite")

    def test_another_programs_file_is_left_untouched(self) -> None:
        for name, script in (
            ("tables.sqlite", "CREATE TABLE letters (text)"),
            ("marked.sqlite", "PRAGMA application_id = 7"),
            ("both.sqlite", "CREATE TABLE migration (step); PRAGMA application_id = 7"),
        ):
            path = self.made(name, script)
            before = path.read_bytes()
            with self.subTest(name), self.assertRaisesRegex(StoreError, "belongs to another program"):
                open_database(path)
            self.assertEqual(path.read_bytes(), before)
            self.assertEqual([one.name for one in self.folder.glob(f"{name}*")], [name])

    def test_a_place_that_may_not_be_looked_at(self) -> None:
        with (
            patch.object(Path, "is_dir", side_effect=PermissionError(13, "Permission denied")),
            self.assertRaisesRegex(StoreError, "cannot be reached: Permission denied"),
        ):
            open_database(self.folder / "locked.sqlite")
        with (
            patch.object(Path, "touch", side_effect=PermissionError(13, "Permission denied")),
            self.assertRaisesRegex(StoreError, "cannot be made or written: Permission denied"),
        ):
            open_database(self.folder / "locked.sqlite")

    def test_a_folder_and_a_name_that_is_too_long(self) -> None:
        with self.assertRaisesRegex(StoreError, "is a folder"):
            open_database(self.folder)
        open_database(self.folder / ("é" * 123))
        with self.assertRaisesRegex(StoreError, "too long: 248 bytes; at most 247"):
            open_database(self.folder / ("é" * 124))
