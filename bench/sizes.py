"""Dots foretold: simulated studios drawn from the stated priors, and how often one new dot lies in the stated range."""

import numpy as np

from fernring.core.document.blank import MATERIALS
from fernring.core.document.kit import KINDS, Tool
from fernring.core.practice.measurement import Measurement
from fernring.core.practice.prediction import BODIES, LOADS, Hand, Wanted
from fernring.core.tables import table

from .timing import figure

STUDIOS, TOOLS, DOTS, NEW = 2_000, 8, 5, 6
FEW = (3, 8, 20)
SEED = 20_261_127


def run() -> bool:
    good = True
    for scale in (1.0, 0.5, 2.0):
        random = np.random.default_rng(SEED + int(10 * scale))
        held: dict[tuple[int, bool], list[tuple[bool, float, float]]] = {}
        for k in range(STUDIOS if scale == 1.0 else STUDIOS // 4):
            count = FEW[k % len(FEW)]
            for known, *rest in _studio(random, count, scale):
                held.setdefault((count, known), []).append(tuple(rest))  # type: ignore[arg-type]
        good &= _told(held, scale)
    return good


def _told(held: dict[tuple[int, bool], list[tuple[bool, float, float]]], scale: float) -> bool:
    """Coverage over all studios, measured and unmeasured combinations apart, and errors beside the simple way."""
    good = True
    for known, words in ((True, "measured"), (False, "unmeasured")):
        every = [one for (_, own), many in held.items() if own == known for one in many]
        share = 100 * float(np.mean([inside for inside, _, _ in every]))
        name = f"hands {scale:g} times as varied, {words}: within the range"
        if scale == 1.0:
            good &= figure(name, share, "%", 97, 93)
        else:
            print(f"    {name} {share:.1f} %")
    for count in FEW if scale == 1.0 else ():
        for known, least in ((True, 40), (False, {8: 25, 20: 40}.get(count))):
            ours, plain = (np.median([one[k] for one in held[count, known]]) for k in (1, 2))
            better = 100 * float(1 - ours / plain)
            words = (
                f"{count} combinations, {'measured' if known else 'unmeasured'}: error below tip times one factor by"
            )
            if least is None:
                print(f"    {words} {better:.0f} %")
            else:
                good &= figure(words, better, "%", least=least)
    return good


class _Studio:
    """A hand and a kit, drawn from the priors times a scale."""

    def __init__(self, random: np.random.Generator, scale: float) -> None:
        self.random, self.facts = random, table("dot_sizes.json")
        spread = self.facts["spread"]
        self.true = {
            (of, name): self.facts[of][name] + scale * spread[of] * random.standard_normal()
            for of in ("kind", "body", "surface", "load")
            for name in self.facts[of]
        }
        kinds = [KINDS[int(k)] for k in random.integers(0, len(KINDS), TOOLS)]
        tips = random.uniform(0.8, 8, TOOLS).round(2).tolist()
        self.tools = {
            f"t{k}": Tool(id=f"t{k}", name=f"T{k}", kind=kind, tip=tip, dots=(1.0,))  # type: ignore[arg-type]
            for k, (kind, tip) in enumerate(zip(kinds, tips, strict=True))
        }
        self.own = {ident: scale * spread["tool"] * random.standard_normal() for ident in self.tools}

    def combinations(self) -> list[Wanted]:
        """Every tool with two kinds of paint on two surfaces in every load, shuffled."""
        bodies = self.random.choice(BODIES, 2, replace=False)
        surfaces = self.random.choice(MATERIALS, 2, replace=False)
        every = [Wanted(tool, b, s, x) for tool in self.tools for b in bodies for s in surfaces for x in LOADS]
        return [every[k] for k in self.random.permutation(len(every))]

    def middle(self, wanted: Wanted) -> float:
        """What a combination makes in the middle (mm)."""
        tool, true = self.tools[wanted.tool], self.true
        mean = self.own[tool.id] + true["kind", tool.kind] + true["body", wanted.body]
        return float((tool.tip or 1) * np.exp(mean + true["surface", wanted.surface] + true["load", wanted.load]))

    def dots(self, wanted: Wanted, many: int) -> np.ndarray:
        return self.middle(wanted) * np.exp(self.facts["hand"] * self.random.standard_normal(many))

    def measured(self, one: Wanted, number: int) -> Measurement:
        diameters = tuple(np.clip(self.dots(one, DOTS), 0.2, 60).tolist())
        how = {"body": one.body, "surface": one.surface, "load": one.load}
        return Measurement(id=f"{number:032x}", tool=one.tool, diameters=diameters, day="2026-11-27", **how)  # type: ignore[arg-type]


def _studio(random: np.random.Generator, count: int, scale: float) -> list[tuple[bool, bool, float, float]]:
    """New dots of so many measured combinations and of others: whether it was measured, whether the dot lies in the
    range, and how far the prediction and tip times one factor are from its middle (logarithms)."""
    studio = _Studio(random, scale)
    every = studio.combinations()
    measured = [studio.measured(one, k) for k, one in enumerate(every[:count])]
    tips = {ident: tool.tip or 1 for ident, tool in studio.tools.items()}
    factor = float(np.median([d / tips[m.tool] for m in measured for d in m.diameters]))
    hand, found = Hand(list(studio.tools.values()), measured), []
    for known, wanteds in ((True, every[: min(NEW, count)]), (False, every[count : count + NEW])):
        for wanted in wanteds:
            told, truly, (dot,) = hand.predicted(wanted), studio.middle(wanted), studio.dots(wanted, 1)
            errors = abs(np.log(told.diameter / truly)), abs(np.log(tips[wanted.tool] * factor / truly))
            found.append((known, bool(told.low <= dot <= told.high), float(errors[0]), float(errors[1])))
    return found
