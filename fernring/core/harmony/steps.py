"""Ramps whose steps the eye cannot tell apart on this piece."""

from collections.abc import Iterator, Sequence
from functools import partial

import numpy as np

from ..advice.verdict import Remedy, Verdict, each
from ..colour.difference import apart
from ..colour.ramp import ramp
from ..document.changes import change
from ..document.shelf import Ramp, RampShade
from .report import ColourReport
from .reshaded import Said, reshaded

TOLD = 2.5  # CIEDE2000 from step to step, on dots side by side: a judgement


def step_findings(report: ColourReport) -> Iterator[Verdict]:
    palette, piece = report.solved.palette, report.solved.piece
    used = {shade.ramp for shade in palette.asked if isinstance(shade, RampShade)}
    for place, own in enumerate(piece.ramps):
        run = palette.ramps[own.id]
        least = _least(run)
        if own.id in used and least < TOLD:
            text = (
                f"{own.name}: two of its {own.steps} steps differ by {least:.1f} only (wanted {TOLD:g}), which nobody "
                "sees on dots. Fewer steps show the same and are less to mix."
            )
            yield Verdict("steps unseen", f"steps unseen:{own.id}", "note", text, (), (), each(*_fewer(report, place)))


def _fewer(report: ColourReport, place: int) -> tuple[Remedy, ...]:
    """As many steps as can be told apart; rows take the nearest of them."""
    piece = report.solved.piece
    own, stops = piece.ramps[place], [_colour(report, stop) for stop in piece.ramps[place].stops]
    for steps in range(own.steps - 1, 1, -1):
        run = ramp(stops, steps, own.even == "seen")
        if _least(run) >= TOLD:
            rows = [reshaded(piece, k, partial(_nearest, own=own, steps=steps)) for k in range(len(piece.rows))]
            if any(row.painted is not None and _names(row.shades, own) for row in piece.rows):
                return ()
            changes = (*(one for one in rows if one), change("ramps", place, "steps", steps))
            return (Remedy(f"Take {steps} steps", changes),)
    return ()


def _least(run: list[str]) -> float:
    """How little a step differs from the next."""
    return float(np.diagonal(apart(run[:-1], run[1:])).min())


def _nearest(said: Said, own: Ramp, steps: int) -> Said:
    if said.get("ramp") != own.id:
        return said
    return {**said, "step": 1 + round((said["step"] - 1) * (steps - 1) / (own.steps - 1))}


def _names(shades: Sequence[object], own: Ramp) -> bool:
    return any(isinstance(shade, RampShade) and shade.ramp == own.id for shade in shades)


def _colour(report: ColourReport, ident: str) -> str:
    return next(paint.colour for paint in report.solved.piece.paints if paint.id == ident)
