"""What binds two steps."""

from typing import NamedTuple

from .drying import State
from .step import Step


class Bond(NamedTuple):
    """`step` comes after `first`, when what that left is dry for `state` (None: at once), and ends `within` so many
    minutes after its first dot."""

    step: Step
    first: Step
    state: State | None = None
    within: float | None = None
