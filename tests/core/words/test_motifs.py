"""Where motifs stand, in words."""

from fernring.core.document.motif import Motif
from fernring.core.words.motifs import stands
from tests.assertions import FernTestCase


def words(**places: object) -> str:
    return stands(Motif.model_validate({"id": "m", "places": places}))


class StandsTest(FernTestCase):
    def test_round_the_centre(self) -> None:
        four = "four places {32.5} from the centre, the first on the first spoke"
        self.assertEqual(words(kind="around", count=4, walk=32.5), four)
        self.assertIn("the first 45° from the first spoke", words(kind="around", count=2, walk=30.0, first=45.0))
        self.assertEqual(words(kind="around", count=1, walk=9.0), "{9} from the centre, 0° from the first spoke")

    def test_one_by_one(self) -> None:
        spots = [{"x": 28.0, "y": -3.5}, {"x": -28.0, "y": 4.0, "turn": 30.0, "mirrored": True}]
        second = "{28} left of the centre and {4} below it, turned by 30°, mirrored"
        self.assertEqual(words(kind="given", spots=spots), "{28} right of the centre and {3.5} above it; " + second)
