"""What lies between two steps: what to wait for, the tool to wipe and take, the pot to cover and to stir."""

from collections.abc import Sequence

from .graph import Graph
from .job import Job
from .step import Step

LONG_WAIT = 60.0  # minutes; after one a new sitting begins
SOON = 1e-6
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


def cares(job: Job, graph: Graph, steps: Sequence[Step], begins: Sequence[float]) -> tuple[str, ...]:
    """In words for every step, "" where it follows with the same tool and pot."""
    tools, shades = job.piece.tools, job.solved.palette.shades
    ended = {step.id: begin + step.minutes.mean for step, begin in zip(steps, begins, strict=True)}
    found, tool, pot, now = [], -1, -1, 0.0
    for step, begin in zip(steps, begins, strict=True):
        said = []
        if begin > now + SOON:
            # What was waited for is what is dry at the very minute at which the step begins.
            last = next(one for one in graph.after[step.id] if ended[one.step] + one.wait > begin - SOON)
            until = UNTIL[last.state] if last.state else ""
            said.append(f"Wait {time_words(begin - now)} {until}.".replace(" .", "."))
        if step.tool not in (-1, tool):
            wipe = f"Wipe {tools[tool].name}, take" if tool >= 0 else "Take"
            said.append(f"{wipe} {tools[step.tool].name}.")
        if step.shade not in (-1, pot):
            cover = f"Cover {shades[pot].name}, stir" if pot >= 0 else "Stir"
            said.append(f"{cover} {shades[step.shade].name}.")
        found.append(" ".join(said))
        tool, pot = (new if new >= 0 else old for new, old in ((step.tool, tool), (step.shade, pot)))
        now = begin + step.minutes.mean
    return tuple(found)


def sittings(steps: Sequence[Step], begins: Sequence[float]) -> tuple[int, ...]:
    """The sitting of every step, from 1: a new one begins after a long wait."""
    found, number, now = [], 1, 0.0
    for step, begin in zip(steps, begins, strict=True):
        number += begin > now + LONG_WAIT
        found.append(number)
        now = begin + step.minutes.mean
    return tuple(found)
