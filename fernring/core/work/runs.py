"""A group of dots as steps: one, or batches so short that the first dot can still be pulled when the last is set."""

from collections.abc import Callable, Iterator

from ..dots.table import Whole
from ..tables import table
from .groups import Group
from .job import Job
from .pace import dotting
from .reloads import reloads
from .step import Step


def batches(job: Job, group: Group) -> list[Whole]:
    """The group's dots in runs; one run where nothing is pulled."""
    if not any(dot in job.pulled for dot in group.dots.tolist()):
        return [group.dots]
    facts = table("pace.json")
    wide = float(2 * job.dots.radius[group.dots].max())
    each = facts["dot"] + facts["per_mm"] * wide + facts["load"] + facts["pull"]
    room = 60 * job.skins(group.key.shade) - facts["try"]
    most = max(int(room / each), 1)
    return [group.dots[k : k + most] for k in range(0, len(group.dots), most)]


def numbered(ident: str, number: int, many: int) -> str:
    """The id of one of many batches."""
    return f"{ident}/{number}" if many > 1 else ident


def dotted(job: Job, group: Group, kind: str, said: Callable[[Whole, int], str]) -> Iterator[Step]:
    """The steps of a group; `said` puts one in words, given its dots and loads."""
    key, runs = group.key, batches(job, group)
    for number, dots in enumerate(runs, 1):
        again = reloads(job.dots, dots)
        yield Step(
            id=numbered(f"{kind}/{job.row_id(key)}", number, len(runs)), kind=kind, words=said(dots, len(again)),
            minutes=dotting(2 * job.dots.radius[dots], len(again)), row=key.row, trim=key.trim, dots=dots,
            half=key.half, tool=key.tool, shade=key.shade, reloads=again, wide=float(2 * job.dots.radius[dots].max()),
        )  # fmt: skip
