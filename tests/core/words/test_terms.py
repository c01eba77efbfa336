"""Every word on the row sheet is explained, with a picture that lies within its field."""

from fernring.core.words.fields import facts
from fernring.core.words.terms import NUMBERS, pictures, terms
from tests.assertions import FernTestCase

SHEET = (
    "Row", "Group", "AtWalk", "FromEdge", "AtAngle", "ByAngle", "ByDistance", "Layer", "ToLength", "ToCircle",
    "ToAngle", "Motif", "Spot", "AroundCentre", "Width", "Member",
)  # fmt: skip
OWN = ("Repeats", "Counted", "Distance", "From centre", "Walk", "Dot size", "Dot made with", "Dot is", "Stands round")


class TermsTest(FernTestCase):
    def test_every_word_over_a_field_has_its_sentence(self) -> None:
        found = facts()
        kinds = [kind["model"] for group in ("tracks", "trims") for kind in found[group].values()]
        names = {
            fact["name"] for model in (*SHEET, *kinds) for fact in found["fields"][model].values() if "name" in fact
        }
        self.assertGreater(len(names), 70)
        self.assertEqual({*names, *OWN} - set(terms()), set())

    def test_pictures_are_there_and_used(self) -> None:
        asked = {term["picture"] for term in terms().values()} - {""}
        self.assertEqual(asked, set(pictures()))

    def test_strokes_have_their_numbers_and_something_is_seen(self) -> None:
        for name, strokes in pictures().items():
            for kind, *numbers in strokes:
                self.assertEqual(len(numbers), NUMBERS[kind], name)
            seen = [s for s in strokes if s[0] in "dosw" and 0 <= s[1] <= 120 and 0 <= s[2] <= 62]
            self.assertTrue(seen, name)
