"""What the words on the row sheet mean: a sentence for each, and a small picture.

A picture is a list of strokes in a field of 120 by 60: "d" a dot of the row (x, y, radius), "o" one that stood there
before, "c" a guide circle, "l" a line (x1, y1, x2, y2), "w" a line of the pen, "a" a measure, "s" a swipe from head to
tip (x1, y1, x2, y2, radius of the head).
"""

from typing import Annotated, Any

from pydantic import BaseModel, Field

from ..tables import table

NUMBERS = {"d": 3, "o": 3, "c": 3, "l": 4, "w": 4, "a": 4, "s": 5}


class Term(BaseModel):
    """`picture` names one of the pictures, or none."""

    words: Annotated[str, Field(min_length=10, max_length=200)]
    picture: str


def terms() -> dict[str, dict[str, Any]]:
    """By the name that stands over a field; "Dot 2 size" is looked up as "Dot size"."""
    return {name: Term(**term).model_dump() for name, term in table("terms.json")["terms"].items()}


def pictures() -> dict[str, list[list[Any]]]:
    """Strokes by the name of the picture."""
    found: dict[str, list[list[Any]]] = table("terms.json")["pictures"]
    return found
