"""Places for paints in a piece."""

from fernring.core.harmony.slots import slots
from tests.assertions import FernTestCase
from tests.core.harmony.cases import reported

THREE = {"white": "#ffffff", "red": "#b0303a", "blue": "#2f62b8", "spare": "#333333"}


class SlotsTest(FernTestCase):
    def test_shares_and_what_lies_beside_what(self) -> None:
        found = slots(reported("white", "red", "white", "blue", paints=THREE))
        self.assertEqual(found.idents, ("white", "red", "blue"))
        for share, wanted in zip(found.share, (0.5, 0.25, 0.25), strict=True):
            self.assertAlmostEqual(float(share), wanted, places=6)
        self.assertEqual(found.beside.round(6).tolist(), [[0, 1, 0.5], [1, 0, 0], [0.5, 0, 0]])
        self.assertEqual(found.fixed.tolist(), [False] * 3)

    def test_a_step_of_a_ramp_lies_between_two_stops(self) -> None:
        ramp = {"id": "r", "name": "Run", "stops": ["white", "red", "blue"], "steps": 5}
        found = slots(reported(("r", 2), paints=THREE, ramps=[ramp]))
        self.assertEqual([round(float(share), 6) for share in found.share], [0.5, 0.5, 0.0])
