"""Documents generated from the code: python -m commands.openapi [--write].

The OpenAPI document feeds the page's types and the facts its fields; the JSON Schemas describe the files people keep.
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
from fernring.core.words.fields import facts, fields_of
from fernring.store.database import open_database
from fernring.vision.stone_asked import StoneAsked, Stroke
from fernring.web.app import api
from fernring.web.prints import Printer, PrintRequest
from fernring.web.sheets import SheetRequest

DOCS = Path(__file__).resolve().parent.parent / "docs"
API = DOCS.parent / "fernring" / "web" / "openapi.json"
FACTS = DOCS.parent / "frontend" / "src" / "api" / "facts.generated.ts"
SCHEMAS: dict[str, type[BaseModel]] = {"piece": Piece, "kit": Kit, "shelf": Shelf}


def facts_module() -> str:
    """What the page needs to know of the document's fields, as a TypeScript module."""
    found = facts()
    found["fields"] |= {
        model.__name__: fields_of(model) for model in (PrintRequest, Printer, SheetRequest, StoneAsked, Stroke)
    }
    text = json.dumps(found, indent=1, sort_keys=False, ensure_ascii=False)
    return f"/** Made from the models by python -m commands.openapi --write. */\nexport const FACTS = {text};\n"


def documents() -> Iterator[tuple[Path, str]]:
    """Every generated document: where it is kept, and its text as of now."""
    with tempfile.TemporaryDirectory() as folder:
        yield API, _text(api(open_database(Path(folder) / "none.sqlite")).openapi())
    for name, model in SCHEMAS.items():
        yield DOCS / f"{name}.schema.json", _text(model.model_json_schema())
    yield FACTS, facts_module()


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
