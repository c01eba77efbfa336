"""Hugging swipes: a dot beside a dot's or petal's shoulder, pulled round it at the gap, on one side or on both.

The spine is the locus of a disc, thinning from head to tip, that keeps exactly the gap to the host's whole body.
"""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from math import atan2, inf, radians
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...budget import spend
from ...document.facts import Fact, chosen, named
from ...document.numbers import FIRST, Frozen, Gap
from ...document.shelf import Shade
from ...dots.table import Array
from ...geometry.crossing import crossing
from ...geometry.swept import envelope
from ...words.lengths import mm
from ..taper import taper
from .grown import Finding
from .kind import Extent, Path, Size, Smaller, TrimKind, TrimRule, brief_size, spoken_size
from .swipe import ToContact, ToLength

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Host

SAMPLES = 60
EDGE = 240  # points along an edge
ROUND = 5.0  # heads' radii: notches that such a disc does not enter are bridged
FURTHEST = radians(178)  # round a side
LEAST_TURN = radians(4)
LEAST_HEADS = 0.75  # a shorter one is none


class ToAngle(Frozen):
    """So far round the host, from its outward side."""

    kind: Literal["angle"] = "angle"
    degrees: Annotated[float, Field(strict=True, ge=5, le=178), named("Round to", "degrees", wide=92)]


End = Annotated[ToAngle | ToLength | ToContact, Field(discriminator="kind")]


class HugTrim(TrimRule):
    """A dot of `size` beside the host's shoulder, where its body is widest across, pulled round it towards its foot, or
    outward round its tip."""

    kind: Literal["hug"] = "hug"
    size: Annotated[Size, named("Head", "size")]
    sides: Annotated[
        Literal["both", "left", "right"],
        chosen("Sides", both="both sides", left="left side only", right="right side only"),
        Fact(wide=118),
    ] = "both"
    towards: Annotated[
        Literal["inward", "outward"], chosen("Pulled", inward="to the foot", outward="to the tip"), Fact(wide=104)
    ] = "inward"
    to: Annotated[
        End,
        Fact(
            "Pulled to",
            "variant",
            {"angle": "so far round", "length": "a length", "contact": "first contact"},
            wide=116,
        ),
    ] = ToContact()
    form: Annotated[
        Literal["teardrop", "straight"], chosen("Form", teardrop="teardrop", straight="long and thin"), Fact(wide=124)
    ] = "teardrop"
    gap: Annotated[Gap, named("Gap", wide=82)] = 0.2
    shades: Annotated[
        tuple[Shade, ...], FIRST, Field(max_length=24), named("Shades", "shades", none="in the dot's own shade")
    ] = ()


@dataclass(frozen=True, eq=False)
class Hugged:
    """The body that is hugged, discs (n, 3) in the host's frame, all on its right; and what else lies around it."""

    body: Array
    others: Array

    def shoulder(self) -> float:
        """The angle from outward at which the body is widest across (rad)."""
        u, v, r = self.body.T
        k = int(np.argmax(u + r))
        return atan2(float(u[k] + r[k]), float(v[k]))

    def spine(self, trim: HugTrim, radius: float, begin: float, end: float) -> tuple[Array, Array]:
        """Centres (m, 2) and radii (m,) between two angles: at each angle the furthest out of all contacts.

        A disc of radius g at distance d along the direction e touches a disc c of radius r at the gap where
        |d e - c| = r + g + gap.
        """
        t = np.linspace(0.0, 1.0, SAMPLES + 1)
        girth, angle = radius * taper(trim.form == "straight", t), begin + (end - begin) * t
        far, _, way = contacts(angle, self.body, girth + trim.gap)
        return far[:, None] * way, girth

    def clear(self, centres: Array, girth: Array) -> float:
        """Clear distance to everything else (mm)."""
        spend(8 * len(girth) * len(self.others))
        apart = np.linalg.norm(centres[:, None] - self.others[None, :, :2], axis=2) - girth[:, None]
        return float((apart - self.others[:, 2]).min(initial=inf))


def contacts(angle: Array, body: Array, more: Array | float) -> tuple[Array, Array, Array]:
    """On each direction the furthest and the nearest place so far from a disc's edge, and the directions (m, 2);
    infinite where none is."""
    way = np.stack((np.sin(angle), np.cos(angle)), axis=1)
    spend(12 * len(angle) * len(body))
    along = way @ body[:, :2].T
    aside2 = (body[:, :2] ** 2).sum(axis=1) - along**2
    half2 = (body[:, 2] + np.reshape(more, (-1, 1))) ** 2 - aside2
    half = np.sqrt(np.maximum(half2, 0.0))
    return (
        np.where(half2 >= 0, along + half, -inf).max(axis=1),
        np.where(half2 >= 0, along - half, inf).min(axis=1),
        way,
    )


def rounded(body: Array, radius: float) -> Array:
    """The body with points along its edge where a disc of this radius, rolled round it, does not reach: its notches are
    bridged (morphological closing), so that a gap kept to it is no smaller than asked anywhere.
    """
    if len(body) == 1:
        return body
    angle = np.linspace(-0.1, np.pi + 0.1, EDGE)
    far, _, way = contacts(angle, body, radius)
    rolled = np.column_stack((far[:, None] * way, np.zeros(EDGE)))
    _, near, _ = contacts(angle, rolled, radius)
    edge = np.isfinite(near) & (near > 0)
    return np.concatenate((body, np.column_stack((near[edge, None] * way[edge], np.zeros(int(edge.sum()))))))


def grow(trim: HugTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """One swipe on each side, the right one first; nothing sits on them."""
    radius = trim.size.radius_on(host.radius)
    standing = growth.standing_on(host)
    body = np.array([(0.0, 0.0, host.radius), *standing])
    others = np.array(growth.around.near(host, _furthest(body) + 2 * radius + trim.gap)).reshape(-1, 3)
    pulled, lost = [], 0
    for slot, side in enumerate({"both": (1.0, -1.0), "right": (1.0,), "left": (-1.0,)}[trim.sides]):
        mirror = np.array([side, 1.0, 1.0])
        found = _pulled(trim, radius, Hugged(rounded(body * mirror, ROUND * radius), others * mirror))
        if found is None:
            lost += 1
            continue
        centres, girth = found[0] * mirror[:2], found[1]
        growth.mark(number, host, centres, girth, envelope(centres, girth), slot)
        pulled.append((centres, girth))
    for centres, girth in pulled:
        standing.extend(zip(*centres.T.tolist(), girth.tolist(), strict=True))
    if lost:
        growth.findings.append(Finding("no place", number, (float(lost),)))
    return []


def _pulled(trim: HugTrim, radius: float, hugged: Hugged) -> tuple[Array, Array] | None:
    """The longest that the rule and the gap to other things allow; None if that is none."""
    begin = hugged.shoulder()
    last = FURTHEST if trim.towards == "inward" else 0.0

    def short(turn: float) -> float:
        """By how much the gap is missed: to what lies around, and half of it to the axis, where the other side's is."""
        centres, girth = hugged.spine(trim, radius, begin, _towards(begin, last, turn))
        missed = trim.gap - hugged.clear(centres, girth)
        return max(missed, trim.gap / 2 - float((centres[:, 0] - girth).min())) if trim.sides == "both" else missed

    most = abs(last - begin)
    if isinstance(trim.to, ToAngle):
        most = min(most, abs(radians(trim.to.degrees) - begin))
    if isinstance(trim.to, ToLength):
        length = trim.to.mm
        most = crossing(lambda turn: _long(trim, radius, hugged, begin, last, turn) - length, 0.0, most, 1e-6)
    if most < LEAST_TURN or short(LEAST_TURN) > 1e-9:
        return None
    turn = crossing(lambda turn: short(turn) - 1e-9, LEAST_TURN, most, 1e-6)
    found = hugged.spine(trim, radius, begin, _towards(begin, last, turn))
    return found if _length(found[0]) >= LEAST_HEADS * 2 * radius else None


def _towards(begin: float, last: float, turn: float) -> float:
    return begin + turn if last >= begin else begin - turn


def _long(trim: HugTrim, radius: float, hugged: Hugged, begin: float, last: float, turn: float) -> float:
    return _length(hugged.spine(trim, radius, begin, _towards(begin, last, turn))[0])


def _length(centres: Array) -> float:
    return float(np.linalg.norm(np.diff(centres, axis=0), axis=1).sum())


def _furthest(body: Array) -> float:
    """How far the body reaches from the host's middle (mm)."""
    return float((np.hypot(body[:, 0], body[:, 1]) + body[:, 2]).max())


def _extent(_: HugTrim, __: float, ___: Extent) -> float:
    return inf


def _sides(trim: HugTrim) -> str:
    return {"both": "both sides", "left": "left side", "right": "right side"}[trim.sides]


def _end(trim: HugTrim) -> str:
    if isinstance(trim.to, ToAngle):
        return f"{trim.to.degrees:g}° round"
    return f"{mm(trim.to.mm)} long" if isinstance(trim.to, ToLength) else "to contact"


def _brief(trim: HugTrim) -> str:
    return f"hugging swipe {brief_size(trim.size)}, {_sides(trim)}, {_end(trim)}"


def _sentence(trim: HugTrim, tools: Mapping[str, str], host: str) -> str:
    where = "its foot" if trim.towards == "inward" else "its tip"
    return (
        f"Beside the shoulder of {host} set a dot of {spoken_size(trim.size, tools)} and pull it while wet round to "
        f"{where}, {mm(trim.gap)} clear of it: {_sides(trim)}, {_end(trim)}."
    )


def _begin(host: float, nearest: Callable[[float], dict[str, Any]], shades: Sequence[Shade]) -> dict[str, Any]:
    return {"kind": "hug", "size": nearest(0.4 * host), "shades": list(shades[:1])}


def _smaller(_: HugTrim, __: float) -> list[list[Smaller]]:
    return [[Smaller("Pull to first contact", {"to": {"kind": "contact"}})]]


def _ends(_: HugTrim, __: Mapping[str, float]) -> list[tuple[str, Path, Any]]:
    """At first contact, at round angles and lengths."""
    ends: list[tuple[str, dict[str, Any]]] = [("to first contact", {"kind": "contact"})]
    ends += [(f"{turn}° round", {"kind": "angle", "degrees": float(turn)}) for turn in (120, 140, 160)]
    ends += [(f"{mm(long)} long", {"kind": "length", "mm": float(long)}) for long in (4, 6, 8, 10, 15)]
    return [(words, ("to",), end) for words, end in ends]


HUG = TrimKind(
    model=HugTrim,
    name="hugging swipe",
    add="Add a hugging swipe",
    grow=grow,
    extent=_extent,
    brief=_brief,
    sentence=_sentence,
    begin=_begin,
    turns=lambda _: "the right side first",
    sizes=lambda trim: [(("size",), trim.size)],
    gap=lambda trim: trim.gap,
    smaller=_smaller,
    ends=_ends,
    swept=True,
)
