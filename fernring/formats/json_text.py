"""JSON from bytes: strict, and no key twice in one object, since which of the two counts nobody could tell."""

import json
from typing import Any

import orjson

from ..core.document.sentences import shown
from ..core.errors import DocumentError


def parsed(data: bytes) -> Any:
    """The value. Raises orjson.JSONDecodeError where it is no JSON, DocumentError for a key that stands twice."""
    value = orjson.loads(data)
    try:
        json.loads(data, object_pairs_hook=_unique)
    except RecursionError as error:
        raise DocumentError("This JSON nests deeper than any document.") from error
    return value


def _unique(pairs: list[tuple[str, Any]]) -> dict[str, Any]:
    found = dict(pairs)
    if len(found) < len(pairs):
        names = [name for name, _ in pairs]
        twice = next(name for name in names if names.count(name) > 1)
        raise DocumentError(f"The key {shown(twice)} stands twice in one object.")
    return found
