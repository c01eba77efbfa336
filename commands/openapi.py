"""Documents generated from the code: python -m commands.openapi [--write].

The OpenAPI document feeds the page's types; the JSON Schemas describe the files people keep.
"""

import json
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path

from pydantic import BaseModel

from fernring.core.document.kit import Kit
from fernring.core.document.piece import Piece
from fernring.core.document.shelf import Shelf
from fernring.store.database import open_database
from fernring.web.app import api

DOCS = Path(__file__).resolve().parent.parent / "docs"
API = DOCS / "openapi.json"
SCHEMAS: dict[str, type[BaseModel]] = {"piece": Piece, "kit": Kit, "shelf": Shelf}


def documents() -> Iterator[tuple[Path, str]]:
    """Every generated document: where it is kept, and its text as of now."""
    with tempfile.TemporaryDirectory() as folder:
        yield API, _text(api(open_database(Path(folder) / "none.sqlite")).openapi())
    for name, model in SCHEMAS.items():
        yield DOCS / f"{name}.schema.json", _text(model.model_json_schema())


def _text(value: object) -> str:
    """Sorted keys, so that a document changes only when the code does."""
    return json.dumps(value, indent=1, sort_keys=True, ensure_ascii=False) + "\n"


if __name__ == "__main__":
    for path, text in documents():
        if "--write" in sys.argv:
            path.parent.mkdir(exist_ok=True)
            path.write_text(text, encoding="utf-8")
        else:
            print(text)
