"""Trims: what grows on and around the dots of a row. One module for each kind; this list is the only one."""

from typing import TYPE_CHECKING, Annotated, Union

from pydantic import Field

from .hug import HUG
from .kind import TrimKind, TrimRule
from .outline import OUTLINE
from .swipe import SWIPE
from .top import TOP
from .walk import WALK

MOST_DEPTH = 3
TRIMS: dict[str, TrimKind] = {kind.id: kind for kind in (WALK, TOP, SWIPE, HUG, OUTLINE)}

if TYPE_CHECKING:
    Trim = TrimRule
else:
    Trim = Annotated[Union[tuple(kind.model for kind in TRIMS.values())], Field(discriminator="kind")]  # noqa: UP007
    for _kind in TRIMS.values():
        _kind.model.model_rebuild(_types_namespace={"Trim": Trim})


def trim_kind(trim: TrimRule) -> TrimKind:
    """What there is to ask of a trim."""
    return TRIMS[trim.kind]
