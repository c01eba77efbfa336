"""Sentences for values out of bounds: in plain words, and never made of what was sent."""

import re
from typing import Any

from hypothesis import given
from hypothesis import strategies as st

from fernring.core.document.reading import read_document
from fernring.core.document.sentences import LONGEST, shown
from fernring.core.errors import DocumentError
from tests import samples
from tests.assertions import FernTestCase

PYTHON = re.compile(r"None|True|False|dict|tuple|NoneType|Input should|valid |instance|\\x|<class")
json = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats(allow_nan=False) | st.text(),
    lambda inner: st.lists(inner, max_size=4) | st.dictionaries(st.text(), inner, max_size=4),
    max_leaves=12,
)


class SentenceTest(FernTestCase):
    def said(self, *path: str | int, value: Any) -> str:
        """What is said of the sample piece with one value put elsewhere."""
        document = samples.five_rows().model_dump(mode="json")
        place: Any = document
        for step in path[:-1]:
            place = place[step]
        place[path[-1]] = value
        with self.assertRaises(DocumentError) as refused:
            read_document(document)
        return refused.exception.message

    def test_what_was_sent_is_never_a_rule(self) -> None:
        for kind in ("{tag:>300000000}", "{", "{tag.__class__}", "{0}", "%s" * 50):
            said = self.said("rows", 1, "track", "kind", value=kind)
            self.assertIn("must be one of 'centre', 'ring'", said)
            self.assertLess(len(said), 300)
            self.assertIn(kind[:10], said)

    def test_each_sort_of_value_in_plain_words(self) -> None:
        for value, words in (
            (None, "given: nothing"), (True, "given: true"), ([1, 2], "given: a list of 2"),
            ({"a": 1}, "given: named fields"), ("12", "given: “12”"), (-4, "at least 0 .given: -4"),
        ):  # fmt: skip
            self.assertRegex(self.said("rows", 1, "gap", value=value), words)
        self.assertIn("must be a list", self.said("rows", value=5))
        self.assertIn("must have named fields", self.said("rows", 1, value=None))
        self.assertIn("must say of which kind it is", self.said("rows", 1, "track", value={}))

    @given(
        st.sampled_from([("name",), ("rows", 1), ("rows", 1, "track"), ("rows", 2, "pattern"), ("blank", "outline"),
                         ("rows", 1, "shades", 0), ("rows", 1, "count"), ("guides",), ("turn",), ("tools", 0, "dots")]),
        json,
    )  # fmt: skip
    def test_no_word_of_python_is_said(self, path: tuple[str | int, ...], value: Any) -> None:
        try:
            said = self.said(*path, value=value)
        except AssertionError:
            return  # a value that may stand there
        ours = said.replace(shown(value), "")
        self.assertIsNone(PYTHON.search(re.sub("“.*”", "", ours)), said)
        self.assertLess(len(said), 700)

    def test_long_and_unseen_text_is_cut_and_marked(self) -> None:
        self.assertEqual(shown("a" * 500), f"“{'a' * LONGEST}…”")
        self.assertEqual(shown("a\x00\x1b[31m"), "“a¤¤[31m”")

    def test_characters_that_are_none(self) -> None:
        for char in ("\x00", "\x1b", "\x85", "\ufffe", "\ufdd0", "\U0010ffff"):
            self.assertIn("may not hold control characters", self.said("name", value=f"a{char}b"))
        document = samples.five_rows().model_dump(mode="json")
        read_document({**document, "name": "Sáng 晩 ☾", "notes": "one\n\ttwo"})

    def test_earlier_documents_with_such_characters_still_open(self) -> None:
        document = samples.five_rows().model_dump(mode="json")
        rows = [{**row, "pattern": [{"diameter": m["diameter"]} for m in row["pattern"]]} for row in document["rows"]]
        old = {**document, "version": 1, "rows": rows, "name": "a\x00b", "notes": "x\x1by"}
        found = read_document(old)
        self.assertEqual((found.name, found.notes), ("a¤b", "x¤y"))

    def test_a_list_of_faults_is_read_up_to_the_first(self) -> None:
        """Ten thousand faults are told like one, wherever the list stands."""
        one = samples.five_rows().model_dump(mode="json")["rows"][1]
        many: list[tuple[tuple[str | int, ...], Any]] = [
            (("rows",), [[]] * 10_000), (("accepted",), [[]] * 10_000), (("tools", 0, "dots"), ["a"] * 10_000),
            (("rows",), [{**one, "shades": [{}] * 10_000}]), (("rows",), [{**one, "trims": [{}] * 10_000}]),
            (("bare",), [{"id": "m", "area": {"kind": "shape", "lines": [{"x": ["a"] * 10_000, "y": []}]}}]),
        ]  # fmt: skip
        for path, value in many:
            more = re.search(r"(\d+) more value", self.said(*path, value=value))
            self.assertLess(int(more[1]) if more else 0, 10, path)
