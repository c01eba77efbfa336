"""Tables of data that ship beside the core, read in this one place."""

import json
from functools import cache
from importlib.resources import files
from typing import Any


@cache
def table(name: str) -> Any:
    """The parsed JSON table of this name."""
    return json.loads(files(__package__).joinpath(name).read_text(encoding="utf-8"))


@cache
def font_file(name: str) -> bytes:
    """The bytes of a font that ships with the program."""
    return files(__package__).joinpath("fonts", f"{name}.ttf").read_bytes()
