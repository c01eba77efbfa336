"""The work card: the steps of a piece on paper, by sittings, with a box to tick for each."""

from dataclasses import dataclass
from itertools import groupby

from ...core.words.lengths import Units, said
from ...core.words.numbers import counted
from ...core.work.care import time_words
from ...core.work.work import Work

INTRO = (
    "Times are usual ones, for a hand that nobody timed yet. Waits are counted from the last dot of what lies below."
)


@dataclass(frozen=True)
class Line:
    """A step: what to do before it, what to do, its figures, and what to mind."""

    care: str
    words: str
    facts: str
    cautions: tuple[str, ...]


@dataclass(frozen=True)
class Sitting:
    title: str
    lines: tuple[Line, ...]


@dataclass(frozen=True)
class WorkCard:
    title: str
    intro: str
    sittings: tuple[Sitting, ...]
    foot: str


def work_card(work: Work, units: Units, date: str) -> WorkCard:
    """The card of a piece, its lengths in the reader's unit."""
    numbers = range(len(work.steps))
    parts = [list(own) for _, own in groupby(numbers, key=lambda k: work.sitting[k])]
    name = work.solved.piece.name
    many = "one sitting" if len(parts) == 1 else f"{counted(len(parts))} sittings"
    intro = f"{len(work.steps)} steps, about {time_words(work.hand_minutes)} of work in {many}. {INTRO}"
    return WorkCard(
        f"{name}: the steps",
        intro,
        tuple(_sitting(work, own, number, units) for number, own in enumerate(parts, 1)),
        f"{name}, {date}",
    )


def _sitting(work: Work, own: list[int], number: int, units: Units) -> Sitting:
    long = work.begins[own[-1]] + work.steps[own[-1]].minutes.mean - work.begins[own[0]]
    return Sitting(f"Sitting {number}: about {time_words(long)}", tuple(_line(work, k, units) for k in own))


def _line(work: Work, k: int, units: Units) -> Line:
    step, room = work.steps[k], work.room[k]
    facts = [time_words(step.minutes.mean)]
    facts += [f"{step.loads} loads"] if step.loads > 1 else []
    facts += [f"turned {room.turntable:.0f}°"] if room.turntable is not None else []
    facts += [f"hand: {room.hand}"] if room.hand != "clear" else []
    return Line(said(work.care[k].words, units), said(step.words, units), ", ".join(facts), step.cautions)
