"""What is free once something is dry: steps that wait for nothing else by then."""

from typing import Any

from tests.assertions import FernTestCase
from tests.core.logbook.test_events import book, done, event


def leaves(minutes: float, *frees: dict[str, Any]) -> dict[str, Any]:
    return {"dries": [{"state": "touch", "minutes": minutes, "frees": list(frees)}]}


def waiting(step: str, *needs: tuple[str, str | None]) -> dict[str, Any]:
    told = [{"step": before, "state": state} for before, state in needs]
    return {"step": step, "words": step.capitalize(), "needs": told}


A, B, TOP = ("a", "touch"), ("b", "touch"), waiting("tops", ("a", "touch"), ("b", "touch"))


class FreedTest(FernTestCase):
    def freed(self, *told: Any) -> dict[str, tuple[str, ...]]:
        found = book(*told)
        return {one.step: found.frees(one) for one in found.timers}

    def test_what_waits_for_two_is_freed_by_the_later(self) -> None:
        both = (0, done("a", **leaves(40, TOP))), (5, done("b", **leaves(20, TOP)))
        self.assertEqual(self.freed(*both), {"a": ("Tops",), "b": ()})
        together = (0, done("a", **leaves(25, TOP))), (5, done("b", **leaves(20, TOP)))
        self.assertEqual(self.freed(*together), {"a": ("Tops",), "b": ("Tops",)})

    def test_nothing_is_freed_while_a_step_before_it_is_not_done(self) -> None:
        glued = waiting("lines", A, ("b", None))
        self.assertEqual(self.freed((0, done("a", **leaves(40, TOP, glued)))), {"a": ()})
        later = self.freed((0, done("a", **leaves(40, TOP, glued))), (30, done("b", dries=[])))
        self.assertEqual(later, {"a": ("Tops", "Lines")})

    def test_found_dry_sooner_it_frees_sooner(self) -> None:
        told = (0, done("a", **leaves(40, TOP))), (5, done("b", **leaves(20, TOP)))
        dry = self.freed(*told, (8, event("dry", step="a", state="touch")))
        self.assertEqual(dry["b"], ("Tops",))
        wet = self.freed(
            *told, (26, event("wet", step="b", state="touch")), (26, event("dry", step="b", state="touch"))
        )
        self.assertEqual((wet["a"], wet["b"]), (("Tops",), ()))

    def test_what_is_done_already_is_not_freed(self) -> None:
        self.assertEqual(self.freed((0, done("a", **leaves(40, waiting("b", A)))), (9, done("b", dries=[]))), {"a": ()})
