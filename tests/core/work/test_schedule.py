"""Orders of a few steps that can be seen at a glance."""

from fernring.core.document.work import Costs
from fernring.core.work.graph import Graph
from fernring.core.work.pace import Minutes
from fernring.core.work.schedule import Timed, schedule
from fernring.core.work.step import After, Step, Within
from tests.assertions import FernTestCase

COSTS = Costs()


def step(ident: str, long: float, tool: int = -1, shade: int = -1, wide: float = 0.0) -> Step:
    return Step(id=ident, kind="dots", words="", minutes=Minutes(long, long, long), tool=tool, shade=shade, wide=wide)


def ordered(*steps: Step, after: dict[str, tuple[After, ...]] | None = None, **within: Within) -> tuple[str, Timed]:
    graph = Graph(steps, after or {}, {ident: (one,) for ident, one in within.items()})
    found = schedule(graph, COSTS)
    return "".join(steps[k].id for k in found.order), found


class ScheduleTest(FernTestCase):
    def test_work_fills_a_wait(self) -> None:
        after = {"b": (After("a", 10.0, "top"),)}
        order, found = ordered(step("a", 1.0), step("b", 1.0), step("c", 8.0), after=after)
        self.assertEqual(order, "acb")
        self.assertEqual((found.begins, found.cost), ((0.0, 1.0, 11.0), 12.0))

    def test_the_longest_wait_is_begun_first(self) -> None:
        after = {"x": (After("c", 30.0, "top"),)}
        order, found = ordered(step("a", 5.0), step("b", 5.0), step("c", 5.0), step("x", 1.0), after=after)
        self.assertEqual(order[0], "c")
        self.assertEqual(found.cost, 36.0)

    def test_few_changes_of_tool_and_pot(self) -> None:
        steps = [
            step(ident, 1.0, tool, shade) for ident, tool, shade in (("a", 0, 0), ("b", 1, 1), ("c", 0, 0), ("d", 1, 1))
        ]
        _, found = ordered(*steps)
        self.assertEqual((found.tools, found.pots, found.cost), (1, 1, 4.0 + 1.5 + 3.0))

    def test_a_step_without_tool_leaves_it_in_the_hand(self) -> None:
        after = {"b": (After("a"),), "c": (After("b"),)}
        _, found = ordered(step("a", 1.0, 0, 0), step("b", 1.0), step("c", 1.0, 0, 0), after=after)
        self.assertEqual((found.tools, found.pots), (0, 0))

    def test_what_must_follow_at_once_does(self) -> None:
        after = {"p": (After("h"),)}
        order, _ = ordered(
            step("x", 3.0, 0), step("h", 1.0, 0), step("p", 1.0, 1), step("y", 3.0, 0), after=after, p=Within("h", 4.0)
        )
        self.assertIn("hp", order)

    def test_so_do_two_that_follow_the_same_step(self) -> None:
        after = {"p": (After("h"),), "q": (After("h"),)}
        steps = [step("x", 3.0, 0), step("h", 1.0, 0), step("p", 1.0, 1), step("q", 1.0, 2), step("y", 3.0, 0)]
        order, _ = ordered(*steps, after=after, p=Within("h", 4.0), q=Within("h", 4.0))
        self.assertIn(order[order.index("h") :][:3], ("hpq", "hqp"))

    def test_of_equal_orders_the_larger_dots_come_first(self) -> None:
        order, _ = ordered(step("a", 1.0, wide=1.0), step("b", 1.0, wide=5.0), step("c", 1.0, wide=3.0))
        self.assertEqual(order, "bca")

    def test_nothing_to_do(self) -> None:
        self.assertEqual(ordered()[1], Timed((), (), 0.0, 0, 0))

    def test_very_many_steps_are_ordered_as_well(self) -> None:
        steps = [step(f"{k:03d}", 1.0, k % 3, k % 5) for k in range(400)]
        after = {one.id: (After(first.id),) for first, one in zip(steps[::2], steps[1::2], strict=True)}
        _, found = ordered(*steps, after=after)
        self.assertEqual(sorted(found.order), list(range(400)))
        self.assertLess(found.tools + found.pots, 200)
