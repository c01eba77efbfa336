"""The logbook of a piece: what is done, what dries, the sittings, what happened, and what they teach."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property
from types import MappingProxyType
from typing import NamedTuple

from ..work.drying import Report
from ..work.pace import Pace
from .timers import Need, Timer, freed


class Done(NamedTuple):
    """A step that is done: when (seconds since 1970), and with which words."""

    step: str
    words: str
    at: float


class Sitting(NamedTuple):
    """One session at the table. `paused` are minutes of it; `minutes` is what the artist corrected it to, None where
    nobody did; `end` is None while it goes on, and `last` when it was last heard of.
    """

    number: int
    begin: float
    last: float
    end: float | None = None
    paused: float = 0.0
    steps: int = 0
    happened: int = 0
    minutes: float | None = None

    @property
    def at_work(self) -> float:
        """Minutes at the table, breaks left out."""
        if self.minutes is not None:
            return self.minutes
        return max(((self.end or self.last) - self.begin) / 60 - self.paused, 0.0)


class Happening(NamedTuple):
    """Something that went wrong, or was noted: what, at which step and place, and what was done about it."""

    what: str
    step: str
    where: str
    note: str
    at: float


class Progress(NamedTuple):
    """Where the piece is: the stage of what was done last, stage and sitting of what comes next, of how many, how many
    steps are left, and from when on the next one can be done (seconds since 1970)."""

    last: str
    stage: str
    sitting: int
    sittings: int
    left: int
    ready: float


@dataclass(frozen=True)
class Book:
    """`done` are the steps that are done, by their ids, in the order of their being done. `lead` is the page that marks
    steps done, None while none does, and `leader` its name; `leads` are all that ever led. `resting` since when the
    artist pauses (seconds since 1970), None at work.
    """

    done: Mapping[str, Done] = field(default_factory=lambda: MappingProxyType({}))
    timers: tuple[Timer, ...] = ()
    sittings: tuple[Sitting, ...] = ()
    happened: tuple[Happening, ...] = ()
    reports: tuple[Report, ...] = ()
    paces: tuple[Pace, ...] = ()
    progress: Progress | None = None
    lead: str | None = None
    leader: str = ""
    leads: frozenset[str] = frozenset()
    resting: float | None = None
    step_from: float | None = None  # since when the hand is at the step that comes now

    @property
    def sitting(self) -> Sitting | None:
        """The one that goes on."""
        last = self.sittings[-1] if self.sittings else None
        return last if last is not None and last.end is None else None

    def frees(self, timer: Timer) -> tuple[str, ...]:
        """The words of the steps that can begin once this timer is over, as things stand."""
        return freed(timer, self._dry, self.done)

    @cached_property
    def _dry(self) -> Mapping[Need, float]:
        """From when on what was left wet is dry."""
        return {Need(one.step, one.state): one.due if one.ended is None else one.ended for one in self.timers}
