"""How much one piece may hold."""

from ..errors import PlanError

MOST_DOTS = 60_000
MOST_MARKS = 12_000  # swipes and small shapes; each has an outline of its own


def require_few(dots: int, marks: int, field: str) -> None:
    """Raises PlanError for more dots, or more swipes and shapes, than a piece holds."""
    if dots > MOST_DOTS:
        raise PlanError(f"A piece holds at most {MOST_DOTS} dots; with this row it would have {dots}.", field)
    if marks > MOST_MARKS:
        raise PlanError(
            f"A piece holds at most {MOST_MARKS} swipes and small shapes; with this row it would have {marks}.", field
        )
