"""Swipes: a dot pulled to a tail. A spine of shrinking discs, and the line that envelops them."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from math import cos, inf, pi, radians, sin
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...budget import spend
from ...document.facts import Fact, named
from ...document.numbers import FIRST, Frozen, Gap, Walk
from ...document.shelf import Shade
from ...dots.table import Array
from ...geometry.crossing import crossing
from ...geometry.swept import envelope
from ...words.lengths import mm
from ..taper import taper
from .grown import Finding
from .kind import Extent, Path, Smaller, TrimKind, TrimRule

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Around, Host


class ToLength(Frozen):
    kind: Literal["length"] = "length"
    mm: Annotated[float, Field(strict=True, ge=0.5, le=300), named("Swipe length", "length", wide=82)]


class ToCircle(Frozen):
    """To the walk distance of a circle."""

    kind: Literal["circle"] = "circle"
    walk: Annotated[Walk, named("To the circle at", wide=92)]


class ToContact(Frozen):
    """Until it first touches what is there, less the gap."""

    kind: Literal["contact"] = "contact"


End = Annotated[ToLength | ToCircle | ToContact, Field(discriminator="kind")]


class SwipeTrim(TrimRule):
    """The dot pulled to a tail: straight and thin, a teardrop with rounded shoulders, or a comma bent to one side.

    `angle` turns the pull clockwise from its direction. A family of `family` swipes lies side by side, each next
    shorter by `shorter` and turned by `lean` more, alternately right and left: pulled outward the tails spread, pulled
    inward they run together.
    """

    kind: Literal["swipe"] = "swipe"
    form: Annotated[
        Literal["teardrop", "straight", "comma left", "comma right"],
        Fact(
            "Form", "choice", {name: name for name in ("teardrop", "straight", "comma left", "comma right")}, wide=116
        ),
    ] = "teardrop"
    direction: Annotated[
        Literal["outward", "inward"],
        Fact("Pulled", "choice", {"outward": "outward", "inward": "inward"}, wide=92),
    ] = "outward"
    to: Annotated[
        End,
        Fact(
            "Pulled to",
            "variant",
            {"length": "a length", "circle": "a circle", "contact": "first contact"},
            wide=112,
        ),
    ] = ToLength(mm=8.0)
    angle: Annotated[float, Field(strict=True, ge=-180, le=180), named("Turned", "degrees", wide=78)] = 0.0
    bend: Annotated[
        float,
        Field(strict=True, ge=0, le=120),
        named("Bend", "degrees", when={"form": ["comma left", "comma right"]}, wide=78),
    ] = 50.0
    family: Annotated[int, Field(strict=True, ge=1, le=9), named("Side by side", "count", wide=82)] = 1
    shorter: Annotated[
        float,
        Field(strict=True, ge=0, le=0.9),
        named("Each shorter by", "share", when={"family": 2}, wide=88),
    ] = 0.2
    lean: Annotated[
        float, Field(strict=True, ge=0, le=60), named("Each leans", "degrees", when={"family": 2}, wide=88)
    ] = 18.0
    gap: Annotated[Gap, named("Gap", wide=82)] = 0.2
    shades: Annotated[
        tuple[Shade, ...], FIRST, Field(max_length=24), named("Shades", "shades", none="in the dot's own shade")
    ] = ()


SAMPLES = 40
LEAST_LENGTH = 0.5


def spine(trim: SwipeTrim, radius: float, length: float, lean_rad: float, side: float) -> tuple[Array, Array]:
    """Centres (m, 2) in the host's frame and radii (m,), from the head to the tip.

    A teardrop's radius falls in a straight line, so that its sides are the tangents of the head. A straight swipe
    thins at once and runs out in a long tail. A comma's spine is an arc.
    """
    t = np.linspace(0, 1, SAMPLES + 1)
    girth = radius * taper(trim.form == "straight", t)
    way = (pi if trim.direction == "inward" else 0.0) + radians(trim.angle) + lean_rad
    bend = {"comma left": -1.0, "comma right": 1.0}.get(trim.form, 0.0) * radians(trim.bend) * side
    if abs(bend) < 1e-9:
        u, v = length * t * sin(way), length * t * cos(way)
    else:
        turn, curvature_radius = way + bend * t, length / bend
        u, v = curvature_radius * (cos(way) - np.cos(turn)), curvature_radius * (np.sin(turn) - sin(way))
    return np.stack((u, v), axis=1), girth


@dataclass(frozen=True)
class Pull:
    """One swipe of a family: its length, how far it is turned, on which side, how far its head lies to the right."""

    length: float
    lean_rad: float
    side: float
    aside: float


def family(trim: SwipeTrim, host: "Host", around: "Around") -> list[Pull]:
    """The middle swipe first, then right and left in turn, their heads side by side with the gap between."""
    whole = _length(trim, host, around)
    found = [Pull(whole, 0.0, 1.0, 0.0)]
    for k in range(1, trim.family):
        step, side = (k + 1) // 2, 1.0 if k % 2 else -1.0
        aside = side * step * (2 * host.radius + trim.gap)
        found.append(Pull(whole * (1 - trim.shorter) ** step, side * radians(trim.lean) * step, side, aside))
    return found


def _length(trim: SwipeTrim, host: "Host", around: "Around") -> float:
    """From the middle of the head to the tip (mm)."""
    if isinstance(trim.to, ToLength):
        return trim.to.mm
    if isinstance(trim.to, ToCircle):
        way = radians(trim.angle) + (pi if trim.direction == "inward" else 0.0)
        to = (trim.to.walk - host.walk) / max(abs(cos(way)), 0.2) * (1 if cos(way) >= 0 else -1)
        return max(to, LEAST_LENGTH)
    return _to_contact(trim, host, around)


def _to_contact(trim: SwipeTrim, host: "Host", around: "Around") -> float:
    """The longest tail that keeps the gap to what lies in its way, flanks and tip alike; at most eight heads long."""
    most = 16 * host.radius
    discs = np.array(around.near(host, most)).reshape(-1, 3)

    def short(length: float) -> float:
        """By how much the gap is missed (mm); what the head itself comes too close to is not the tail's fault."""
        spend(5000 + 8 * SAMPLES * len(discs))
        centres, girth = spine(trim, host.radius, length, 0.0, 1.0)
        apart = np.linalg.norm(centres[:, None] - discs[None, :, :2], axis=2) - girth[:, None] - discs[:, 2]
        return trim.gap - float(apart[:, apart[0] >= trim.gap].min(initial=np.inf))

    return max(crossing(short, LEAST_LENGTH, most, 1e-6), LEAST_LENGTH)


def grow(trim: SwipeTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """The family of swipes from one host, those left out that would run over what stands on it already; nothing sits on
    a swipe.
    """
    there, lost = np.array(growth.standing_on(host)).reshape(-1, 3), 0
    pulled = []
    for k, pull in enumerate(family(trim, host, growth.around)):
        centres, girth = spine(trim, host.radius, pull.length, pull.lean_rad, pull.side)
        centres = centres + np.array([pull.aside, 0.0])
        if not _has_place(centres, girth, there, trim.gap):
            lost += 1
            continue
        growth.mark(number, host, centres, girth, envelope(centres, girth), k)
        pulled.append((centres, girth))
    for centres, girth in pulled:  # the members of a family do not stand in each other's way
        growth.standing_on(host).extend(zip(*centres.T.tolist(), girth.tolist(), strict=True))
    if lost:
        growth.findings.append(Finding("no place", number, (float(lost),)))
    return []


def _has_place(centres: Array, girth: Array, there: Array, gap: float) -> bool:
    """Whether the body keeps its gap to these discs, shape (n, 3)."""
    spend(8 * SAMPLES * len(there))
    apart = np.linalg.norm(centres[:, None] - there[None, :, :2], axis=2) - girth[:, None] - there[:, 2]
    return bool((apart >= gap - 1e-6).all())


def _extent(_: SwipeTrim, __: float, ___: Extent) -> float:
    return inf


def _brief(trim: SwipeTrim) -> str:
    several = f"{trim.family} swipes" if trim.family > 1 else "swipe"
    return f"{several}, {trim.form}, {trim.direction}, {_end(trim)}"


def _sentence(trim: SwipeTrim, _: Mapping[str, str], host: str) -> str:
    form = {"straight": "straight and thin", "teardrop": "a teardrop"}.get(trim.form, f"a {trim.form}")
    several = f" Lay {trim.family} side by side, each next one shorter and leaning more." if trim.family > 1 else ""
    end = "until it nearly touches" if isinstance(trim.to, ToContact) else _end(trim)
    return f"While wet, pull {host} {trim.direction} to a tail: {form}, {end}.{several}"


def _end(trim: SwipeTrim) -> str:
    if isinstance(trim.to, ToLength):
        return f"{mm(trim.to.mm)} long"
    return "to contact" if isinstance(trim.to, ToContact) else f"to {mm(trim.to.walk)} from the centre"


def _begin(host: float, _: Callable[[float], dict[str, Any]], __: Sequence[Shade]) -> dict[str, Any]:
    return {"kind": "swipe", "to": {"kind": "length", "mm": max(round(2.5 * host, 1), LEAST_LENGTH)}}


def _smaller(trim: SwipeTrim, short: float) -> list[list[Smaller]]:
    """Pulled less far: how deep an overlap is says little of how long it is. Or until it touches."""
    less = [trim.to.mm - times * short - 0.1 for times in (1, 2, 4, 8)] if isinstance(trim.to, ToLength) else []
    lengths = [round(long, 2) for long in less if long >= LEAST_LENGTH]
    ways = [[Smaller(f"Pull to {mm(long)}", {"to": {"kind": "length", "mm": long}}) for long in lengths]]
    if not isinstance(trim.to, ToContact):
        ways.append([Smaller("Pull to first contact", {"to": {"kind": "contact"}})])
    return ways


def _ends(trim: SwipeTrim, circles: Mapping[str, float]) -> list[tuple[str, Path, Any]]:
    """At first contact, on each guide circle, at round lengths."""
    ends: list[tuple[str, dict[str, Any]]] = [("to first contact", {"kind": "contact"})]
    ends += [(f"to the circle at {mm(walk)}", {"kind": "circle", "walk": walk}) for walk in circles.values()]
    ends += [(f"{mm(long)} long", {"kind": "length", "mm": float(long)}) for long in (4, 6, 8, 10, 12, 16, 20, 25)]
    return [(words, ("to",), end) for words, end in ends]


SWIPE = TrimKind(
    model=SwipeTrim,
    name="swipe",
    add="Add a swipe",
    grow=grow,
    extent=_extent,
    brief=_brief,
    sentence=_sentence,
    begin=_begin,
    turns=lambda _: "from below upward",
    gap=lambda trim: trim.gap,
    smaller=_smaller,
    ends=_ends,
    swept=True,
)
