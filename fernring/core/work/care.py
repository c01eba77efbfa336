"""What lies between two steps: what to wait for, the tool to wipe and take, the pot to cover and to stir."""

from collections.abc import Iterator, Sequence
from typing import NamedTuple

from ..words.numbers import listed
from .graph import Graph
from .job import Job
from .step import Step

LONG_WAIT = 60.0  # minutes; after one a new sitting begins
SOON = 1e-6
OPEN = 20.0  # minutes in which what lies on the palette thickens; common practice, no source
UNTIL = {
    "touch": "until it may be touched",
    "top": "until something may lie on it",
    "turn": "until it may be turned over",
    "varnish": "until it is dry right through",
}


def time_words(minutes: float) -> str:
    """ "40 minutes", "3 hours", "2 days": about."""
    if minutes < 90:
        return f"{max(round(minutes), 1)} minutes" if minutes >= 1.5 else "a minute"
    hours = minutes / 60
    return f"{hours:.0f} hours" if hours < 36 else f"{hours / 24:.0f} days"


class Care(NamedTuple):
    """What to wait for before a step, and which tool and pot to change; "" where it follows at once with the same."""

    wait: str
    change: str

    @property
    def words(self) -> str:
        return " ".join(filter(None, self))


def cares(
    job: Job, graph: Graph, steps: Sequence[Step], begins: Sequence[float], sitting: Sequence[int]
) -> tuple[Care, ...]:
    """In words for every step."""
    tools, shades = job.piece.tools, job.solved.palette.shades
    ended = {step.id: begin + step.minutes.mean for step, begin in zip(steps, begins, strict=True)}
    found, tool, pot, row, now, opened = [], -1, -1, -1, 0.0, 0.0
    for k, (step, begin) in enumerate(zip(steps, begins, strict=True)):
        said: list[str] = []
        wait = ""
        if begin > now + SOON:
            # What was waited for is what is dry at the very minute at which the step begins.
            last = next(one for one in graph.after[step.id] if ended[one.step] + one.wait > begin - SOON)
            until = UNTIL[last.state] if last.state else ""
            wait = f"Wait {time_words(begin - now)} {until}.".replace(" .", ".")
            opened = begin  # pots are covered meanwhile
        if k and sitting[k] != sitting[k - 1]:
            said += _pause(steps, k, [shade.name for shade in shades], bool(wait))
        if step.tool not in (-1, tool):
            wipe = f"Wipe {tools[tool].name}, take" if tool >= 0 else "Take"
            said.append(f"{wipe} {tools[step.tool].name}.")
        if step.shade not in (-1, pot):
            cover = f"Cover {shades[pot].name}, stir" if pot >= 0 else "Stir"
            said.append(f"{cover} {shades[step.shade].name}.")
            opened = begin
        elif step.shade >= 0 and begin - opened > OPEN:
            said.append(f"Stir and re-wet {shades[pot].name}: it has been open for {time_words(begin - opened)}.")
            opened = begin
        if _fits(step, row):
            said.append("Try it at the side, and look whether it goes into every space.")
            row = step.row
        found.append(Care(wait, " ".join(said)))
        tool, pot = (new if new >= 0 else old for new, old in ((step.tool, tool), (step.shade, pot)))
        now = begin + step.minutes.mean
    return tuple(found)


def _pause(steps: Sequence[Step], k: int, names: Sequence[str], waits: bool) -> Iterator[str]:
    """What is said where a sitting ends: that it does, where nothing is waited for, and which pots must keep."""
    kept = [names[shade] for shade in _needed_again(steps, k)]
    closed = f"keep the {'pot' if len(kept) == 1 else 'pots'} of {listed(kept)} closed"
    if not waits:
        yield "The sitting ends here" + (f"; {closed} until you go on." if kept else ".")
    elif kept:
        yield f"{closed[0].upper()}{closed[1:]} meanwhile."


def _needed_again(steps: Sequence[Step], k: int) -> list[int]:
    """Shades that were used before step k and are used from there on, as they come."""
    before = {step.shade for step in steps[:k] if len(step.dots)}
    return [shade for shade in dict.fromkeys(step.shade for step in steps[k:] if len(step.dots)) if shade in before]


def _fits(step: Step, row: int) -> bool:
    """Whether a row's own dots begin here, so that the tool is tried at the side and fitted dry."""
    return step.row not in (-1, row) and step.trim < 0 and len(step.dots) > 1 and step.tool >= 0


def sittings(graph: Graph, steps: Sequence[Step], begins: Sequence[float], longest: float) -> tuple[int, ...]:
    """The sitting of every step, from 1: a new one begins after a long wait, and where one would grow longer than the
    artist sits, but never between a dot and its tail."""
    found, number, now, first = [], 1, 0.0, 0.0
    for k, (step, begin) in enumerate(zip(steps, begins, strict=True)):
        end = max(begins[j] + steps[j].minutes.mean for j in range(k, _together(graph, steps, k)))
        if k and (begin > now + LONG_WAIT or (end > first + longest and step.id not in graph.within)):
            number, first = number + 1, begin
        found.append(number)
        now = begin + step.minutes.mean
    return tuple(found)


def _together(graph: Graph, steps: Sequence[Step], k: int) -> int:
    """The end of the run of steps that follow this one at once."""
    end = k + 1
    while end < len(steps) and steps[end].id in graph.within:
        end += 1
    return end
