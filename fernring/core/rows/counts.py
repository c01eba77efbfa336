"""How often a pattern repeats, and which counts keep the piece's symmetry."""

from ..document.count import Absolute, Count, PerSegment

MOST_REPEATS = 2000


def repeats(count: Count, segments: int) -> int:
    """Repeats of the pattern; a per-segment rule that comes out uneven is rounded to the nearest, at least one."""
    if isinstance(count, Absolute):
        return count.repeats
    return max(1, round(count.repeats * segments / count.segments))


def keeps_symmetry(n: int, segments: int) -> bool:
    """Repeats must be a multiple of the segments or divide them."""
    return n % segments == 0 or segments % n == 0


def allowed(segments: int, most: int) -> list[int]:
    """Counts up to `most` that keep the symmetry, smallest first: divisors, then multiples."""
    divisors = [n for n in range(1, min(segments, most + 1)) if segments % n == 0]
    return divisors + list(range(segments, min(most, MOST_REPEATS) + 1, segments))


def as_count(n: int, segments: int) -> Count:
    """The rule that writes n repeats per segment where it can, and as an absolute number where not."""
    if n % segments == 0 and n // segments <= 100:
        return PerSegment(repeats=n // segments)
    if segments % n == 0:
        return PerSegment(repeats=1, segments=segments // n)
    return Absolute(repeats=n)
