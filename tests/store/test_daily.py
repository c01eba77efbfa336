"""A copy a day, where something changed; the last seven stay."""

from fernring.store import daily, ledger, pieces
from fernring.store.database import Database
from tests.store.test_database import StudioTestCase


class DailyTest(StudioTestCase):
    def add(self, name: str) -> None:
        with self.database.writing() as db:
            ledger.create(db, "piece", name.lower(), name, b"0", "Begin")

    def kept(self) -> list[str]:
        return sorted(one.stem for one in (self.folder / "studio-copies").iterdir())

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
