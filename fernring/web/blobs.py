"""Routes for pictures and other large things: bytes in, a hash out, and back."""

from typing import Annotated

from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue

from ..core.errors import DocumentError
from ..store import blobs
from .answer import Answer
from .errors import RESPONSES
from .ledger import studio

router = APIRouter(prefix="/api/blobs", tags=["blobs"], responses=RESPONSES)

Hash = Annotated[str, PathValue(pattern=r"^[0-9a-f]{64}$")]
MEDIA = ("image/png", "image/jpeg", "image/webp")


class BlobAnswer(Answer):
    """The hash by which a document names the bytes, as "blob:" and the hash."""

    hash: str


@router.post("", status_code=201, openapi_extra={"requestBody": {"content": {media: {} for media in MEDIA}}})
async def post_blob(request: Request) -> BlobAnswer:
    """Keep a picture in the studio file; the same bytes are kept once."""
    media = request.headers.get("content-type", "").split(";")[0].strip()
    if media not in MEDIA:
        raise DocumentError(f"A picture is one of {', '.join(MEDIA)}; this is “{media[:40]}”.", "content-type")
    body = await request.body()
    with studio(request).writing() as db:
        return BlobAnswer(hash=blobs.put(db, body, media))


@router.get("/{digest}", response_model=None, responses={200: {"content": {media: {} for media in MEDIA}}})
def get_blob(request: Request, digest: Hash) -> Response:
    """The bytes as they were kept."""
    with studio(request).reading() as db:
        found = blobs.get(db, digest)
    return Response(found.body, media_type=found.media)
