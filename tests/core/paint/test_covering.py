"""Weak paint made to cover."""

from fernring.core.document.shelf import Paint
from fernring.core.paint.covering import covering
from tests.assertions import FernTestCase

NEON = Paint(id="neon", name="Neon", colour="#b6f23a", finish="neon", cover="translucent")
WHITE = Paint(id="white", name="White", colour="#f7f5ee")
YELLOW = Paint(id="yellow", name="Yellow", colour="#f0d040")
BLACK = Paint(id="black", name="Black", colour="#17181c")


class CoveringTest(FernTestCase):
    def test_with_what_changes_it_least_and_what_that_costs(self) -> None:
        found = covering(NEON, [NEON, WHITE, YELLOW, BLACK])
        assert found
        self.assertIn(found.paint.id, ("white", "yellow"))
        self.assertNotEqual(found.colour, NEON.colour)
        self.assertTrue(0 <= found.duller < 1)
        black = covering(NEON, [NEON, BLACK])
        assert black
        self.assertGreater(black.duller, found.duller)

    def test_none_that_can_be_mixed_in(self) -> None:
        enamel = WHITE.model_copy(update={"binder": "bake-on enamel"})
        glaze = WHITE.model_copy(update={"cover": "translucent"})
        self.assertIsNone(covering(NEON, [NEON, enamel, glaze]))
