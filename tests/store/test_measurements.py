"""Measurements in the studio file."""

import tempfile
from pathlib import Path

from fernring.store import measurements
from fernring.store.database import open_database
from fernring.store.errors import NotFoundError, TakenError
from tests.assertions import FernTestCase

ONE, TWO = "1" * 32, "2" * 32


class MeasurementsTest(FernTestCase):
    def test_kept_once_in_order_taken_back_and_brought_again(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = open_database(Path(folder) / "studio.sqlite")
            with database.writing() as db:
                self.assertEqual([measurements.add(db, ONE, "a"), measurements.add(db, ONE, "a")], [True, False])
                measurements.add(db, TWO, "b")
                with self.assertRaisesRegex(TakenError, "under this id"):
                    measurements.add(db, ONE, "other")
            with database.writing() as db:
                measurements.take_back(db, ONE, True)
                self.assertEqual(measurements.read(db), ["b"])
                measurements.take_back(db, ONE, False)
                with self.assertRaises(NotFoundError):
                    measurements.take_back(db, "3" * 32, True)
            with database.reading() as db:
                self.assertEqual(measurements.read(db), ["a", "b"])
