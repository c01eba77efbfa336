"""A budget for every calculation: what it may cost, counted while it grows, so that none goes on for ever.

Work is counted, never time: the same document costs the same on every machine, so it is answered alike everywhere. One
unit is about ten nanoseconds of an ordinary processor; whoever loops says with `spend` what the next round will cost.
Outside a budgeted calculation nothing is counted.
"""

from collections.abc import Callable, Hashable
from contextvars import ContextVar
from functools import wraps
from typing import ParamSpec, TypeVar

from .errors import CalledOffError, SpentError

MOST_WORK = 450_000_000
TOO_MUCH = "This piece asks for more calculation than Fern Ring takes on. Use fewer or simpler rows, trims or lines."

Given = ParamSpec("Given")
Result = TypeVar("Result")


def _never() -> bool:
    return False


class Budget:
    """What is left for one calculation, and which kept results it has paid for."""

    def __init__(self, most: int, called_off: Callable[[], bool]) -> None:
        self.most, self.called_off = most, called_off
        self.spent = 0
        self.paid: set[Hashable] = set()

    def spend(self, work: int) -> None:
        """Raises SpentError past the budget, CalledOffError when nobody waits for the result any more."""
        self.spent += work
        if self.spent > self.most:
            self.spent = self.most
            raise SpentError(TOO_MUCH)
        if self.called_off():
            raise CalledOffError("This calculation was called off.")


_current: ContextVar[Budget | None] = ContextVar("budget", default=None)
_called_off: ContextVar[Callable[[], bool]] = ContextVar("called_off", default=_never)


def spend(work: int) -> None:
    """Take this much work from the budget of the calculation that is going on, if there is one."""
    budget = _current.get()
    if budget is not None:
        budget.spend(work)


def budgeted(calculation: Callable[Given, Result]) -> Callable[Given, Result]:
    """Decorator of the doors to the core: each has a budget of its own, or shares that of the one it is called by."""

    @wraps(calculation)
    def within(*given: Given.args, **named: Given.kwargs) -> Result:
        if _current.get() is not None:
            return calculation(*given, **named)
        return _within(Budget(MOST_WORK, _called_off.get()), lambda: calculation(*given, **named))

    return within


def metered(make: Callable[[], Result]) -> tuple[Result, int]:
    """What `make` gives and what it costs by itself, whatever was paid for before. Whoever asks spends that then."""
    outer = _current.get()
    most = outer.most - outer.spent if outer else MOST_WORK
    inner = Budget(most, outer.called_off if outer else _called_off.get())
    return _within(inner, make), inner.spent


def attempt(make: Callable[[], Result], share: float = 10) -> Result | None:
    """What `make` gives, or None where it costs more than one of so many shares of what is left: for offers that may be
    left out."""
    outer = _current.get()
    if outer is None:
        return make()
    inner = Budget(int((outer.most - outer.spent) / share), outer.called_off)
    try:
        return _within(inner, make)
    except SpentError:
        return None
    finally:
        outer.spent += inner.spent


def pay_once(what: Hashable, cost: int) -> None:
    """A kept result costs each calculation that uses it what it cost to make: once, however often it is asked for."""
    budget = _current.get()
    if budget is not None and what not in budget.paid:
        budget.paid.add(what)
        budget.spend(cost)


def can_be_called_off(by: Callable[[], bool]) -> None:
    """From now on calculations of this context end once `by` answers True."""
    _called_off.set(by)


def _within(budget: Budget, make: Callable[[], Result]) -> Result:
    token = _current.set(budget)
    try:
        return make()
    finally:
        _current.reset(token)
