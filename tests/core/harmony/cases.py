"""Round pieces of a few rings, each in shades of made-up paints."""

from typing import Any

from fernring.core.advice.verdict import Verdict
from fernring.core.document.changes import changed
from fernring.core.document.piece import Piece
from fernring.core.document.shelf import Paint
from fernring.core.harmony.advice import advice
from fernring.core.harmony.report import ColourReport, colour_report
from fernring.core.solved import solve_piece
from tests import patterns
from tests.assertions import FernTestCase
from tests.core.paint.test_amounts import ring
from tests.core.rows.tracks.test_fill import with_areas

PALE = {"cream": "#f4efdc", "butter": "#efe3b8", "teal": "#1f8f8a", "plum": "#6a3a78"}
SHELF = {
    "white": "#f5f3ec", "gold": "#e3b23c", "orange": "#dd6b2f", "red": "#b0303a", "violet": "#7b4aa0",
    "blue": "#2f62b8", "teal": "#1f8f8a", "green": "#5b9a48", "black": "#17181c",
}  # fmt: skip
PAINTS = [Paint(id=ident, name=ident.capitalize(), colour=colour) for ident, colour in SHELF.items()]
BASE = {"name": "Night", "colour": "#14181e"}


def painted(*shades: Any, paints: dict[str, str], base: str = BASE["colour"], **more: Any) -> Piece:
    """A ring for every shade, 8 mm from the next; a shade is a paint's id, a step (ramp, number), or a whole row."""
    rows = [one if isinstance(one, dict) else ring(said(one), 8.0 * k, id=f"r{k}") for k, one in enumerate(shades, 1)]
    own = [{"id": ident, "name": ident.capitalize(), "colour": colour} for ident, colour in paints.items()]
    plain = with_areas(areas=()).model_dump(mode="json")
    blank = {**plain["blank"], "base": {**BASE, "colour": base}}
    return patterns.read({**plain, "blank": blank, "rows": rows, "paints": own, **more})


def said(shade: str | tuple[str, int]) -> dict[str, Any]:
    if isinstance(shade, str):
        return {"kind": "paint", "paint": shade}
    return {"kind": "ramp", "ramp": shade[0], "step": shade[1]}


def reported(*shades: Any, **more: Any) -> ColourReport:
    return colour_report(solve_piece(painted(*shades, **more)))


def found(piece: Piece) -> tuple[Verdict, ...]:
    return advice(colour_report(solve_piece(piece)))


class AdviceCase(FernTestCase):
    def one(self, piece: Piece, code: str) -> Verdict:
        (verdict,) = [one for one in found(piece) if one.code == code]
        return verdict

    def quiet(self, piece: Piece, code: str) -> None:
        self.assertNotIn(code, [one.code for one in found(piece)])

    def labels(self, verdict: Verdict) -> list[str]:
        return [remedy.label for way in verdict.ways for remedy in way]

    def mends(self, piece: Piece, verdict: Verdict, at_least: int = 1) -> None:
        remedies = [remedy for way in verdict.ways for remedy in way]
        self.assertGreaterEqual(len(remedies), at_least)
        for remedy in remedies:
            after = changed(piece, remedy.changes)
            self.assertNotIn(verdict.key, [one.key for one in found(after)], remedy.label)
