"""Rows and trims of the pattern language as documents, to put sample pieces together."""

from typing import Any

Document = dict[str, Any]
LINES = {"kind": "on lines"}
ONE, TWO, THREE = ({"kind": "per_segment", "repeats": n, "segments": 1} for n in (1, 2, 3))


def shades(*names: str) -> list[Document]:
    return [{"kind": "paint", "paint": name} for name in names]


def members(*sizes: float, **more: Any) -> list[Document]:
    return [{"id": f"m{k}", "diameter": size, **more} for k, size in enumerate(sizes)]


def row(ident: str, *sizes: float, **more: Any) -> Document:
    given = {"id": ident, "pattern": members(*sizes), "shades": shades("pale"), "gap": 0.4}
    return {**given, **more}


def centre(diameter: float = 11.0, **more: Any) -> Document:
    return row("centre", diameter, track={"kind": "centre"}, start=LINES, shades=shades("red"), **more)


def walk(diameter: float = 1.5, **more: Any) -> Document:
    return {"kind": "walk", "size": {"diameter": diameter}, "shades": shades("teal", "pale", "amber"), **more}


def top(*given: float, **more: Any) -> Document:
    return {"kind": "top", "sizes": [{"diameter": d} for d in given], "shades": shades("pale", "red"), **more}


def swipe(length: float = 8.0, **more: Any) -> Document:
    return {"kind": "swipe", "to": {"kind": "length", "mm": length}, **more}


def hug(head: float, **more: Any) -> Document:
    return {"kind": "hug", "size": {"diameter": head}, **more}


def fan(head: float, **more: Any) -> Document:
    return row("fan", head, track={"kind": "fan", **more}, gap=0.3)


def at(walk_mm: float) -> Document:
    return {"kind": "walk", "walk": walk_mm}


def outline(width: float, **more: Any) -> Document:
    return {"kind": "outline", "size": {"diameter": width}, "shades": shades("amber"), **more}


def shaped(ident: str, width: float, form: str, length: float | None = None, **more: Any) -> Document:
    """A row of shapes."""
    own = {name: more.pop(name) for name in ("lies", "slant") if name in more}
    return {**row(ident, width, **more), "pattern": members(width, form=form, length=length, **own)}


def line(ident: str, width: float, **more: Any) -> Document:
    """A line throughout."""
    return shaped(ident, width, "line", **more)


def flower(*trims: Document, **more: Any) -> list[Document]:
    """Two rows of the motif "flower"."""
    once = {"count": {"kind": "absolute", "repeats": 6}, "motif": "flower"}
    middle = row("f-c", 3.5, track={"kind": "centre"}, start=LINES, motif="flower", shades=shades("red"))
    return [middle, row("f-1", 2.5, trims=list(trims), **once, **more)]


def motif(**places: Any) -> Document:
    return {"id": "flower", "name": "Flower", "places": {"kind": "around", "walk": 32.0, **places}}


SPOTS = {"kind": "given", "spots": [{"x": -28.0, "y": 8.0, "turn": 20.0}, {"x": 28.0, "y": 8.0, "mirrored": True}]}
