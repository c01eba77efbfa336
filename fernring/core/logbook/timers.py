"""What dries, and which steps can begin once it is dry."""

from collections.abc import Container, Mapping
from typing import NamedTuple

from ..work.drying import Kind, Report, State

LONGER = 1.25  # what is still wet when it should be dry takes at least a quarter longer
LEAST_MORE = 5.0  # minutes
LEAST_TOLD, MOST_TOLD = 0.1, 20_000.0  # minutes


class Need(NamedTuple):
    """A step that must be done, and what it left dry for `state`; None where it has only to be done."""

    step: str
    state: State | None


class Freed(NamedTuple):
    """A step that waits for something to dry, in words, and what else it needs. `step` is None where only its words
    were told."""

    step: str | None
    words: str
    needs: tuple[Need, ...] = ()


class Timer(NamedTuple):
    """What a step left wet: `due` when it should be dry for `state`, `minutes` after `begun`; `frees` are the steps
    that wait for it. `usual` are the minutes of such paint before anything was learned of it, None where
    nothing can be. `ended` is when the artist found it dry, None before. Times in seconds since 1970.
    """

    step: str
    state: State
    words: str
    frees: tuple[Freed, ...]
    begun: float
    minutes: float
    due: float
    paint: Kind | None = None
    usual: float | None = None
    ended: float | None = None

    def open(self, now: float) -> bool:
        return self.ended is None and self.due > now

    def found_dry(self, at: float) -> "Timer":
        return self if self.ended is not None else self._replace(ended=at)

    def found_wet(self, at: float) -> "Timer":
        """It takes longer: from when it was found, where that is later than it should have been dry."""
        more = max((LONGER - 1) * self.minutes, LEAST_MORE)
        return self._replace(due=max(self.due, at) + 60 * more, ended=None)

    def teaches(self, at: float, dry: bool) -> tuple[Report, ...]:
        """What a look at the paint teaches, where it comes at all late enough to tell; dry paint is looked at once."""
        minutes = (at - self.begun) / 60
        if self.paint is None or self.usual is None or (dry and self.ended is not None):
            return ()
        if min(minutes, self.usual) < LEAST_TOLD:
            return ()
        return (Report(*self.paint, min(minutes, MOST_TOLD), self.usual, dry),)


def freed(timer: Timer, dry: Mapping[Need, float], done: Container[str | None]) -> tuple[str, ...]:
    """The words of the steps that can begin once this timer is over, as things stand: all else that they need is done,
    and dry by then, and they are not done themselves. `dry` says from when on, in seconds since 1970.
    """
    return tuple(
        one.words
        for one in timer.frees
        if one.step not in done
        and all(need.step in done and dry.get(need, timer.due) <= timer.due for need in one.needs)
    )
