"""All verdicts on a solved piece, the most serious first."""

from dataclasses import replace

from ..solved import Solved
from .closing import closing_verdicts
from .edges import edge_verdicts
from .even import even_verdicts
from .guides import guide_verdicts
from .lettering import lettering_verdicts
from .likely import likely_verdicts
from .measured import measured_verdicts
from .paint import paint_verdicts
from .painted import painted_verdicts
from .room import room_verdicts
from .shade import shade_verdicts
from .tool import tool_verdicts
from .touching import touching_verdicts
from .trims import trim_verdicts
from .verdict import Verdict
from .whole import whole_verdicts

_CHECKS = (
    room_verdicts,
    touching_verdicts,
    likely_verdicts,
    edge_verdicts,
    closing_verdicts,
    even_verdicts,
    tool_verdicts,
    measured_verdicts,
    shade_verdicts,
    guide_verdicts,
    trim_verdicts,
    lettering_verdicts,
    paint_verdicts,
    whole_verdicts,
    painted_verdicts,
)
_ORDER = {"serious": 0, "warning": 1, "note": 2}


def serious(solved: Solved) -> tuple[Verdict, ...]:
    """The serious findings, the accepted ones as well."""
    return tuple(verdict for verdict in all_verdicts(solved) if verdict.severity == "serious")


def all_verdicts(solved: Solved) -> tuple[Verdict, ...]:
    """Every finding; those the artist accepted carry the reason and stand last."""
    reasons = {accepted.key: accepted.reason for accepted in solved.piece.accepted}
    found = [replace(v, accepted=reasons.get(v.key)) for check in _CHECKS for v in check(solved)]
    return tuple(sorted(found, key=lambda v: (v.accepted is not None, _ORDER[v.severity])))
