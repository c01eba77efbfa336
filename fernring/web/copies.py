"""Routes for whole copies of the studio: one to be kept, one to be brought back. Answered to this machine only."""

import asyncio
import logging
import tempfile
from collections.abc import AsyncIterator
from contextlib import asynccontextmanager
from datetime import UTC, date, datetime
from pathlib import Path

from fastapi import APIRouter, FastAPI, Request
from fastapi.responses import FileResponse
from starlette.background import BackgroundTask

from ..core.errors import FernError
from ..store import copies, daily, restoring, thinning
from ..store.database import Database
from .answer import Answer
from .errors import RESPONSES, AwayError
from .exports import disposition
from .ledger import studio
from .security import LOOPBACK, device_of

LOG = logging.getLogger("fernring")
FIRST_S, EVERY_S = 60.0, 3600.0
SQLITE = "application/vnd.sqlite3"

router = APIRouter(prefix="/api/studio", tags=["studio"], responses=RESPONSES)


class BroughtBack(Answer):
    """The name of the file beside the studio that holds what it was before; how many pictures were nowhere found."""

    kept: str
    missing: int


@router.post("/copy", response_model=None, responses={200: {"content": {SQLITE: {}}}})
def post_studio_copy(request: Request) -> FileResponse:
    """The whole studio as one file, checked by reading it back."""
    only_here(request)
    database = studio(request)
    folder = Path(tempfile.mkdtemp(dir=database.path.parent, prefix=".copy-"))
    draft = folder / "studio.sqlite"
    try:
        copies.make(database, draft)
    except FernError:
        _removed(folder)
        raise
    headers = {"Content-Disposition": disposition(dated_name(database), ".sqlite")}
    return FileResponse(draft, media_type=SQLITE, headers=headers, background=BackgroundTask(_removed, folder))


@router.post("/bring-back", openapi_extra={"requestBody": {"content": {"application/octet-stream": {}}}})
async def post_bring_back(request: Request) -> BroughtBack:
    """A copy as the studio; what it was until now is kept beside it."""
    only_here(request)
    database = studio(request)
    folder = Path(tempfile.mkdtemp(dir=database.path.parent, prefix=".copy-"))
    try:
        draft = folder / "copy.sqlite"
        with draft.open("wb") as file:
            async for part in request.stream():
                file.write(part)
        done = await asyncio.to_thread(restoring.bring_back, draft, database.path)
    finally:
        _removed(folder)
    return BroughtBack(kept=done.kept.name if done.kept else "", missing=done.missing)


@asynccontextmanager
async def copied_daily(app: FastAPI) -> AsyncIterator[None]:
    """While the server runs, a copy is kept of each day, and then old edits go."""
    task = asyncio.create_task(_daily(app.state.database))
    yield
    task.cancel()


async def _daily(database: Database) -> None:
    await asyncio.sleep(FIRST_S)
    while True:
        try:
            if await asyncio.to_thread(daily.keep, database, date.today().isoformat()):
                await asyncio.to_thread(thinning.thin, database, datetime.now(UTC))
        except FernError as error:
            LOG.error("No copy of today: %s", error.message)
        await asyncio.sleep(EVERY_S)


def dated_name(database: Database) -> str:
    """What a file of the whole studio is called today."""
    return f"{database.path.stem}, {date.today().isoformat()}"


def only_here(request: Request) -> None:
    """Raises AwayError for a client on another machine, or a page of a paired device."""
    host = request.client.host if request.client else ""
    if host not in LOOPBACK or device_of(request.scope) is not None:
        raise AwayError("This is done on the studio's own machine only.")


def _removed(folder: Path) -> None:
    for part in folder.iterdir():
        part.unlink(missing_ok=True)
    folder.rmdir()
