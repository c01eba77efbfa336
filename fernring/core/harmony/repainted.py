"""A piece in other paints: everything else stays as it is."""

from collections.abc import Mapping
from typing import Any

from ..document.piece import Piece
from ..document.reading import read_piece
from ..document.shelf import Paint


def repainted(piece: Piece, other: Mapping[str, Paint]) -> Piece:
    """The piece with these paints (by the ids of its own) replaced wherever rows, ramps and areas name them. A paint
    that is taken twice stands in it once. Raises DocumentError past a bound.
    """
    new = {ident: paint.id for ident, paint in other.items()}
    document: dict[str, Any] = piece.model_dump(mode="json")
    kept = [paint for paint in piece.paints if paint.id not in other]
    taken = {paint.id: paint for paint in other.values()}
    rest = [paint for paint in kept if paint.id not in taken]
    document["paints"] = [paint.model_dump(mode="json") for paint in (*taken.values(), *rest)]
    document["rows"] = _named(document["rows"], new)
    document["ramps"] = [
        {**ramp, "stops": [new.get(stop, stop) for stop in ramp["stops"]]} for ramp in document["ramps"]
    ]
    for area in document["bare"]:
        if area.get("base"):
            area["base"]["paints"] = [new.get(ident, ident) for ident in area["base"]["paints"]]
    return read_piece(document)


def _named(node: Any, new: Mapping[str, str]) -> Any:
    if isinstance(node, list):
        return [_named(one, new) for one in node]
    if not isinstance(node, dict):
        return node
    if node.get("kind") == "paint" and "paint" in node:
        return {**node, "paint": new.get(node["paint"], node["paint"])}
    return {key: _named(value, new) for key, value in node.items()}
