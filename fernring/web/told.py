"""A ZIP that is told of while it is made: a line of JSON for each file as it is done, and at last the ZIP in base64."""

from base64 import b64encode
from collections.abc import Iterator

import orjson
from fastapi.responses import StreamingResponse

from ..formats.zipped import Part, zipped

MEDIA = "application/x-ndjson"


def told_zip(files: list[Part]) -> StreamingResponse:
    """Lines `{done, of, name}`, the last `{zip}`."""
    return StreamingResponse(_lines(files), media_type=MEDIA)


def _lines(files: list[Part]) -> Iterator[bytes]:
    for done, (name, whole) in enumerate(zipped(files), 1):
        said = {"done": done, "of": len(files), "name": name} if whole is None else {"zip": b64encode(whole).decode()}
        yield orjson.dumps(said) + b"\n"
