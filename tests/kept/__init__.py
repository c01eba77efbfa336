"""Documents of earlier versions and what they planned to, kept so that they open and plan alike for ever.

`version_N.jsonl` holds one document of version N a line. `plans.json` holds for each the figures of its plan, taken
with the code of that time: the number of dots, and for x, y, z and radius (mm) the sums of value times cos k and of
value times sin k over the dots k. A dot that moves or changes its place in the order changes these.

Those of "drawn 13", "drawn 29" and "drawn 33" were taken anew when offsets on reliefs began to run along the surface;
"drawn 13" once more when petals on reliefs began to keep clear of a third dot (0.0007 mm), "drawn 29" when these began
to keep clear of the petals that stand round their host already (its trims had overlapped by 1.35 mm).
"""

import json
from pathlib import Path
from typing import Any

import numpy as np

from fernring.core.dots.table import Dots

HERE = Path(__file__).parent


def documents(version: int) -> list[dict[str, Any]]:
    return [json.loads(line) for line in (HERE / f"version_{version}.jsonl").read_text(encoding="utf-8").splitlines()]


def plans() -> dict[str, list[float]]:
    found: dict[str, list[float]] = json.loads((HERE / "plans.json").read_text(encoding="utf-8"))
    return found


def figures(dots: Dots) -> list[float]:
    """Number of dots and eight sums (mm)."""
    k = np.arange(len(dots))
    columns = (dots.x, dots.y, dots.z, dots.radius)
    return [len(dots), *(float(column @ wave) for column in columns for wave in (np.cos(k), np.sin(k)))]
