"""Remedies for a finding: of its ways, what was tried on the piece and put it right."""

from collections.abc import Iterator
from functools import partial
from itertools import islice

from ..advice.verdict import Remedy, Severity, Verdict
from ..budget import attempt, budgeted
from ..document.changes import changed
from ..document.piece import Piece
from ..errors import DocumentError, FitError, PlanError
from ..plan import Plan, plan
from ..solved import Solved
from .next_row import next_row
from .painted import moves_painted

AS_BAD: dict[Severity, tuple[Severity, ...]] = {
    "serious": ("serious",),
    "warning": ("serious", "warning"),
    "note": ("serious", "warning"),
}


@budgeted
def remedies(piece: Piece, key: str, known: Solved | None = None) -> tuple[Remedy, ...]:
    """What mends the finding of this key; nothing where there is no such finding.

    A remedy mends it when the finding is gone and none as bad took its place. Of each way the first that does is
    answered, and none that costs more than a tenth of what may be calculated.
    """
    now = plan(piece, known=known)
    verdict = next((one for one in now.verdicts if one.key == key), None)
    return tuple(_helping(now, verdict)) if verdict else ()


def _helping(now: Plan, verdict: Verdict) -> Iterator[Remedy]:
    for way in verdict.ways:
        yield from islice((remedy for remedy in way if attempt(partial(_helps, now, verdict, remedy))), 1)


def _helps(now: Plan, verdict: Verdict, remedy: Remedy) -> bool:
    if moves_painted(now.solved.piece, remedy.changes):
        return False
    if remedy.action == "spread slack":  # known to help where it is an idea at all
        return True
    try:
        if remedy.action == "add row":
            return bool(next_row(now.solved.piece))
        after = plan(changed(now.solved.piece, remedy.changes), known=now.solved)
    except (DocumentError, FitError, PlanError):
        return False
    bad = AS_BAD[verdict.severity]
    before = {one.key for one in now.verdicts if one.severity in bad}
    keys = {one.key for one in after.verdicts}
    return verdict.key not in keys and all(one.key in before for one in after.verdicts if one.severity in bad)
