"""A row: dots placed by one rule along one track. Rules are kept, not frozen numbers."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from ..rows.tracks import Track, track_of
from ..rows.tracks.ring import RingTrack
from ..rows.trims import MOST_DEPTH, Trim
from ..rows.trims.kind import TrimRule, depth, trims_of
from .count import Count, PerSegment
from .distance import Distance, Nested, OnGuide
from .facts import Fact, chosen, named
from .member import Group, Member
from .mirrored import ByAngle, Mirrored
from .numbers import FIRST, Frozen, Gap, Ident, Label, require_different
from .painted import Painted
from .shelf import Shade
from .start import Offset, Start

MOST_SHADES, MOST_TRIMS = 24, 8
SHADING = {
    "one": "one for all",
    "paints": "all paints in turn",
    "spokes": "a paint for each spoke",
    "hues": "a hue for each spoke, round and back",
    "ramp": "the last ramp, step by step",
}


class Row(Frozen):
    """Count, size and distance are each a rule or fitted; `fit` names the one that is solved, or lets the petals
    of the row "meet": host, layers, dots and distance are then found together from the kit.

    `gap` is the clear distance asked between neighbours, and to what a nested row touches (mm).
    `shades` take turns along the places. `boundary` rows are drawn first and not nested on. `half` counts on a
    ball or egg only: the side whose pole the row is walked from. `trims` sit on every dot of the pattern's member
    `trimmed`, or on its largest when that is None. `mirrored` sets every place of a ring twice, to either side of its
    line, the second the mirror image of the first; the count then counts pairs. `motif` is the id of the motif that the
    row belongs to, None where it stands round the piece's own centre. A row of lines or shapes may be `laid` under the
    dots or over them: then neither keeps clear of the other. A row that was begun is `painted`.
    """

    id: Ident
    motif: Ident | None = None
    label: Annotated[Label, named("Note on this row")] = ""
    track: Annotated[Track, named("Track")] = RingTrack()
    pattern: Annotated[tuple[Member, ...], FIRST, Field(min_length=1, max_length=12)]
    count: Count = PerSegment()
    distance: Distance = Nested()
    start: Annotated[
        Start,
        Fact(
            "Start",
            "variant",
            {
                "on lines": "on the lines",
                "between": "between the lines",
                "offset": "in the dips",
                "in the V": "in the V of petals",
                "angle": "at an angle",
            },
            wide=136,
        ),
    ] = Offset()
    spacing: Annotated[
        Literal["equal angles", "equal gaps"],
        chosen("Spacing", equal_angles="equal angles", equal_gaps="equal gaps"),
        named("Spacing", wide=118),
    ] = "equal angles"
    gap: Annotated[Gap, named("Gap", wide=82)] = 0.4
    fit: Literal["count", "size", "distance", "meet"] | None = None
    half: Annotated[
        Literal["front", "back", "both"],
        chosen("Half", front="front", back="back", both="both halves"),
        named("Half", wide=104),
    ] = "front"
    boundary: Annotated[bool, Field(strict=True)] = False
    laid: Annotated[
        Literal["beside", "under", "over"],
        chosen("Lies", beside="beside the dots", under="under the dots", over="over the dots"),
        named("Lies", wide=146),
    ] = "beside"
    shades: Annotated[tuple[Shade, ...], FIRST, Field(min_length=1, max_length=MOST_SHADES), named("Shades", "shades")]
    mirrored: Annotated[
        Mirrored | None,
        Fact(
            "Each place",
            "variant",
            {"angle": "twice, by an angle", "distance": "twice, by a distance"},
            none="once",
            wide=152,
        ),
    ] = None
    group: Group | None = None
    trims: Annotated[tuple[Trim, ...], FIRST, Field(max_length=MOST_TRIMS)] = ()
    trimmed: Annotated[int, Field(strict=True, ge=0, le=11)] | None = None
    painted: Painted | None = None

    @property
    def sizes(self) -> tuple[float, ...]:
        """Diameters asked of the pattern's members (mm)."""
        return tuple(member.diameter for member in self.pattern)

    @property
    def drawn(self) -> bool:
        """Whether a line runs through all its places."""
        return self.pattern[0].form == "line"

    @property
    def copies(self) -> int:
        """How often every place stands: twice when it is mirrored, unless that is at no distance from its line."""
        rule = self.mirrored
        return 2 if rule is not None and (rule.degrees if isinstance(rule, ByAngle) else rule.mm) > 0 else 1

    @property
    def all_trims(self) -> tuple[TrimRule, ...]:
        """Its trims as they stand on the sheet, each followed by those on it."""
        return tuple(trims_of(self.trims))

    @model_validator(mode="after")
    def _possible(self) -> "Row":
        require_different("members of a pattern", [member.id for member in self.pattern])
        require_different("trims of a row", [trim.id for trim in self.all_trims])
        if depth(self.trims) > MOST_DEPTH:
            raise ValueError(f"trims sit on trims at most {MOST_DEPTH} deep; these are {depth(self.trims)} deep")
        if self.trimmed is not None and self.trimmed >= len(self.pattern):
            raise ValueError(f"the pattern has {len(self.pattern)} members, and trims sit on number {self.trimmed + 1}")
        known = {member.id for member in self.pattern}
        for ident in (ident for trim in self.trims for ident in trim.on):
            if ident not in known:
                raise ValueError(f"a trim sits on the dot “{ident}”, which the pattern does not hold")
        if self.mirrored is not None and not track_of(self.track).pairs:
            raise ValueError("only rows round the centre are set twice about their lines")
        if self.motif is not None:
            self._require_motif()
        if any(member.form == "line" for member in self.pattern):
            self._require_line()
        if self.laid != "beside" and not all(member.shaped for member in self.pattern):
            raise ValueError("only lines, shapes and crystals may lie under the dots or over them")
        if track_of(self.track).swept and any(member.form != "dot" for member in self.pattern):
            raise ValueError("the heads of a fan are dots; none is left out and none has another form")
        if all(member.form == "blank" for member in self.pattern):
            raise ValueError("a pattern of blanks alone paints nothing")
        self._require_painted()
        return self

    def _require_painted(self) -> None:
        """What is on the piece keeps its place in the rule, from which its shades come."""
        if self.painted is None:
            return
        if max(self.painted.members, default=0) >= len(self.pattern):
            raise ValueError("a painted row keeps every dot of its pattern")
        known = {trim.id for trim in self.all_trims}
        for ident in self.painted.trims:
            if ident not in known:
                raise ValueError(f"the trim “{ident}” is painted and stays on its row")

    def _require_line(self) -> None:
        """A line is all there is in its row."""
        if len(self.pattern) > 1 or self.trims or self.group is not None or self.mirrored is not None:
            raise ValueError("a line throughout is the only mark of its row; it carries nothing and stands once")
        if not track_of(self.track).drawn:
            raise ValueError(f"no line can be drawn {track_of(self.track).name}")

    def _require_motif(self) -> None:
        """Rows of a motif stand round its centre, on the front."""
        kind = track_of(self.track)
        if not kind.centred:
            raise ValueError(f"a row of a motif runs round its centre, and this one runs {kind.name}")
        if self.half != "front":
            raise ValueError("a motif stands on the front of a ball or egg")
        if isinstance(self.distance, OnGuide):
            raise ValueError("a row of a motif sits at a distance of its own, and not on a guide circle of the piece")


def states_gap(row: Row) -> bool:
    """Whether the row states its gap towards what lies there: nested rings, rows along the edge, gap dots."""
    return track_of(row.track).nests(row)
