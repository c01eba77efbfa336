"""The studio file: migrations, and what happens when it cannot be used."""

import shutil
import sqlite3
import tempfile
from pathlib import Path

from fernring.store import database, ledger, pieces
from fernring.store.database import Database, migrate, migrations, open_database, statements
from fernring.store.errors import StoreError
from tests.assertions import FernTestCase

FIXTURE = Path(__file__).parent / "studio_step_1.sql"


class StudioTestCase(FernTestCase):
    """A fresh studio file for each test."""

    def setUp(self) -> None:
        self.folder = Path(tempfile.mkdtemp())
        self.addCleanup(shutil.rmtree, self.folder)
        self.path = self.folder / "studio.sqlite"
        self.database = open_database(self.path)

    def made(self, name: str, script: str) -> Path:
        path = self.folder / name
        db = sqlite3.connect(path)
        db.executescript(script)
        db.close()
        return path


class MigrationTest(StudioTestCase):
    def test_a_new_file_is_brought_up_to_date_once(self) -> None:
        open_database(self.path)
        with self.database.reading() as db:
            steps = [row["step"] for row in db.execute("SELECT step FROM migration ORDER BY step")]
        self.assertEqual(steps, [step for step, _ in migrations()])
        self.assertEqual(steps, list(range(1, len(steps) + 1)))

    def test_the_file_is_kept_carefully(self) -> None:
        with self.database.reading() as db:
            self.assertEqual(db.execute("PRAGMA journal_mode").fetchone()[0], "wal")
            self.assertEqual(db.execute("PRAGMA synchronous").fetchone()[0], 2)
            self.assertEqual(db.execute("PRAGMA foreign_keys").fetchone()[0], 1)
            tables = db.execute("SELECT sql FROM sqlite_schema WHERE type = 'table'").fetchall()
        self.assertTrue(all(row["sql"].endswith("STRICT") for row in tables))

    def test_an_old_studio_opens_with_its_pieces(self) -> None:
        old = self.folder / "old.sqlite"
        with sqlite3.connect(old) as db:
            db.executescript(FIXTURE.read_text(encoding="utf-8"))
        opened = open_database(old)
        with opened.reading() as db:
            self.assertEqual([p.id for p in pieces.listed(db)], ["oldpiece"])
            self.assertIn(b"Old lantern", ledger.state(db, "oldpiece").body)

    def test_a_step_that_fails_leaves_nothing_behind(self) -> None:
        broken = self.folder / "broken.sqlite"
        broken.touch()
        connection = Database(broken)
        good = database.migrations
        database.migrations = lambda: [(1, "CREATE TABLE one (a TEXT) STRICT; CREATE TABLE one (a TEXT) STRICT;")]
        self.addCleanup(setattr, database, "migrations", good)
        with self.assertRaises(StoreError):
            migrate(connection)
        with connection.reading() as db:
            names = {row["name"] for row in db.execute("SELECT name FROM sqlite_schema")}
        self.assertEqual(names, {"migration"})

    def test_a_file_from_a_later_version_is_refused(self) -> None:
        with self.database.writing() as db:
            db.execute("INSERT INTO migration VALUES (99, 'later')")
        with self.assertRaisesRegex(StoreError, r"written by a later Fern Ring \(step 99\)"):
            open_database(self.path)

    def test_statements_are_told_apart(self) -> None:
        script = "-- a; comment\nCREATE TABLE a (\n b TEXT\n);\nCREATE INDEX i ON a (b);\n"
        self.assertEqual(len(list(statements(script))), 2)


class TroubleTest(StudioTestCase):
    def test_a_damaged_file_is_left_untouched(self) -> None:
        bad = self.folder / "bad.sqlite"
        bad.write_bytes(b"this is no database at all" * 500)
        before = bad.read_bytes()
        with self.assertRaisesRegex(StoreError, "damaged and was left untouched"):
            open_database(bad)
        self.assertEqual(bad.read_bytes(), before)

    def test_a_damaged_page_is_noticed_on_opening(self) -> None:
        with self.database.writing() as db:
            for k in range(300):
                db.execute("INSERT INTO setting VALUES (?, ?)", (f"key-{k}", "x" * 3000))
        with self.database.reading() as db:
            db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        data = bytearray(self.path.read_bytes())
        for page in range(4, 60):
            data[page * 4096 : page * 4096 + 200] = b"\xff" * 200
        self.path.write_bytes(bytes(data))
        with self.assertRaisesRegex(StoreError, "damaged"):
            open_database(self.path)

    def test_a_full_disk_says_so_and_loses_nothing(self) -> None:
        with self.database.writing() as db:
            db.execute("INSERT INTO setting VALUES ('before', 'kept')")
        with self.assertRaisesRegex(StoreError, "disk .* is full"), self.database.writing() as db:
            pages = db.execute("PRAGMA page_count").fetchone()[0]
            db.execute(f"PRAGMA max_page_count = {pages}")
            for k in range(200):
                db.execute("INSERT INTO setting VALUES (?, ?)", (f"k{k}", "x" * 4000))
        with self.database.reading() as db:
            self.assertEqual([tuple(row) for row in db.execute("SELECT * FROM setting")], [("before", "kept")])

    def test_a_read_only_file_says_so(self) -> None:
        def refuse(*_: object) -> sqlite3.Connection:
            return sqlite3.connect(f"file:{self.path}?mode=ro", uri=True, isolation_level=None)

        self.database._connect = refuse  # type: ignore[method-assign]
        with self.assertRaisesRegex(StoreError, "read-only"), self.database.writing() as db:
            db.execute("INSERT INTO setting VALUES ('a', 'b')")

    def test_a_folder_that_cannot_be_made(self) -> None:
        with self.assertRaisesRegex(StoreError, "cannot be made"):
            open_database(self.path / "folder" / "studio.sqlite")

    def test_a_locked_file_says_so(self) -> None:
        holder = sqlite3.connect(self.path, isolation_level=None)
        self.addCleanup(holder.close)
        holder.execute("BEGIN IMMEDIATE")
        impatient = Database(self.path)
        impatient._connect = lambda: sqlite3.connect(self.path, isolation_level=None, timeout=0)  # type: ignore[method-assign]
        with self.assertRaisesRegex(StoreError, "in use by another program"), impatient.writing():
            self.fail("a second writer got in")
