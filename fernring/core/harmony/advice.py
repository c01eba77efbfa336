"""Advice on the colours of a piece: findings as the plan's verdicts are, each with changes that would mend it.

They are asked for where colours are looked at, and say nothing of whether a piece can be painted.
"""

from dataclasses import replace

from ..advice.verdict import Verdict
from ..paint.pots import Mixing
from .accents import accent_findings
from .eyes import eye_findings
from .pots import pot_findings
from .report import ColourReport
from .steps import step_findings
from .values import value_findings


def advice(report: ColourReport, mixed: Mixing | None = None) -> tuple[Verdict, ...]:
    """Every finding, those the artist accepted last and with the reason; with what is mixed for the piece also what of
    it is out of reach or not enough."""
    reasons = {accepted.key: accepted.reason for accepted in report.solved.piece.accepted}
    found = [one for check in (value_findings, accent_findings, step_findings, eye_findings) for one in check(report)]
    found += pot_findings(mixed) if mixed else ()
    told = (replace(one, accepted=reasons.get(one.key)) for one in found)
    return tuple(sorted(told, key=lambda one: one.accepted is not None))
