"""Top dots: smaller dots on dry ones, one to four high, centred or shifted all the same way."""

from ...document.trim import TopTrim
from ..grown import Finding
from .host import Disc, Host

WAYS = {"centred": (0.0, 0.0), "inward": (0.0, -1.0), "outward": (0.0, 1.0), "left": (-1.0, 0.0), "right": (1.0, 0.0)}


def stack(trim: TopTrim, number: int, host: Host) -> tuple[list[Disc], list[Finding]]:
    """Discs from the lowest up, in the host's frame; each is shifted within the one below. Too large ones are named."""
    found: list[Disc] = []
    findings: list[Finding] = []
    u, v, below = 0.0, 0.0, host.radius
    right, out = WAYS[trim.towards]
    for size in trim.sizes:
        radius = size.share * below if size.share else size.diameter / 2
        if radius >= below - 1e-9:
            findings.append(Finding("top", number, (2 * radius, 2 * below)))
        room = max(below - radius, 0.0) * trim.shift
        u, v = u + right * room, v + out * room
        found.append((u, v, radius))
        below = radius
    return found, findings


def slot(trim: TopTrim, height: int, turn: int) -> int:
    """Which shade a dot at this height takes. With turns the odd heights take turns round the row and the last shade
    lies between them: A, base, B ..., then B, base, C ..."""
    n = len(trim.shades)
    if not trim.turns or n < 3:
        return height % n
    return n - 1 if height % 2 else (turn + height // 2) % (n - 1)
