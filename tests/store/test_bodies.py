"""Bodies as differences: the same bytes come back, and damage is noticed."""

import json
import random

from hypothesis import given, settings
from hypothesis import strategies as st

from fernring.store import bodies, ledger
from fernring.store.difference import difference, restored
from fernring.store.errors import DamagedError
from tests.assertions import FernTestCase
from tests.store.test_ledger import begin, memory, save

TEXTS = st.binary(max_size=300)


def document(value: int, version: int = 2, rows: int = 60) -> bytes:
    chance = random.Random(1)
    sizes = [{"row": k, "size": chance.random()} for k in range(rows)]
    return json.dumps({"version": version, "rows": sizes, "gap": value, "notes": "as before"}).encode()


class DifferenceTest(FernTestCase):
    @settings(max_examples=200, deadline=None)
    @given(TEXTS, TEXTS, TEXTS, TEXTS)
    def test_comes_back_as_it_was(self, head: bytes, one: bytes, other: bytes, tail: bytes) -> None:
        body, base = head + one + tail, head + other + tail
        self.assertEqual(restored(difference(body, base), base), body)

    def test_one_place_changed_takes_a_few_bytes_however_large_the_text(self) -> None:
        for rows in (10, 100, 5000):
            self.assertLess(len(difference(document(3, rows=rows), document(21, rows=rows))), 30)

    def test_a_place_far_from_the_head_finds_what_it_moves(self) -> None:
        chance = random.Random(3)
        rows = [json.dumps({"row": k, "size": chance.random()}).encode() for k in range(3000)]
        moved = [*rows[:2000], *rows[2050:2100], *rows[2000:2050], *rows[2100:]]
        self.assertLess(len(difference(b"".join(moved), b"".join(rows))), 200)

    def test_cut_off_or_of_another_base(self) -> None:
        kept = difference(b"abcdef", b"abxdef")
        for spoilt, base, words in (
            (kept[:7], b"abxdef", "cut off"),
            (kept, b"abx", "another base"),
            (kept[:10] + b"\xff\xff" + kept[12:], b"abxdef", "damaged"),
        ):
            with self.subTest(words), self.assertRaisesRegex(ValueError, words):
                restored(spoilt, base)


class BodiesTest(FernTestCase):
    def setUp(self) -> None:
        self.db = memory()
        self.addCleanup(self.db.close)
        self.state = begin(self.db)

    def save(self, body: bytes) -> str:
        self.state = save(self.db, self.state, body)
        return self.state.head

    def lines(self) -> list[tuple[str, str | None, int]]:
        """(id, base, bytes) of every edit after the first."""
        query = "SELECT id, base, length(body) FROM edit WHERE parent IS NOT NULL ORDER BY rowid"
        return [(row[0], row[1], row[2]) for row in self.db.execute(query)]

    def test_edits_rest_on_one_whole_body(self) -> None:
        saved = [self.save(document(value)) for value in range(10)]
        self.assertEqual([base for _, base, _ in self.lines()], [None, *[saved[0]] * 9])
        self.assertLess(max(size for _, _, size in self.lines()[1:]), 30)
        for value, edit in enumerate(saved):
            self.assertEqual(bodies.read(self.db, edit), document(value))

    def test_another_version_begins_anew(self) -> None:
        old, new, later = self.save(document(1)), self.save(document(1, version=3)), self.save(document(2, version=3))
        self.assertEqual([(edit, base) for edit, base, _ in self.lines()], [(old, None), (new, None), (later, new)])

    def test_another_text_is_kept_whole(self) -> None:
        self.save(document(1))
        self.save(json.dumps([random.Random(5).random() for _ in range(200)]).encode())
        self.assertEqual([base for _, base, _ in self.lines()], [None, None])

    def test_so_many_rest_on_one_and_then_the_next(self) -> None:
        for value in range(2 * bodies.MOST_ON_ONE + 3):
            self.save(document(value))
        bases = [base for _, base, _ in self.lines()]
        whole = [k for k, base in enumerate(bases) if base is None]
        self.assertEqual(whole, [0, bodies.MOST_ON_ONE + 1, 2 * bodies.MOST_ON_ONE + 2])

    def test_damage_is_noticed_and_not_built_upon(self) -> None:
        base, resting = self.save(document(1)), self.save(document(2))
        self.db.execute("UPDATE edit SET body = (SELECT body FROM edit WHERE parent IS NULL) WHERE id = ?", (base,))
        for edit in (base, resting):
            with self.assertRaisesRegex(DamagedError, "damaged in the studio file"):
                bodies.read(self.db, edit)
        edit = ledger.Edit("e" * 32, resting, "Change", "", document(3))
        self.assertEqual(ledger.append(self.db, "p", self.state.branch, edit).body, document(3))
        self.assertIsNone(self.lines()[-1][1])

    def test_a_difference_that_was_changed_is_noticed_by_its_hash(self) -> None:
        self.save(document(1))
        one, other = self.save(document(2)), self.save(document(3))
        self.db.execute("UPDATE edit SET body = (SELECT body FROM edit WHERE id = ?) WHERE id = ?", (other, one))
        with self.assertRaises(DamagedError):
            bodies.read(self.db, one)

    def test_bodies_from_before_hashes_are_read(self) -> None:
        first = self.save(document(1))
        self.db.execute("UPDATE edit SET hash = NULL")
        self.assertEqual(bodies.read(self.db, first), document(1))
        self.assertEqual(bodies.read(self.db, self.save(document(2))), document(2))
