"""When paint is dry: for touching, for a dot on top, for turning the piece over, for varnish.

t = t0 (h/h0)^p times a factor each for body, medium and what lies below, times 2^((20 - warmth)/10); h is the height of
the dot's cap. A sealed base and dry paint drink as little as a glaze. Some have a least, which neither warmth nor what
was reported shortens. The numbers stand in tables/drying.json: common practice, no source. What an artist reports,
three times at least, moves them by a factor for each body and medium (learned.py), between half and twice the usual.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from math import exp, log
from typing import Literal, NamedTuple

from ..document.blank import Blank
from ..document.shelf import HEIGHT, Body, Medium, Paint
from ..tables import table
from .learned import Learned, posterior

State = Literal["touch", "top", "turn", "varnish"]
STATES: tuple[State, ...] = ("touch", "top", "turn", "varnish")
Kind = tuple[Body, Medium]


class Report(NamedTuple):
    """What an artist found of one dot: minutes since it was painted, whether it was `dry`, and what was expected."""

    body: Body
    medium: Medium
    minutes: float
    expected: float
    dry: bool


@dataclass(frozen=True)
class Drying:
    """Drying times (minutes) on this surface, its base perhaps `sealed`, in a room of so many degrees Celsius."""

    material: str
    warmth: float
    learned: Mapping[Kind, Learned]
    sealed: bool = False

    def dot(self, diameter: float, paint: Paint, state: State, on_paint: bool = False) -> float:
        """Of a dot (mm), perhaps on another one: minutes after it was set."""
        facts = table("drying.json")
        # 1. The height of its cap, and the time of that height.
        height = HEIGHT[paint.body] * diameter
        thick = (height / facts["height"]) ** facts["power"]
        # 2. Paint, what lies below, the room, and what the artist has seen.
        below = facts["surface"][self.material]
        below = max(below, facts["surface"]["glazed tile"]) if self.sealed or on_paint else below
        slow = self._room * self.factor(paint)
        share = facts["states"][state]
        minutes = (
            facts["top_minutes"] * thick * facts["body"][paint.body] * facts["medium"][paint.medium] * below * slow
        )
        # 3. What it takes at least: by its thickness, its medium, its binder, and the state.
        least = max(
            facts["least_top"] * thick * share,
            facts["least_medium"].get(paint.medium, 0.0) * share * max(slow, 1.0),
            facts["least"].get(state, 0.0) * max(slow, 1.0),
            facts["least_binder"].get(paint.binder, {}).get(state, 0.0) * max(slow, 1.0),
            facts["least_turn"].get(paint.body, 0.0) * max(slow, 1.0) if state == "turn" else 0.0,
        )
        return float(max(minutes * share, least))

    def factor(self, paint: Paint) -> float:
        """How much longer than usual such paint was found to take."""
        seen = self.learned.get((paint.body, paint.medium))
        low, high = table("drying.json")["learned_between"]
        return float(min(max(exp(seen.mean), low), high)) if seen else 1.0

    def coat(self, state: State) -> float:
        """Of a thin coat of base or varnish: minutes after it was laid."""
        facts = table("drying.json")
        minutes = facts["coat"][state] * facts["surface"][self.material] * self._room
        return float(max(minutes, facts["least"].get(state, 0.0) * max(self._room, 1.0)))

    def cured(self, finish: str, use: str) -> float:
        """Of a last coat of this finish on a piece for this use: minutes until that may begin, no fewer in warmth."""
        return float(table("drying.json")["cures"][finish][use] * max(self._room, 1.0))

    def skins(self, paint: Paint) -> float:
        """Minutes in which a dot can still be swirled or pulled."""
        return float(table("drying.json")["skins"][paint.medium] * self._room)

    @property
    def _room(self) -> float:
        return float(2.0 ** ((20.0 - self.warmth) / 10.0))


def drying(blank: Blank, warmth: float, reports: Sequence[Report] = (), sealed: bool = False) -> Drying:
    kinds: dict[Kind, list[Report]] = {}
    for one in reports:
        kinds.setdefault((one.body, one.medium), []).append(one)
    few = table("drying.json")["reports"]
    known = {kind: learned(own) for kind, own in kinds.items() if len(own) >= few}
    return Drying(blank.material, warmth, known, sealed)


def learned(reports: Sequence[Report]) -> Learned:
    """What these reports of one paint say of its factor; paint that is still wet takes a little longer at least."""
    facts = table("drying.json")
    seen = [log(one.minutes * (1.0 if one.dry else facts["still_wet"]) / one.expected) for one in reports]
    return posterior(seen, facts["prior_sd"], facts["noise_sd"])
