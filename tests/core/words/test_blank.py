"""Every blank in words."""

from fernring.core.document.blank import Blank
from fernring.core.words.blank import size
from tests.assertions import FernTestCase
from tests.blanks import BLANKS


def blank(name: str, **more: object) -> Blank:
    return Blank.model_validate({**BLANKS[name], **more})


class WordsTest(FernTestCase):
    def test_every_blank_in_words(self) -> None:
        wanted = {
            "oval": "{140} × {90} oval",
            "square": "{108} square",
            "polygon": "6 sides of {60}",
            "dome": "{90} round, domed",
            "plate": "{200} plate",
            "ball": "{80} ball",
            "egg": "{84} × {60} egg",
            "domed oval": "{120} × {90} oval, domed",
        }
        for name, words in wanted.items():
            self.assertEqual(size(blank(name)), words)
        self.assertRegex(size(blank("odd")), r"^\{110\} × \{105\} odd outline$")
        self.assertRegex(size(blank("spoked")), "odd outline by ruler$")
