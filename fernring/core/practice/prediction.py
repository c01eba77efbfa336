"""The dot a tool will make, with a range that is honest for one new dot.

log(dot / tip) = kind + body + surface + load + this tool + error; without a tip log(dot) with a wide prior. A Gaussian
linear model with stated priors, solved in closed form. How wide the priors should be is told by the measurements as
well: five widths are weighed by the probability that each gives to what was measured, and the range is that of their
mixture. A measured dot that no hand could have made like the others counts less the further it lies off. Sources:
Bayesian linear regression, its predictive distribution and marginal likelihood (textbook); weights falling with the
square beyond a threshold, found by solving again and again (Huber and Ronchetti, Robust Statistics).
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from math import erf, exp, log, sqrt
from typing import Any

import numpy as np

from ..document.blank import MATERIALS, Material
from ..document.kit import KINDS, Loaded, Tool
from ..document.shelf import Body
from ..dots.table import Array
from ..errors import FitError
from ..tables import table
from .measurement import Measurement

BODIES: tuple[Body, ...] = ("fluid", "medium", "heavy")
LOADS: tuple[Loaded, ...] = ("light", "usual", "full")
WIDTHS = (0.35, 0.5, 0.71, 1.0, 1.41, 2.0, 2.83)  # of the priors, all as likely before anything was measured
RANGE = 0.95
MOST_DOTS = 4_000
FITS = 3.5  # deviations of one dot from what its combination makes, beyond which it counts less
ROUNDS = 12


@dataclass(frozen=True)
class Wanted:
    """A tool of the kit with a paint on a surface, so loaded."""

    tool: str
    body: Body = "medium"
    surface: Material = "cast stone"
    load: Loaded = "usual"


@dataclass(frozen=True)
class Prediction:
    """The diameter to be expected (the median, mm), between which one new dot in 20 misses, how many dots of this tool
    it rests on, and how many of just this combination. `offered` is False without a tip and without a measurement.
    `doubted` are measured dots of this tool (mm) that do not fit the others: they are kept and count little.
    """

    diameter: float
    low: float
    high: float
    of_tool: int
    of_all: int
    offered: bool
    doubted: tuple[float, ...] = ()


class Hand:
    """What the measurements of a kit tell; those of tools that it has no more still tell of paint and load."""

    def __init__(self, tools: Sequence[Tool], measured: Sequence[Measurement]) -> None:
        self.tools = {tool.id: tool for tool in tools}
        self.facts: dict[str, Any] = table("dot_sizes.json")
        names = dict.fromkeys((*self.tools, *(one.tool for one in measured)))
        self.place = {name: k for k, name in enumerate(_columns(names))}
        lines = [(one, diameter) for one in measured for diameter in one.diameters]
        if len(lines) > MOST_DOTS:
            raise FitError(f"At most {MOST_DOTS:,} measured dots are looked at (there are {len(lines):,}).", "measured")
        self.counts = _counts(measured)
        self.design = np.array([self._line(Wanted(m.tool, m.body, m.surface, m.load)) for m in measured])
        self.design = self.design.reshape(len(measured), len(self.place))  # a line for each measurement
        self.of = np.repeat(np.arange(len(measured)), [len(one.diameters) for one in measured])  # of each dot
        self.seen = np.array([log(diameter / self._tip(m.tool)) for m, diameter in lines])
        self.weights = np.ones(len(lines))
        self.solved = self._fitted()
        self.doubted = [(m.tool, diameter) for (m, diameter), w in zip(lines, self.weights, strict=True) if w < 1]

    def predicted(self, wanted: Wanted) -> Prediction:
        """Raises FitError for a tool that the kit has not."""
        if wanted.tool not in self.tools:
            raise FitError("The kit has no such tool.", "tool")
        line, tip = self._line(wanted), self._tip(wanted.tool)
        parts = [(weight, *self._told(line, mean, cov)) for weight, mean, cov in self.solved]
        low, middle, high = (_quantile(parts, share) for share in ((1 - RANGE) / 2, 0.5, (1 + RANGE) / 2))
        of_tool = self.counts.get((wanted.tool,), 0)
        of_all = self.counts.get((wanted.tool, wanted.body, wanted.surface, wanted.load), 0)
        offered = self.tools[wanted.tool].tip is not None or of_tool > 0
        doubted = tuple(diameter for tool, diameter in self.doubted if tool == wanted.tool)
        return Prediction(tip * exp(middle), tip * exp(low), tip * exp(high), of_tool, of_all, offered, doubted)

    def _fitted(self) -> list[tuple[float, Array, Array]]:
        """The posterior for every width of the priors, with the weights of dots that do not fit taken down until all
        agree."""
        solved = [self._solved(width) for width in WIDTHS]
        likeliest = int(np.argmax([evidence for evidence, _, _ in solved]))
        mean = solved[likeliest][1]
        for _ in range(ROUNDS):
            off = np.abs(self._off(mean)) / self.facts["hand"]
            weights = np.minimum(1.0, (FITS / np.maximum(off, FITS)) ** 2)
            if np.allclose(weights, self.weights, atol=1e-3):
                break
            self.weights = weights
            mean = self._solved(WIDTHS[likeliest])[1]
        return solved if self.weights.min(initial=1.0) == 1 else [self._solved(width) for width in WIDTHS]

    def _told(self, line: Array, mean: Array, cov: Array) -> tuple[float, float]:
        """Mean and standard deviation of one new dot."""
        return float(line @ mean), sqrt(float(line @ cov @ line) + self.facts["hand"] ** 2)

    def _solved(self, width: float) -> tuple[float, Array, Array]:
        """The weight of a width of the priors, and the posterior mean and covariance of every effect."""
        mean, spread = self._priors()
        spread = spread * width
        noise = self.facts["hand"]
        many, off = (self._together(self.weights * values) for values in (1.0, self._off(mean)))
        scaled = self.design * spread
        inner = (scaled.T * many) @ scaled / noise**2 + np.eye(len(mean))
        factor = np.linalg.cholesky(inner)
        pull = scaled.T @ off / noise**2
        step = np.linalg.solve(factor.T, np.linalg.solve(factor, pull))
        cov = np.linalg.inv(inner) * np.outer(spread, spread)
        evidence = 0.5 * float(pull @ step) - float(np.log(np.diag(factor)).sum())
        return evidence, mean + spread * step, cov

    def _off(self, mean: Array) -> Array:
        """How far each measured dot lies from what these effects make (a logarithm)."""
        return np.asarray(self.seen - (self.design @ mean)[self.of])

    def _together(self, values: Array) -> Array:
        """Sums of the dots' values for each measurement, whose dots share one line of the design."""
        return np.asarray(np.bincount(self.of, values, minlength=len(self.design)), dtype=float)

    def _priors(self) -> tuple[Array, Array]:
        """Mean and standard deviation of every effect before anything was measured."""
        facts = self.facts
        spread = facts["spread"]
        mean, wide = np.zeros(len(self.place)), np.zeros(len(self.place))
        for (of, name), k in self.place.items():
            if of == "tool":
                tool = self.tools.get(name)
                tipped = tool is not None and tool.tip is not None
                mean[k] = 0.0 if tipped else facts["untipped"]["mean"]
                wide[k] = spread["tool"] if tipped else facts["untipped"]["spread"]
            else:
                mean[k], wide[k] = facts[of][name], spread[of]
        return mean, wide

    def _line(self, wanted: Wanted) -> Array:
        line = np.zeros(len(self.place))
        tool = self.tools.get(wanted.tool)
        named = [("tool", wanted.tool), ("body", wanted.body), ("surface", wanted.surface), ("load", wanted.load)]
        if tool is not None and tool.tip is not None:
            named.append(("kind", tool.kind))
        for name in named:
            line[self.place[name]] = 1.0
        return line

    def _tip(self, ident: str) -> float:
        """What diameters of a tool are set against: its tip, else 1 mm."""
        tool = self.tools.get(ident)
        return tool.tip if tool is not None and tool.tip is not None else 1.0


def _columns(tools: Mapping[str, Any]) -> list[tuple[str, str]]:
    found = [("kind", kind) for kind in KINDS] + [("body", body) for body in BODIES]
    found += [("surface", surface) for surface in MATERIALS] + [("load", load) for load in LOADS]
    return [*found, *(("tool", tool) for tool in tools)]


def _counts(measured: Sequence[Measurement]) -> dict[tuple[str, ...], int]:
    counts: dict[tuple[str, ...], int] = {}
    for one in measured:
        for key in ((one.tool,), (one.tool, one.body, one.surface, one.load)):
            counts[key] = counts.get(key, 0) + len(one.diameters)
    return counts


def _quantile(parts: Sequence[tuple[float, float, float]], share: float) -> float:
    """Where a mixture of normal distributions (log weight, mean, standard deviation) has this share below it."""
    top = max(weight for weight, _, _ in parts)
    weights = [exp(weight - top) for weight, _, _ in parts]
    whole = sum(weights)
    low = min(mean - 8 * wide for _, mean, wide in parts)
    high = max(mean + 8 * wide for _, mean, wide in parts)
    for _ in range(60):
        at = (low + high) / 2
        below = sum(
            w * (1 + erf((at - mean) / wide / sqrt(2))) / 2 for w, (_, mean, wide) in zip(weights, parts, strict=True)
        )
        low, high = (at, high) if below / whole < share else (low, at)
    return (low + high) / 2
