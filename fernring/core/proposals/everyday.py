"""Blanks by the names people have for them, in their usual sizes."""

from functools import cache
from typing import Any

from pydantic import BaseModel

from ..document.blank import Blank
from ..tables import table
from .begun import bordered

BLANK = ("outline", "relief", "material")


class Everyday(BaseModel):
    """A kind of blank as it is sold or found."""

    id: str
    name: str
    blank: Blank


@cache
def everyday_blanks() -> tuple[Everyday, ...]:
    """In the order they are offered, each with a border in keeping with its size."""
    return tuple(
        Everyday(id=one["id"], name=one["name"], blank=_blank({key: one[key] for key in BLANK if key in one}))
        for one in table("everyday_blanks.json")["blanks"]
    )


def _blank(given: dict[str, Any]) -> Blank:
    return bordered(Blank.model_validate(given))
