"""Where areas lie: a surface, and the outline of the blank that it belongs to."""

from dataclasses import dataclass

from ..dots.table import Array
from ..geometry.surface import Surface


@dataclass(frozen=True, eq=False)
class Site:
    """`outline` are the corners of the blank's edge in plan, shape (n, 2)."""

    surface: Surface
    outline: Array
