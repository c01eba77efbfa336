"""Edits, undo, branches, revisions: nothing is ever lost."""

import sqlite3
import zlib

from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.store import ledger, pieces, revisions
from fernring.store import settings as studio_settings
from fernring.store.database import migrations, statements
from fernring.store.errors import NotFoundError, TakenError
from fernring.store.ledger import Edit, State
from tests.store.test_database import StudioTestCase


def memory() -> sqlite3.Connection:
    """A studio in memory, for tests that run a hundred times."""
    db = sqlite3.connect(":memory:", isolation_level=None)
    db.row_factory = sqlite3.Row
    for _, sql in migrations():
        for statement in statements(sql):
            db.execute(statement)
    return db


def begin(db: sqlite3.Connection) -> State:
    return ledger.create(db, "piece", "p", "Sample", b"0", "Begin")


def save(db: sqlite3.Connection, on: State, body: bytes, ident: str = "", label: str = "Change") -> State:
    edit = Edit(ident or ledger.new_id(), on.head, label, "", body)
    return ledger.append(db, "p", on.branch, edit)


class LedgerTest(StudioTestCase):
    def setUp(self) -> None:
        self.db = memory()
        self.addCleanup(self.db.close)
        self.first = begin(self.db)

    def test_the_first_state_cannot_be_undone(self) -> None:
        self.assertEqual((self.first.undo, self.first.redo, self.first.body), (None, None, b"0"))
        again = ledger.step(self.db, "p", self.first.branch, self.first.head, back=True)
        self.assertEqual(again, self.first)

    def test_undo_and_redo_walk_the_ledger(self) -> None:
        one = save(self.db, self.first, b"1", label="One")
        two = save(self.db, one, b"2", label="Two")
        self.assertEqual((two.undo, two.redo), ("Two", None))
        back = ledger.step(self.db, "p", two.branch, two.head, back=True)
        self.assertEqual((back.body, back.undo, back.redo), (b"1", "One", "Two"))
        again = ledger.step(self.db, "p", back.branch, back.head, back=False)
        self.assertEqual((again.body, again.redo), (b"2", None))

    def test_an_edit_after_undo_ends_redo_but_stays_in_the_ledger(self) -> None:
        one = save(self.db, self.first, b"1")
        back = ledger.step(self.db, "p", one.branch, one.head, back=True)
        other = save(self.db, back, b"other")
        self.assertEqual((other.body, other.redo), (b"other", None))
        self.assertEqual(ledger.body_of(self.db, "p", one.head), b"1")

    def test_sending_an_edit_twice_changes_nothing(self) -> None:
        token = ledger.new_id()
        one = save(self.db, self.first, b"1", token)
        self.assertEqual(save(self.db, self.first, b"1", token), one)
        self.assertEqual(self.db.execute("SELECT count(*) FROM edit").fetchone()[0], 2)

    def test_a_stale_save_becomes_a_branch(self) -> None:
        here = save(self.db, self.first, b"here")
        there = save(self.db, self.first, b"there")
        self.assertNotEqual(there.branch, here.branch)
        self.assertEqual(ledger.state(self.db, "p").body, b"here")
        self.assertEqual(set(there.branches), {here.branch, there.branch})
        further = save(self.db, there, b"further")
        self.assertEqual(further.branch, there.branch)

    def test_a_stale_edit_sent_twice_makes_one_branch(self) -> None:
        save(self.db, self.first, b"here")
        token = ledger.new_id()
        there = save(self.db, self.first, b"there", token)
        self.assertEqual(save(self.db, self.first, b"there", token).branch, there.branch)
        self.assertEqual(len(there.branches), 2)

    def test_choosing_closes_the_other(self) -> None:
        here = save(self.db, self.first, b"here")
        there = save(self.db, self.first, b"there")
        chosen = ledger.choose(self.db, "p", there.branch)
        self.assertEqual((chosen.body, chosen.main, chosen.branches), (b"there", there.branch, (there.branch,)))
        with self.assertRaisesRegex(NotFoundError, "closed in another window"):
            ledger.state(self.db, "p", here.branch)

    def test_a_save_on_a_closed_branch_is_kept_on_one_of_its_own(self) -> None:
        here = save(self.db, self.first, b"here")
        there = save(self.db, self.first, b"there")
        ledger.choose(self.db, "p", there.branch)
        late = save(self.db, here, b"late")
        self.assertEqual(late.body, b"late")
        self.assertNotIn(late.branch, (here.branch, there.branch))

    def test_late_saves_in_a_row_stay_on_one_branch(self) -> None:
        here = save(self.db, self.first, b"here")
        there = save(self.db, self.first, b"there")
        ledger.choose(self.db, "p", there.branch)
        late = save(self.db, here, b"late")
        later = ledger.append(self.db, "p", here.branch, Edit("e" * 32, late.head, "Change", "", b"later"))
        self.assertEqual((later.branch, later.head), (late.branch, "e" * 32))
        self.assertEqual(set(later.branches), {there.branch, late.branch})

    def test_an_edit_sent_again_after_its_branch_was_closed(self) -> None:
        here = save(self.db, self.first, b"here", "a" * 32)
        there = save(self.db, self.first, b"there")
        ledger.choose(self.db, "p", there.branch)
        again = save(self.db, self.first, b"here", "a" * 32)
        self.assertEqual((again.branch, again.body), (there.branch, b"there"))
        self.assertEqual(ledger.body_of(self.db, "p", here.head), b"here")

    def test_the_same_edit_in_another_document_is_refused_for_good(self) -> None:
        save(self.db, self.first, b"1", "a" * 32)
        other = ledger.create(self.db, "piece", "q", "Other", b"q", "Begin")
        with self.assertRaisesRegex(TakenError, "Another document"):
            ledger.append(self.db, "q", other.branch, Edit("a" * 32, other.head, "Change", "", b"1"))
        self.assertEqual(ledger.state(self.db, "q"), other)

    def test_keeping_both_makes_a_piece(self) -> None:
        save(self.db, self.first, b"here")
        there = save(self.db, self.first, b"there")
        made = pieces.separate(self.db, there, "Other")
        self.assertEqual(made.body, b"there")
        self.assertEqual(len(ledger.state(self.db, "p").branches), 1)
        self.assertEqual(len(pieces.listed(self.db)), 2)

    def test_states_and_documents_that_are_not_there(self) -> None:
        with self.assertRaisesRegex(NotFoundError, "no document “q”"):
            ledger.state(self.db, "q")
        with self.assertRaisesRegex(NotFoundError, "not in the ledger"):
            save(self.db, State(**{**vars(self.first), "head": "f" * 32}), b"lost")

    def test_what_was_undone_before_the_stack_was_kept_is_redone(self) -> None:
        """The step that makes the stack fills it from how each branch stands."""
        db = sqlite3.connect(":memory:", isolation_level=None)
        db.row_factory = sqlite3.Row
        self.addCleanup(db.close)
        steps = migrations()
        for _, sql in steps[:2]:
            for statement in statements(sql):
                db.execute(statement)
        db.execute("INSERT INTO document VALUES ('p', 'piece', 'Sample', 'b', 'now', NULL)")
        for k in range(5):
            parent = f"e{k - 1}" if k else None
            body = zlib.compress(str(k).encode())
            db.execute(
                "INSERT INTO edit VALUES (?, 'p', 'b', ?, ?, '', ?, 'now')", (f"e{k}", parent, f"Edit {k}", body)
            )
        db.execute("INSERT INTO branch VALUES ('b', 'p', 'e1', 'e4', 'now', NULL), ('c', 'p', 'e2', 'e2', 'now', NULL)")
        for statement in (one for _, sql in steps[2:] for one in statements(sql)):
            db.execute(statement)
        found = ledger.state(db, "p")
        for k in (2, 3, 4):
            self.assertEqual(found.redo, f"Edit {k}")
            found = ledger.step(db, "p", "b", found.head, back=False)
            self.assertEqual(found.body, str(k).encode())
        self.assertIsNone(found.redo)
        self.assertIsNone(ledger.state(db, "p", "c").redo)

    @settings(max_examples=60, deadline=None)
    @given(st.lists(st.sampled_from(("edit", "undo", "redo")), max_size=40))
    def test_like_a_list_with_a_pointer(self, acts: list[str]) -> None:
        db = memory()
        state = begin(db)
        line, at = [b"0"], 0
        for k, act in enumerate(acts, 1):
            if act == "edit":
                line, at = [*line[: at + 1], str(k).encode()], at + 1
                state = save(db, state, line[at])
            else:
                at = max(at - 1, 0) if act == "undo" else min(at + 1, len(line) - 1)
                state = ledger.step(db, "p", state.branch, state.head, back=act == "undo")
            self.assertEqual(state.body, line[at])
            self.assertEqual((state.undo is None, state.redo is None), (at == 0, at == len(line) - 1))
        db.close()


class RevisionsTest(StudioTestCase):
    def test_cut_listed_and_read(self) -> None:
        with self.database.writing() as db:
            first = begin(db)
            revisions.cut(db, "p", first.head, "asked")
            second = save(db, first, b"1", label="Slide row 3")
            cut = revisions.cut(db, "p", second.head, "printed")
            self.assertEqual((cut.reason, cut.label), ("printed", "Slide row 3"))
            again = revisions.cut(db, "p", second.head, "left")
            self.assertEqual(again.id, cut.id)
            found = revisions.listed(db, "p")
            self.assertEqual([r.reason for r in found], ["printed", "asked"])
            self.assertEqual([revisions.body(db, "p", r.id) for r in found], [b"1", b"0"])

    def test_of_what_is_not_there(self) -> None:
        with self.database.writing() as db:
            begin(db)
            with self.assertRaisesRegex(NotFoundError, "no revision 7"):
                revisions.body(db, "p", 7)
            with self.assertRaisesRegex(NotFoundError, "not in the ledger"):
                revisions.cut(db, "p", "f" * 32, "asked")


class BenchTest(StudioTestCase):
    def test_newest_first_deleted_and_brought_back(self) -> None:
        with self.database.writing() as db:
            for ident in ("a", "b"):
                ledger.create(db, "piece", ident, ident, ident.encode(), "Begin")
            ledger.create(db, "kit", "kit", "kit", b"k", "Begin")
            self.assertEqual([p.id for p in pieces.listed(db)], ["b", "a"])
            pieces.delete(db, "b")
            self.assertEqual([p.id for p in pieces.listed(db)], ["a"])
            with self.assertRaises(NotFoundError):
                pieces.delete(db, "b")
            pieces.restore(db, "b")
            self.assertEqual([(p.id, p.summary) for p in pieces.listed(db)], [("b", None), ("a", None)])

    def test_the_kit_cannot_be_deleted(self) -> None:
        with self.database.writing() as db:
            ledger.create(db, "kit", "kit", "kit", b"k", "Begin")
            with self.assertRaises(NotFoundError):
                pieces.delete(db, "kit")

    def test_settings(self) -> None:
        with self.database.writing() as db:
            studio_settings.write(db, "units", "cm")
            studio_settings.write(db, "units", "inch")
            self.assertEqual(studio_settings.read(db), {"units": "inch"})

    def test_a_writing_that_fails_half_way_leaves_nothing(self) -> None:
        with self.assertRaises(ZeroDivisionError), self.database.writing() as db:
            begin(db)
            raise ZeroDivisionError
        with self.database.reading() as db:
            self.assertEqual(pieces.listed(db), [])
