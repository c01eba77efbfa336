"""Small numbers and lists in words."""

from collections.abc import Sequence

NUMBERS = ("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve")


def counted(value: int) -> str:
    """ "three", "14"."""
    return NUMBERS[value] if value < len(NUMBERS) else str(value)


def listed(parts: Sequence[str]) -> str:
    """ "a", "a and b", "a, b and c"."""
    return " and ".join(filter(None, (", ".join(parts[:-1]), *parts[-1:])))


def article(word: str) -> str:
    """ "an oval", "a leaf"."""
    return f"an {word}" if word[0] in "aeiou" else f"a {word}"
