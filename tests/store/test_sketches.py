"""What the list of pieces shows, kept by edit."""

from fernring.store import ledger, pieces, sketches
from fernring.store.errors import NotFoundError
from tests.store.test_database import StudioTestCase


class SketchTest(StudioTestCase):
    def setUp(self) -> None:
        super().setUp()
        with self.database.writing() as db:
            self.head = ledger.create(db, "piece", "a-piece", "A piece", b'{"name": "A piece"}', "Begin").head

    def test_none_is_there_before_one_was_made(self) -> None:
        with self.database.reading() as db:
            self.assertIsNone(sketches.picture(db, self.head, 2))
            self.assertIsNone(pieces.listed(db)[0].summary)

    def test_a_summary_and_then_a_picture(self) -> None:
        with self.database.writing() as db:
            sketches.put_summary(db, self.head, b'{"dots": 1}')
            self.assertIsNone(sketches.picture(db, self.head, 2))
            sketches.put_picture(db, self.head, b"[1, 2]", 2)
            sketches.put_summary(db, self.head, b'{"dots": 2}')
        with self.database.reading() as db:
            self.assertEqual(sketches.picture(db, self.head, 2), b"[1, 2]")
            self.assertIsNone(sketches.picture(db, self.head, 3))
            self.assertEqual(pieces.listed(db)[0].summary, '{"dots": 2}')

    def test_the_piece_after_an_edit_but_not_a_kit(self) -> None:
        with self.database.writing() as db:
            kit = ledger.create(db, "kit", "a-kit", "Kit", b"{}", "Begin").head
            self.assertEqual(sketches.body_of_piece(db, self.head), b'{"name": "A piece"}')
            for edit in (kit, "0" * 32):
                with self.assertRaisesRegex(NotFoundError, "no such state of a piece"):
                    sketches.body_of_piece(db, edit)
