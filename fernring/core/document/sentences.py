"""Plain sentences for values that break a model's bounds: what, the limit, what was given."""

from collections.abc import Sequence
from typing import Any

LONGEST = 40  # characters of what was sent that are said again
_LIMITS = {
    "greater_than_equal": ("must be at least {ge}", True),
    "less_than_equal": ("must be at most {le}", True),
    "greater_than": ("must be more than {gt}", True),
    "less_than": ("must be less than {lt}", True),
    "finite_number": ("must be a finite number", True),
    "float_type": ("must be a number", True),
    "int_type": ("must be a whole number", True),
    "int_from_float": ("must be a whole number", True),
    "bool_type": ("must be true or false", True),
    "string_type": ("must be text", True),
    "string_too_short": ("must have at least {min_length} character(s)", True),
    "string_too_long": ("must have at most {max_length} characters", False),
    "too_long": ("holds at most {max_length}, and {actual_length} were given", False),
    "too_short": ("needs at least {min_length}, and {actual_length} were given", False),
    "missing": ("is missing", False),
    "extra_forbidden": ("is not a field Fern Ring knows", False),
    "literal_error": ("must be one of {expected}", True),
    "string_pattern_mismatch": ("is not written as expected", True),
    "json_invalid": ("is not valid JSON", False),
    "union_tag_invalid": ("must be one of {expected_tags}", True),
    "union_tag_not_found": ("must say of which kind it is", False),
    **dict.fromkeys(
        ("dict_type", "model_type", "model_attributes_type", "mapping_type"), ("must have named fields", True)
    ),
    **dict.fromkeys(("list_type", "tuple_type", "iterable_type"), ("must be a list", True)),
    "none_required": ("must be left empty", True),
    "float_parsing": ("must be a number", True),
    "int_parsing": ("must be a whole number", True),
    "int_parsing_size": ("is too large a number", False),
    "bool_parsing": ("must be true or false", True),
    "string_unicode": ("must be text of whole characters", False),
}
_OTHER = ("cannot be read here", True)


def field_path(location: Sequence[int | str]) -> str:
    """`rows.3.gap` from a Pydantic location."""
    return ".".join(str(part)[:LONGEST] for part in location)


def spoken_field(location: Sequence[int | str]) -> str:
    """The field as people say it: list places count from one. What is not ours may be long, and is cut."""
    words = [f"{part + 1}" if isinstance(part, int) else part[:LONGEST].replace("_", " ") for part in location]
    return printable(" ".join(words)) or "document"


def shown(value: Any) -> str:
    """The given value in a few plain words."""
    if value is None:
        return "nothing"
    if isinstance(value, bool):
        return "true" if value else "false"
    if isinstance(value, str):
        return f"“{printable(value[:LONGEST])}{'…' if len(value) > LONGEST else ''}”"
    if isinstance(value, list | tuple):
        return f"a list of {len(value)}"
    if isinstance(value, dict):
        return "named fields"
    return str(value)[:LONGEST]


def printable(text: str) -> str:
    """The text with a mark for every character that cannot be seen."""
    return "".join(char if char.isprintable() else "¤" for char in text)


def without_tags(location: Sequence[int | str], value: Any) -> list[int | str]:
    """The location in the document as people wrote it: the `kind` of a variant, or a document's format, is no step."""
    steps: list[int | str] = []
    for part in location:
        if isinstance(value, dict) and part not in value and part in (value.get("kind"), value.get("format")):
            continue
        steps.append(part)
        inside = isinstance(value, dict) and part in value
        inside = inside or (isinstance(value, list | tuple) and isinstance(part, int) and part < len(value))
        value = value[part] if inside else None
    return steps


def sentence(error: Any, document: Any = None) -> tuple[str, str]:
    """(field, sentence) for one entry of `ValidationError.errors()`; `document` is what was validated."""
    location = without_tags(error["loc"][1 if error["loc"][:1] == ("body",) else 0 :], document)
    if error["type"] == "value_error":
        text = str(error["ctx"]["error"])
        return field_path(location), text[:1].upper() + text[1:] + "."
    rule, show = _LIMITS.get(error["type"], _OTHER)  # our own words: nothing that was sent is ever taken for a rule
    text = f"{spoken_field(location).capitalize()} {rule.format(**_limits(error))}"
    return field_path(location), f"{text} (given: {shown(_given(error))})." if show else text + "."


def _limits(error: Any) -> dict[str, Any]:
    """The limits that a rule names; numbers without a trailing “.0”."""
    return {name: f"{one:g}" if isinstance(one, float) else one for name, one in error.get("ctx", {}).items()}


def _given(error: Any) -> Any:
    """What was sent: of a variant its kind, as it was and not as Python writes it."""
    named, value = error.get("ctx", {}).get("discriminator", "").strip("'"), error["input"]
    return value.get(named) if named and isinstance(value, dict) else value


def first_sentence(errors: Sequence[Any], document: Any = None) -> tuple[str, str]:
    """(field, sentence) for the first error, saying how many more there are."""
    field, text = sentence(errors[0], document)
    more = len(errors) - 1
    return field, text if not more else f"{text} ({more} more value{'s' if more > 1 else ''} out of bounds.)"
