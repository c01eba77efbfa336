"""Plain sentences for values that break a model's bounds: what, the limit, what was given."""

from collections.abc import Sequence
from typing import Any

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
}


def field_path(location: Sequence[int | str]) -> str:
    """`rows.3.gap` from a Pydantic location."""
    return ".".join(str(part) for part in location)


def spoken_field(location: Sequence[int | str]) -> str:
    """The field as people say it: list places count from one."""
    words = [f"{part + 1}" if isinstance(part, int) else str(part).replace("_", " ") for part in location]
    return " ".join(words) or "document"


def shown(value: Any) -> str:
    """The given value, short enough for a sentence."""
    text = repr(value)
    return text if len(text) <= 40 else text[:37] + "..."


def without_tags(location: Sequence[int | str], value: Any) -> list[int | str]:
    """The location in the document as people wrote it: the `kind` of a variant is no step on the way."""
    steps: list[int | str] = []
    for part in location:
        if isinstance(value, dict) and part not in value and value.get("kind") == part:
            continue
        steps.append(part)
        inside = isinstance(value, dict) and part in value
        inside = inside or (isinstance(value, list | tuple) and isinstance(part, int) and part < len(value))
        value = value[part] if inside else None
    return steps


def sentence(error: Any, document: Any = None) -> tuple[str, str]:
    """(field, sentence) for one entry of `ValidationError.errors()`; `document` is what was validated."""
    location = without_tags([part for part in error["loc"] if part != "body"], document)
    if error["type"] == "value_error":
        text = str(error["ctx"]["error"])
        return field_path(location), text[:1].upper() + text[1:] + "."
    rule, show = _LIMITS.get(error["type"], (error["msg"][:1].lower() + error["msg"][1:], False))
    text = f"{spoken_field(location).capitalize()} {rule.format(**error.get('ctx', {}))}"
    return field_path(location), f"{text} (given: {shown(error['input'])})." if show else text + "."


def first_sentence(errors: Sequence[Any], document: Any = None) -> tuple[str, str]:
    """(field, sentence) for the first error, saying how many more there are."""
    field, text = sentence(errors[0], document)
    more = len(errors) - 1
    return field, text if not more else f"{text} ({more} more value{'s' if more > 1 else ''} out of bounds.)"
