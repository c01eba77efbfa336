"""Small numbers in words."""

NUMBERS = ("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve")


def counted(value: int) -> str:
    """ "three", "14"."""
    return NUMBERS[value] if value < len(NUMBERS) else str(value)


def article(word: str) -> str:
    """ "an oval", "a leaf"."""
    return f"an {word}" if word[0] in "aeiou" else f"a {word}"
