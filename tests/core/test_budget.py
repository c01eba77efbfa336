"""Budgets: what they count, and that they count alike whatever was kept before."""

from fernring.core import budget
from fernring.core.budget import Budget, attempt, budgeted, can_be_called_off, metered, spend
from fernring.core.errors import CalledOffError, SpentError
from fernring.core.kept import Kept
from fernring.core.plan import plan
from fernring.core.solved import solve_piece
from tests import patterns, samples
from tests.assertions import FernTestCase


def costs(make: object) -> int:
    """The work of one calculation by itself."""
    return metered(make)[1]  # type: ignore[arg-type]


class BudgetTest(FernTestCase):
    def test_outside_a_calculation_nothing_is_counted(self) -> None:
        spend(10 * budget.MOST_WORK)

    def test_a_calculation_ends_when_its_budget_is_spent(self) -> None:
        rounds = []

        @budgeted
        def endless() -> None:
            while True:
                spend(budget.MOST_WORK // 4)
                rounds.append(1)

        with self.assertRaisesRegex(SpentError, "fewer or simpler rows"):
            endless()
        self.assertEqual(len(rounds), 4)

    def test_one_within_another_shares_its_budget(self) -> None:
        inner = budgeted(lambda: spend(budget.MOST_WORK // 2))

        @budgeted
        def outer() -> None:
            inner()
            spend(budget.MOST_WORK // 2)
            inner()

        inner()
        with self.assertRaises(SpentError):
            outer()

    def test_called_off(self) -> None:
        answers = iter([False, True])

        def calculate() -> None:
            can_be_called_off(lambda: next(answers))
            budgeted(lambda: (spend(1), spend(1)))()

        from contextvars import copy_context

        with self.assertRaises(CalledOffError):
            copy_context().run(calculate)

    def test_a_metered_part_is_paid_by_whoever_spends_it(self) -> None:
        found, work = metered(lambda: (spend(5), spend(7)))
        self.assertEqual((work, len(found)), (12, 2))
        self.assertEqual(costs(lambda: metered(lambda: spend(5))), 0)

    def test_an_attempt_that_costs_too_much_is_left_out(self) -> None:
        def trying() -> tuple[str | None, str | None]:
            cheap = attempt(lambda: (spend(10), "done")[1])
            dear = attempt(lambda: (spend(budget.MOST_WORK), "done")[1])
            return cheap, dear

        found, work = metered(trying)
        self.assertEqual(found, ("done", None))
        self.assertLess(work, budget.MOST_WORK // 9)

    def test_what_is_kept_costs_the_same_as_when_it_was_made_and_once_only(self) -> None:
        results: Kept[str] = Kept(4)

        def ask() -> None:
            for _ in range(3):
                results.of("key", lambda: (spend(100), "made")[1])

        self.assertEqual((costs(ask), costs(ask)), (100, 100))

    def test_the_budget_is_never_more_than_spent(self) -> None:
        one = Budget(10, lambda: False)
        with self.assertRaises(SpentError):
            one.spend(11)
        self.assertEqual(one.spent, 10)


class SameEverywhereTest(FernTestCase):
    """The same document costs the same, so it is refused everywhere or nowhere."""

    def test_whatever_is_known_of_its_first_rows(self) -> None:
        for piece in (samples.five_rows(), *map(patterns.piece, sorted(patterns.PIECES))):
            cold = costs(lambda piece=piece: plan(piece))
            known = solve_piece(piece.model_copy(update={"rows": piece.rows[:-1]}))
            for solved in (known, solve_piece(piece)):
                self.assertEqual(costs(lambda piece=piece, solved=solved: plan(piece, known=solved)), cold, piece.name)
        self.assertGreater(cold, 0)
