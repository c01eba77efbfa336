"""The OpenAPI document the front end's types are generated from: python -m commands.openapi [--write]."""

import json
import sys
import tempfile
from pathlib import Path

from fernring.store.database import open_database
from fernring.web.app import api

TARGET = Path(__file__).resolve().parent.parent / "docs" / "openapi.json"


def document() -> str:
    """The document as committed: sorted keys, so that it changes only when the API does."""
    with tempfile.TemporaryDirectory() as folder:
        app = api(open_database(Path(folder) / "none.sqlite"))
        return json.dumps(app.openapi(), indent=1, sort_keys=True) + "\n"


if __name__ == "__main__":
    if "--write" in sys.argv:
        TARGET.parent.mkdir(exist_ok=True)
        TARGET.write_text(document(), encoding="utf-8")
    else:
        print(document())
