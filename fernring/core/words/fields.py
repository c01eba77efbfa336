"""Facts of the document's fields for whoever lets people fill them in: names, bounds, choices in words, defaults.

Everything is gathered from the models and from the kinds of tracks and trims; nothing is said a second time here.
"""

from collections.abc import Iterator, Mapping
from typing import Annotated, Any, Literal, Union, get_args, get_origin

from annotated_types import Ge, Gt, Le, Lt, MaxLen, MinLen
from pydantic import BaseModel
from pydantic.fields import FieldInfo

from ..colour.seen import WAYS
from ..document import blank, guides, kit, member, motif, painted, piece, region, row, shelf, work
from ..document.count import Absolute, PerSegment
from ..document.distance import AtWalk, FromEdge
from ..document.facts import Fact
from ..document.mirrored import ByAngle, ByDistance
from ..document.outline import Outline
from ..document.relief import Relief
from ..document.start import AtAngle
from ..practice import measurement
from ..rows.most import MOST_DOTS
from ..rows.tracks import TRACKS
from ..rows.tracks.kind import TrackKind
from ..rows.trims import MOST_DEPTH, TRIMS
from ..rows.trims.hug import ToAngle
from ..rows.trims.kind import Size
from ..rows.trims.layer import Layer
from ..rows.trims.swipe import ToCircle, ToLength
from .terms import pictures, terms

Facts = dict[str, Any]

MODELS: tuple[type[BaseModel], ...] = (
    piece.Piece, blank.Blank, blank.Base, blank.NamedCentre, blank.SetCentre, blank.AtDegrees, guides.Guides,
    guides.CircleSteps, guides.GuideCircle, region.BareArea, region.DiscRegion, region.BandRegion,
    region.FormRegion, region.ShapeRegion, region.WordRegion, region.OutlineRegion, region.EndsRegion,
    region.AreaBase, row.Row, member.Member, member.Group, piece.Accepted, PerSegment, Absolute, AtWalk, FromEdge,
    AtAngle, ToLength, ToCircle, motif.Motif, motif.Spot, motif.AtSpots, motif.AroundCentre, motif.Width, ToAngle,
    Size, Layer, ByAngle, ByDistance,
    kit.Tool, kit.Load, shelf.Paint, shelf.Swab, shelf.Ramp, shelf.MixedPot, work.Work, work.Hand, work.Costs,
    measurement.Measurement,
    work.Corrected, work.Mixed, painted.Found,
)  # fmt: skip


def facts() -> Facts:
    """All of it as plain JSON: fields by model, tracks, trims, outlines, reliefs, and how much there may be of each."""
    outlines, reliefs = _variants(Outline), _variants(Relief)
    kinds = [*(kind.model for kind in TRACKS.values()), *(kind.model for kind in TRIMS.values())]
    models = (*MODELS, *outlines.values(), *reliefs.values(), *kinds)
    return {
        "fields": {model.__name__: fields_of(model) for model in models},
        "tracks": {kind.id: _track(kind) for kind in TRACKS.values()},
        "trims": {
            kind.id: {"name": kind.name, "add": kind.add, "model": kind.model.__name__, "swept": kind.swept}
            for kind in TRIMS.values()
        },
        "outlines": {kind: model.__name__ for kind, model in outlines.items()},
        "reliefs": {kind: model.__name__ for kind, model in reliefs.items()},
        "roundReliefs": list(blank.ROUND_RELIEFS),
        "edged": list(blank.EDGED),
        "most": {
            "dots": MOST_DOTS,
            "rows": piece.MAX_ROWS,
            "ramps": piece.MOST_RAMPS,
            "bare": piece.MOST_BARE,
            "motifs": motif.MOST_MOTIFS,
            "spots": motif.MOST_SPOTS,
            "tools": kit.MOST_TOOLS,
            "paints": shelf.MOST_PAINTS,
            "circles": guides.MOST_CIRCLES,
            "depth": MOST_DEPTH,
        },
        "heights": dict(shelf.HEIGHT),
        "seen": [[way, one.name] for way, one in WAYS.items()],
        "terms": terms(),
        "pictures": pictures(),
        "shading": [list(pair) for pair in row.SHADING.items()],
    }


def fields_of(model: type[BaseModel]) -> dict[str, Facts]:
    """The facts of each field that has some; where figures stand comes after what they are."""
    found = {}
    stands = region.Stands.model_fields if issubclass(model, region.Stands) else {}
    for name, info in sorted(model.model_fields.items(), key=lambda one: one[0] in stands):
        fact = _field(info)
        if fact:
            found[name] = fact
    return found


def _track(kind: TrackKind) -> Facts:
    plain = (
        "name",
        "word",
        "repeats",
        "members",
        "round",
        "centred",
        "central",
        "pairs",
        "groups",
        "sized",
        "fills",
        "from_file",
        "swept",
        "drawn",
    )
    return {
        **{_camel(name): getattr(kind, name) for name in plain},
        "model": kind.model.__name__,
        "distances": list(kind.distances),
        "starts": list(kind.starts),
    }


def _field(info: FieldInfo) -> Facts:
    said, bounds = _merged(info)
    kinds = [part for part in _parts(info.annotation) if not isinstance(part, type(None))]
    found: Facts = {}
    if said:
        found |= {name: value for name, value in said.items() if value}
    found |= bounds
    if not found:
        return {}
    if type(None) in kinds:
        found["open"] = True
    if any(part is int for part in kinds):
        found["whole"] = True
    if said.get("written") == "variant":
        found["variants"] = {kind: model.__name__ for kind, model in _variants(info.annotation).items()}
    if said.get("written") == "rules":
        found["of"] = next(part.__name__ for part in _models(info.annotation))
    if isinstance(info.default, str | int | float | bool):
        found["default"] = info.default
    return found


def _models(annotation: object) -> Iterator[type[BaseModel]]:
    """Every model that an annotation names."""
    if isinstance(annotation, type) and issubclass(annotation, BaseModel):
        yield annotation
    for part in get_args(annotation):
        yield from _models(part)


def _merged(info: FieldInfo) -> tuple[Facts, Facts]:
    """Facts and bounds from the innermost annotation out; what stands outside comes before."""
    said: Facts = {}
    bounds: Facts = {}
    for one in (*_inner(info.annotation), *info.metadata):
        if isinstance(one, Fact):
            own = {
                "name": one.name,
                "written": one.written,
                "words": [list(pair) for pair in one.words.items()],
                "when": dict(one.when),
                "none": one.none,
                "along": one.along,
                "wide": one.wide,
            }
            said |= {name: value for name, value in own.items() if value}
        bounds |= dict(_bounds(one))
    return said, bounds


def _bounds(one: object) -> Iterator[tuple[str, float]]:
    for kind, name, of in ((Ge, "least", "ge"), (Gt, "above", "gt"), (Le, "most", "le"), (Lt, "below", "lt")):
        if isinstance(one, kind):
            yield name, getattr(one, of)
    if isinstance(one, MinLen):
        yield "fewest", one.min_length
    if isinstance(one, MaxLen):
        yield "longest", one.max_length


def _inner(annotation: object) -> Iterator[object]:
    """Metadata inside unions and tuples, innermost first."""
    if get_origin(annotation) is Annotated:
        base, *metadata = get_args(annotation)
        yield from _inner(base)
        for one in metadata:
            yield from one.metadata if isinstance(one, FieldInfo) else (one,)
    elif get_origin(annotation) is not Literal:
        for part in get_args(annotation):
            if part is not Ellipsis:
                yield from _inner(part)


def _parts(annotation: object) -> Iterator[object]:
    """The types that a union is made of, without their metadata."""
    if get_origin(annotation) is Annotated:
        yield from _parts(get_args(annotation)[0])
    elif get_origin(annotation) in (Union, type(int | str)):
        for part in get_args(annotation):
            yield from _parts(part)
    else:
        yield annotation


def _variants(union: object) -> Mapping[str, type[BaseModel]]:
    """Models of a union by their kind."""
    models = [part for part in _parts(union) if isinstance(part, type) and issubclass(part, BaseModel)]
    return {kind: model for model in models for kind in get_args(model.model_fields["kind"].annotation)}


def _camel(name: str) -> str:
    first, *others = name.split("_")
    return first + "".join(word.capitalize() for word in others)
