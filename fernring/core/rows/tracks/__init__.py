"""Where rows run: one module for each kind of track. This list is the only one."""

from typing import TYPE_CHECKING, Annotated, Union

from pydantic import Field

from .arc import ARC
from .centre import CENTRE
from .corner import CORNER
from .edge import EDGE
from .fan import FAN
from .fill import FILL
from .gaps import GAPS
from .inset import INSET
from .kind import TrackKind, TrackRule
from .line import LINE
from .path import PATH
from .ring import RING
from .spiral import SPIRAL
from .strokes import STROKES

TRACKS: dict[str, TrackKind] = {
    kind.id: kind for kind in (CENTRE, RING, INSET, LINE, ARC, SPIRAL, PATH, CORNER, EDGE, STROKES, FAN, FILL, GAPS)
}

if TYPE_CHECKING:
    Track = TrackRule
else:
    Track = Annotated[Union[tuple(kind.model for kind in TRACKS.values())], Field(discriminator="kind")]  # noqa: UP007


def track_of(track: TrackRule) -> TrackKind:
    """What there is to ask of a row's track."""
    return TRACKS[track.kind]
