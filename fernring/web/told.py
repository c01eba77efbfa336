"""A ZIP that is told of while it is made: a line of JSON for each file as it is done, and at last the ZIP in base64."""

from base64 import b64encode
from collections.abc import Iterator
from typing import Any

import orjson
from fastapi.responses import StreamingResponse

from ..core.errors import CalledOffError, FernError
from ..formats.zipped import Part, zipped

MEDIA = "application/x-ndjson"


def told_zip(files: list[Part]) -> StreamingResponse:
    """Lines `{done, of, name}`, the last `{zip}`, or `{problem}` where a file cannot be made."""
    return StreamingResponse(_lines(files), media_type=MEDIA)


def _lines(files: list[Part]) -> Iterator[bytes]:
    try:
        for done, (name, whole) in enumerate(zipped(files), 1):
            yield _line({"done": done, "of": len(files), "name": name} if whole is None else {"zip": b64encode(whole)})
    except CalledOffError:
        return  # nobody reads on
    except FernError as error:
        yield _line({"problem": {"code": error.code, "field": error.field, "message": error.message}})


def _line(said: dict[str, Any]) -> bytes:
    return orjson.dumps(said, default=bytes.decode) + b"\n"
