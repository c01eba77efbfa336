"""Documents with something hostile in one place: every answer is a plan or a sentence of our own words."""

import random
import re
from collections.abc import Iterator
from typing import Any

import pypdfium2
from defusedxml.ElementTree import fromstring

from fernring.core.advice.verdict import Severity
from tests import patterns, worst
from tests.web.client import WebTestCase

SEED, EACH = 11, 9
TEXTS = (
    "{tag:>300000000}", "{", "{0.__class__}", "%s%n", "=1+1", "<script>alert(1)</script>", "\u0000", "\x1b[31m",
    "\uffff", "\u202e", "\U0001fae9", "a" * 5000, "", " ", "../../etc/passwd", "NaN", "None", "١٢",
    "'; DROP TABLE edit; --",
)  # fmt: skip
VALUES: tuple[Any, ...] = (
    *TEXTS, None, True, -1, 0, 10**30, -0.0, 1e308, -1e308, 5e-324, 0.1 + 0.2, [], [[]], {}, {"kind": "{kind}"},
    [None] * 70, {"__proto__": {}}, [{}] * 300,
)  # fmt: skip
NAMES = ("Łuna \u202e “one/two” 🌙", "=HYPERLINK(1)", "</svg><script>", "{0.__class__}", "\U000e0001 tag", "ירח ١٢")
PYTHON = re.compile(
    r"(?<!“)(None|True|False)|dict|tuple|NoneType|object at 0x|Input should|valid (number|string|list|int)"
)
OUTPUTS = ("files/svg", "files/png", "files/csv", "files/json", "print/pdf", "print/svg", "print/booklet")
SEVERITIES: set[Severity] = {"serious", "warning", "note"}


def places(value: Any, path: tuple[Any, ...] = ()) -> Iterator[tuple[Any, ...]]:
    """Every place in a document."""
    if path:
        yield path
    inner = value.items() if isinstance(value, dict) else enumerate(value) if isinstance(value, list) else ()
    for key, one in inner:
        yield from places(one, (*path, key))


def spoilt(value: Any, path: tuple[Any, ...], with_: Any) -> Any:
    """The document with this in that place."""
    if not path:
        return with_
    copy = value.copy()
    copy[path[0]] = spoilt(value[path[0]], path[1:], with_)
    return copy


def documents() -> list[dict[str, Any]]:
    """Samples of the whole pattern language, and small ones at their bounds."""
    samples = [patterns.piece(name).model_dump(mode="json") for name in patterns.PIECES]
    return [*samples, worst.piece(worst.ring(200, 300)), worst.piece(worst.ring(300, 90, 4.0, [worst.swipe()]))]


class HostileTest(WebTestCase):
    def test_whatever_stands_in_whatever_place(self) -> None:
        chance = random.Random(SEED)
        refused = planned = 0
        for document in documents():
            every = list(places(document))
            for _ in range(EACH):
                path, value = chance.choice(every), chance.choice(VALUES)
                with self.subTest(path=path, value=repr(value)[:60]):
                    answer = self.client.post("/api/plan", json=spoilt(document, path, value))
                    self.assertIn(answer.status_code, (200, 422), answer.text[:300])
                    if answer.status_code == 200:
                        planned += 1
                        self.assertLessEqual({one["severity"] for one in answer.json()["verdicts"]}, SEVERITIES)
                        continue
                    refused += 1
                    said = answer.json()
                    self.assertEqual(set(said), {"code", "field", "message"})
                    self.assertLess(len(said["message"]), 600)
                    self.assertIsNone(PYTHON.search(said["message"]), said["message"])
        self.assertGreater(min(refused, planned), 10)

    def test_names_come_out_of_every_file_as_they_are(self) -> None:
        for name in NAMES:
            body = {"piece": {**patterns.piece("petals").model_dump(mode="json"), "name": name}}
            made = {
                path: self.client.post(f"/api/{path}", json=body)
                for path in (
                    "files/svg",
                    "files/png",
                    "files/csv",
                    "files/json",
                    "print/pdf",
                    "print/svg",
                    "print/booklet",
                )
            }
            with self.subTest(name):
                self.assertEqual({path: answer.status_code for path, answer in made.items()}, dict.fromkeys(made, 200))
                self.assertEqual(fromstring(made["files/svg"].text).findtext("{http://www.w3.org/2000/svg}title"), name)
                self.assertEqual(made["files/json"].json()["name"], name)
                for path in ("files/svg", "print/svg", "print/booklet"):
                    self.assertNotIn("<script", made[path].text)
                self.assertGreaterEqual(len(pypdfium2.PdfDocument(made["print/pdf"].content)), 1)
