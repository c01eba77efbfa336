"""A made-up hand at a practice sheet: where its dots come out, how wide, and what goes wrong."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ...core.practice.sheet import Block
from .noise import Seeded

LEAST = 0.8  # mm, below which a load is out


@dataclass(frozen=True)
class Hand:
    """`bias` (mm) is added to every place, `spread` (mm) the deviation along each axis, `size_bias` and `size_spread`
    shares of the diameter; a load's dots are each `ratio` of the one before; `missed` and `smudges` are shares."""

    bias: tuple[float, float]
    spread: float
    size_bias: float
    size_spread: float
    ratio: float
    missed: float
    smudges: float


@dataclass(frozen=True)
class Painted:
    """What is on the sheet (mm): of a swipe `tail` is where it ends. `block` and `target` say what it was meant for."""

    x: float
    y: float
    diameter: float
    block: int
    target: int
    tail: tuple[float, float] | None = None
    smudged: bool = False


def a_hand(seeded: Seeded) -> Hand:
    return Hand(
        bias=tuple(seeded.normal(0, 0.12, 2).tolist()),
        spread=float(seeded.uniform(0.12, 0.35)),
        size_bias=float(seeded.normal(0, 0.06)),
        size_spread=float(seeded.uniform(0.02, 0.07)),
        ratio=float(seeded.uniform(0.86, 0.96)),
        missed=0.02,
        smudges=0.015,
    )


def painted(blocks: Sequence[Block], hand: Hand, seeded: Seeded) -> list[Painted]:
    """What this hand makes of the targets; a dot that would run into one that is there is set further off."""
    found: list[Painted] = []
    for number, block in enumerate(blocks):
        for target, (x, y) in enumerate(block.places):
            if seeded.random() < hand.missed:
                continue
            diameter = block.dot * (1 + hand.size_bias) * float(np.exp(seeded.normal(0, hand.size_spread)))
            if block.technique == "walk":
                diameter *= hand.ratio**target
            if diameter < LEAST:
                continue
            at = np.array([x, y]) + hand.bias + seeded.normal(0, hand.spread, 2)
            tail = None
            if block.technique == "swipe":
                long = np.array(block.ends[target]) - (x, y)
                end = at + long * float(seeded.normal(0.95, 0.06)) + seeded.normal(0, 0.4, 2)
                tail = (float(end[0]), float(end[1]))
            smudged = tail is None and bool(seeded.random() < hand.smudges)
            one = Painted(float(at[0]), float(at[1]), diameter, number, target, tail, smudged)
            if not any(_touch(one, other) for other in found if other.block == number):
                found.append(one)
    return found


def _touch(one: Painted, other: Painted) -> bool:
    return float(np.hypot(one.x - other.x, one.y - other.y)) < (one.diameter + other.diameter) / 2 + 0.3
