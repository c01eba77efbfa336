"""Rules by which hues go together: turns from one hue to the others, in degrees. Common practice, no source."""

from collections.abc import Mapping
from dataclasses import dataclass


@dataclass(frozen=True)
class Rule:
    """`turns` from the first hue, which is one of them; colours within `room` degrees of one count as it."""

    name: str
    about: str
    turns: tuple[float, ...]
    room: float = 18.0


RULES: Mapping[str, Rule] = {
    "near": Rule("Near hues", "Hues side by side: calm.", (0, 30, -30)),
    "opposite": Rule("Two opposite hues", "Two hues that make each other glow.", (0, 180)),
    "split": Rule("Split opposites", "A hue, and the two beside its opposite.", (0, 150, 210)),
    "three": Rule("Three hues", "Three hues, evenly round.", (0, 120, 240)),
    "four": Rule("Four hues", "Four hues, evenly round: lively.", (0, 90, 180, 270)),
    "one": Rule("One hue in values", "One hue, from pale to deep.", (0,), 12.0),
}
