"""Pictures inside the studio file."""

from unittest import mock

from fernring.store import blobs, ledger
from fernring.store.errors import NotFoundError, StoreError
from tests.store.test_database import StudioTestCase

PICTURE = bytes(range(256)) * 40


class BlobTest(StudioTestCase):
    def test_the_same_bytes_are_kept_once_and_come_back_as_they_were(self) -> None:
        with self.database.writing() as db:
            one, other = blobs.put(db, PICTURE, "image/png"), blobs.put(db, PICTURE, "image/png")
        self.assertEqual(one, other)
        with self.database.reading() as db:
            found = blobs.get(db, one)
            held = db.execute("SELECT count(*) AS n FROM blob").fetchone()["n"]
        self.assertEqual((found.body, found.media, held), (PICTURE, "image/png", 1))

    def test_too_large_empty_and_too_many(self) -> None:
        with self.database.writing() as db:
            with self.assertRaisesRegex(StoreError, "at most 12,000,000 bytes; this one has 12,000,001"):
                blobs.put(db, bytes(12_000_001), "image/png")
            with self.assertRaisesRegex(StoreError, "this one has 0"):
                blobs.put(db, b"", "image/png")
            blobs.put(db, PICTURE, "image/png")
            with (
                mock.patch.object(blobs, "MOST_IN_ALL", 2 * len(PICTURE)),
                self.assertRaisesRegex(StoreError, "with this one it would be 20,481"),
            ):
                blobs.put(db, PICTURE + b"x", "image/png")

    def test_one_that_is_not_there(self) -> None:
        with self.database.reading() as db, self.assertRaisesRegex(NotFoundError, "no such picture"):
            blobs.get(db, "0" * 64)

    def test_only_what_no_edit_names_is_swept_and_only_when_it_is_old(self) -> None:
        with self.database.writing() as db:
            named, loose = blobs.put(db, PICTURE, "image/png"), blobs.put(db, PICTURE[1:], "image/png")
            body = f'{{"picture": "blob:{named}"}}'.encode()
            state = ledger.create(db, "piece", "a-piece", "A piece", body, "Begin")
            edit = ledger.Edit("f" * 32, state.head, "Change", "A piece", b"{}")
            later = ledger.append(db, "a-piece", state.branch, edit)
            self.assertNotEqual(later.head, state.head)
            self.assertEqual(blobs.sweep(db, "2000-01-01T00:00:00"), 0)
            self.assertEqual(blobs.sweep(db, "9999-01-01T00:00:00"), 1)
            self.assertEqual(blobs.get(db, named).body, PICTURE)
            with self.assertRaises(NotFoundError):
                blobs.get(db, loose)
