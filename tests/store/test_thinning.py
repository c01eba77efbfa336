"""Old edits go; what anybody may come back to stays."""

from datetime import UTC, datetime, timedelta
from unittest.mock import patch

from fernring.store import blobs, bodies, ledger, pieces, revisions, thinning
from fernring.store.clock import moment
from fernring.store.ledger import State
from tests.store.test_bodies import document
from tests.store.test_database import StudioTestCase
from tests.store.test_ledger import begin, save

NOW = datetime(2026, 11, 1, tzinfo=UTC)


class ThinningTest(StudioTestCase):
    """Of 90 old edits the last 20 stay (the number is made smaller than it is)."""

    def setUp(self) -> None:
        super().setUp()
        self.enterContext(patch.object(thinning, "LAST", 20))
        self.states: list[State] = []
        with self.database.writing() as db:
            state = begin(db)
            for k in range(90):
                state = save(db, state, document(k), label=f"Edit {k}")
                self.states.append(state)
        self.made(days=200)

    def made(self, days: float, where: str = "1") -> None:
        with self.database.writing() as db:
            at = moment(NOW - timedelta(days=days))
            db.execute(f"UPDATE edit SET made_at = ? WHERE {where}", (at,))

    def left(self) -> set[int]:
        """Which of the 90 are still there, each readable."""
        with self.database.reading() as db:
            there = {row["id"] for row in db.execute("SELECT id FROM edit")}
            found = {k for k, state in enumerate(self.states) if state.head in there}
            for k in found:
                self.assertEqual(ledger.body_of(db, "p", self.states[k].head), document(k))
        return found

    def test_the_last_the_first_and_what_they_rest_on_stay(self) -> None:
        self.assertEqual(thinning.thin(self.database, NOW), 69)
        self.assertEqual(self.left(), {*range(70, 90), bodies.MOST_ON_ONE + 1})
        with self.database.reading() as db:
            self.assertEqual(db.execute("SELECT count(*) FROM edit WHERE parent IS NULL").fetchone()[0], 1)
        self.assertEqual(thinning.thin(self.database, NOW), 0)

    def test_undo_goes_on_over_what_went(self) -> None:
        thinning.thin(self.database, NOW)
        with self.database.writing() as db:
            state, seen = self.states[-1], []
            while state.undo:
                seen.append(state.undo)
                state = ledger.step(db, "p", state.branch, state.head, back=True)
            self.assertEqual(seen, [f"Edit {k}" for k in (*range(89, 69, -1), bodies.MOST_ON_ONE + 1)])
            self.assertEqual(state.body, b"0")
            for _ in seen:
                state = ledger.step(db, "p", state.branch, state.head, back=False)
        self.assertEqual(state.body, document(89))

    def test_younger_than_half_a_year_stays(self) -> None:
        self.made(179.9, "label = 'Edit 5'")
        self.made(180.1, "label = 'Edit 6'")
        thinning.thin(self.database, NOW)
        self.assertEqual(self.left() & {5, 6}, {5})

    def test_revisions_and_what_redo_brings_stay(self) -> None:
        with self.database.writing() as db:
            revisions.cut(db, "p", self.states[3].head, "asked")
            state = self.states[-1]
            for _ in range(75):
                state = ledger.step(db, "p", state.branch, state.head, back=True)
        thinning.thin(self.database, NOW)
        kept = self.left()
        self.assertEqual({3} | set(range(14, 90)), kept - {0})
        with self.database.writing() as db:
            self.assertEqual(revisions.body(db, "p", 1), document(3))
            self.assertEqual(ledger.step(db, "p", state.branch, state.head, back=False).body, document(15))

    def test_a_branch_that_waits_for_a_choice_stays_and_a_closed_one_goes(self) -> None:
        with self.database.writing() as db:
            side = save(db, self.states[2], document(500))
            for k in range(501, 505):
                side = save(db, side, document(k))
            main = self.states[-1]
            for k in range(25):
                main = save(db, main, document(600 + k))
        self.made(days=200)
        thinning.thin(self.database, NOW)
        with self.database.writing() as db:
            query = "SELECT count(*) FROM edit WHERE branch = ?"
            self.assertEqual(db.execute(query, (side.branch,)).fetchone()[0], 5)
            ledger.choose(db, "p", main.branch)
        thinning.thin(self.database, NOW)
        with self.database.reading() as db:
            self.assertEqual(db.execute(query, (side.branch,)).fetchone()[0], 2, "its tip, and what that rests on")

    def test_deleted_lately_stays_as_it_is(self) -> None:
        with self.database.writing() as db:
            pieces.delete(db, "p")
            db.execute("UPDATE document SET deleted_at = ?", (moment(NOW - timedelta(days=170)),))
        self.assertEqual(thinning.thin(self.database, NOW), 0)
        with self.database.writing() as db:
            db.execute("UPDATE document SET deleted_at = ?", (moment(NOW - timedelta(days=190)),))
        self.assertEqual(thinning.thin(self.database, NOW), 69)

    def test_pictures_go_with_the_last_edit_that_names_them(self) -> None:
        with self.database.writing() as db:
            old, late = blobs.put(db, b"old", "image/png"), blobs.put(db, b"late", "image/png")
            blobs.note_uses(db, self.states[8].head, f'"blob:{old}"'.encode())
            blobs.note_uses(db, self.states[80].head, f'"blob:{late}"'.encode())
            db.execute("UPDATE blob SET made_at = ?", (moment(NOW - timedelta(days=200)),))
            blobs.put(db, b"new", "image/png")
        thinning.thin(self.database, NOW)
        with self.database.reading() as db:
            self.assertEqual(sorted(body for _, _, body in blobs.every(db)), [b"late", b"new"])
