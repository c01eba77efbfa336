"""What a shelf can give."""

from fernring.core.harmony.candidates import candidates
from tests.assertions import FernTestCase
from tests.core.harmony.cases import PAINTS


class CandidatesTest(FernTestCase):
    def test_mixes_follow_the_shelf_and_are_told(self) -> None:
        found = candidates(PAINTS[:3])
        self.assertEqual(list(found.paints[:3]), PAINTS[:3])
        self.assertEqual(len(found.paints), 3 + 3 * 3)
        one = found.paints[3]
        self.assertEqual(
            (one.name, [(p.paint, p.drops) for p in one.parts]), ("White 1 : 1 Gold", [("white", 1), ("gold", 1)])
        )
        self.assertEqual(len({paint.id for paint in found.paints}), len(found.paints))

    def test_only_what_can_be_mixed(self) -> None:
        flakes = PAINTS[1].model_copy(update={"finish": "metallic"})
        enamel = PAINTS[2].model_copy(update={"binder": "bake-on enamel"})
        self.assertEqual(len(candidates([PAINTS[0], flakes, enamel]).paints), 3)
