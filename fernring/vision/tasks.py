"""What the worker can do with a picture, by name: each takes the picture, what was asked and
whom to tell its stages, and answers plain data."""

from collections.abc import Callable
from typing import Any

from .intake import Picture
from .stages import NUMBER, Tell

QUALITY = 88
Task = Callable[[Picture, dict[str, Any], Tell], Any]


def _main_colours(picture: Picture, asked: dict[str, Any], _: Tell) -> Any:
    from .colours import main_colours

    return main_colours(picture.pixels, asked["count"])


def _beside_white(picture: Picture, asked: dict[str, Any], _: Tell) -> Any:
    from .colours import beside_white

    return beside_white(picture.pixels, tuple(asked["at"]), tuple(asked["white"]))


def _stone(picture: Picture, asked: dict[str, Any], tell: Tell) -> Any:
    from .stone import traced
    from .stone_asked import StoneAsked
    from .stone_found import found

    wanted = StoneAsked.model_validate(asked["stone"])
    strokes = [(one.stone, one.points) for one in wanted.strokes]
    return found(traced(picture, wanted.widest, wanted.rise, wanted.targets, strokes, tell)).model_dump(mode="json")


def _sheet_number(picture: Picture, _: dict[str, Any], tell: Tell) -> Any:
    from .sheet import number_of

    tell(NUMBER)
    return number_of(picture)


def _sheet(picture: Picture, asked: dict[str, Any], tell: Tell) -> Any:
    from ..core.practice.sheet import PracticeSheet
    from .sheet import sheet_read
    from .sheet_asked import SeenDot, SheetFound

    read = sheet_read(picture, PracticeSheet.model_validate_json(asked["sheet"]), tell)
    seen = tuple(
        SeenDot(**{**vars(one), **{name: round(getattr(one, name), 3) for name in ("x", "y", "diameter", "roundness")}})
        for one in read.seen
    )
    plane = tuple(read.plane.ravel().tolist())
    return SheetFound(seen=seen, plane=plane, paint=read.paint, marks=read.marks).model_dump(mode="json")


def _drawing(picture: Picture, _asked: dict[str, Any], _: Tell) -> Any:
    from .drawing import drawn

    lines, scaled = drawn(picture)
    return {"lines": [line.round(3).T.tolist() for line in lines], "scaled": scaled}


def _shown(picture: Picture, _asked: dict[str, Any], _: Tell) -> Any:
    """As a JPEG that any browser shows, in base64."""
    import base64
    import io

    from PIL import Image

    out = io.BytesIO()
    Image.fromarray(picture.pixels).save(out, "JPEG", quality=QUALITY)
    return base64.b64encode(out.getvalue()).decode()


TASKS: dict[str, Task] = {
    "main colours": _main_colours,
    "beside white": _beside_white,
    "stone": _stone,
    "sheet number": _sheet_number,
    "sheet": _sheet,
    "drawing": _drawing,
    "shown": _shown,
}
