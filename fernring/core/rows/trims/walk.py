"""Walked petals: layers of dots around a dot, down one side and then the other."""

from itertools import islice

from ...document.kit import Load
from ...document.trim import WalkTrim
from ..grown import Finding
from .host import Around, Disc, Host
from .roll import down_one_side, mirrored, on_axis, sizes, upside_down

MOST_A_SIDE = 60
LEAST_RADIUS = 0.1


class Petal:
    """What a walk leaves: dots in the host's frame, each with its layer and its share of the way to the foot."""

    def __init__(self) -> None:
        self.dots: list[Disc] = []
        self.layer: list[int] = []
        self.along: list[float] = []
        self.findings: list[Finding] = []

    def add(self, dots: list[Disc], layer: int, along: list[float]) -> None:
        self.dots += dots
        self.layer += [layer] * len(dots)
        self.along += along


def walked(trim: WalkTrim, number: int, host: Host, around: Around) -> Petal:
    """Layer upon layer around the host; each layer sees the host and all earlier ones."""
    radius = walk_radius(trim, host.radius)
    load = around.loads.get(trim.size.tool or "", Load())
    petal = Petal()
    within = host.radius + (2 * radius + trim.gap) * (2 * trim.layers + trim.lead + 1)
    foreign = around.near(host, within)
    discs: list[Disc] = [(0.0, 0.0, host.radius)]
    for _ in range(trim.lead):
        lead = (0.0, on_axis(discs, radius, trim.gap), radius)
        petal.add([lead], 0, [0.0])
        discs.append(lead)
    for layer in range(trim.layers):
        _layer(trim, number, layer, radius, load, discs, foreign, petal)
    return petal


def walk_radius(trim: WalkTrim, host: float) -> float:
    """Radius of the walked dots round a host dot of this radius (mm)."""
    return max((trim.size.share * host) if trim.size.share else trim.size.diameter / 2, LEAST_RADIUS)


def _layer(
    trim: WalkTrim,
    number: int,
    layer: int,
    radius: float,
    load: Load,
    discs: list[Disc],
    foreign: list[Disc],
    petal: Petal,
) -> None:
    """One walk around: the dot on the axis, one side, and the other with a fresh load."""
    flip = trim.begin == "foot"
    seen, others = (upside_down(discs), upside_down(foreign)) if flip else (discs, foreign)
    first = (0.0, on_axis(seen, radius, trim.gap), radius)
    ratio, dots = (load.ratio, load.dots) if trim.load == "one" else (1.0, None)
    most = MOST_A_SIDE if trim.count is None else trim.count
    sides = {"both": ("right", "left"), "right": ("right",), "left": ("left",)}[trim.sides]
    lines, ends = {}, {}
    for side in sides:
        own, away = (seen, others) if side == "right" else (mirrored(seen), mirrored(others))
        radii = islice(sizes(radius, ratio, dots), 1, None)
        line, ends[side] = down_one_side(own, first, radii, trim.gap, away, most)
        if ends[side] == "load":
            endless = islice(sizes(radius, ratio, None), 1, None)
            need = len(down_one_side(own, first, endless, trim.gap, away, most)[0]) + 1
            if need > len(line) + 1:
                petal.findings.append(Finding("load", number, (need, len(line) + 1)))
        lines[side] = line if side == "right" else mirrored(line)
    _even(trim, number, lines, petal)
    layered = [first, *lines.get("right", []), *lines.get("left", [])]
    along = [0.0, *(_share(line, k) for line in lines.values() for k in range(1, len(line) + 1))]
    if flip:
        layered = upside_down(layered)
    petal.add(layered, layer, along)
    discs += layered


def _even(trim: WalkTrim, number: int, lines: dict[str, list[Disc]], petal: Petal) -> None:
    """The same number on both sides when that is asked for; else a word about it."""
    counts = {side: len(line) for side, line in lines.items()}
    if len(counts) < 2 or len(set(counts.values())) == 1:
        return
    if trim.equal:
        least = min(counts.values())
        for side in lines:
            lines[side] = lines[side][:least]
    else:
        petal.findings.append(Finding("uneven", number, tuple(float(n) for n in counts.values())))


def _share(line: list[Disc], k: int) -> float:
    return k / len(line)
