"""What a page needs to know of a field to let people fill it in: its name, how it is written, the words of its choices.

Facts stand beside a field's bounds, in its annotation; `fernring/core/words/fields.py` gathers both for the page.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Any, Literal

from pydantic import GetJsonSchemaHandler
from pydantic_core import CoreSchema

Written = Literal[
    "length", "distance", "count", "number", "degrees", "share", "per cent", "tick", "choice", "text", "colour",
    "size", "sizes", "shades", "variant", "rules", "rows", "areas",
]  # fmt: skip


@dataclass(frozen=True, eq=False)
class Fact:
    """A field as people know it.

    `written` says how: a "length" with decimals, a "distance" with fractions in inches, a "share" of one shown in per
    cent, and so on. `words` are the choices in words, in the order they are offered. `when` limits the field to values
    of another: a list of them, or the least. `none` is the word for leaving it open. `along` tells a measure that runs
    "across" an outline, left to right, or "down" it. `wide` is the field's width on screen (px). "rules" are a list of
    models with fields of their own.
    """

    name: str = ""
    written: Written | None = None
    words: Mapping[str, str] = field(default_factory=dict)
    when: Mapping[str, Any] = field(default_factory=dict)
    none: str = ""
    along: Literal["across", "down", ""] = ""
    wide: int = 0

    def __get_pydantic_json_schema__(self, core: CoreSchema, handler: GetJsonSchemaHandler) -> dict[str, Any]:
        schema = handler(core)
        if self.name:
            schema["title"] = self.name
        return schema


def named(name: str, written: Written | None = None, **more: Any) -> Fact:
    """A fact for a field's annotation."""
    return Fact(name, written, **more)


def chosen(name: str, **words: str) -> Fact:
    """A choice; the words' keys are the values, underscores standing for spaces."""
    return Fact(name, "choice", {key.replace("_", " "): word for key, word in words.items()})
