"""Routes for the logbook of a piece: what is done at the table, what dries, and the timers of all pieces."""

import sqlite3
from time import time
from typing import Annotated

import orjson
from fastapi import APIRouter, Request
from pydantic import Field

from ..core.document.numbers import FIRST
from ..core.errors import DocumentError
from ..core.logbook.book import Book, Sitting
from ..core.logbook.events import FREE, Event, Led, read
from ..core.logbook.mishaps import mishaps
from ..core.logbook.timers import Timer
from ..core.work.drying import State
from ..store import devices, happenings, identity
from ..store.identity import Identity
from .answer import Answer, Asked
from .errors import CONFLICT, RESPONSES
from .ledger import DocumentId, Studio, studio
from .news import tell
from .reading import QuickRoute
from .security import device_of
from .work import DryingReport, PaceReport

router = APIRouter(prefix="/api", tags=["table"], route_class=QuickRoute, responses=RESPONSES)
HERE = "the studio's machine"
JUST_DRY_S = 90.0
MOST_AGO_S = 60 * 86_400.0
MOST_TAUGHT = 200  # reports and paces that are answered, the latest


class ToldEvent(Event):
    """An event, and how many seconds ago it happened, by a clock that nobody sets."""

    ago: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=MOST_AGO_S)] = 0.0


class TellRequest(Asked):
    """What a page at the table tells, the oldest first. With `studio` it is taken only by the studio it is for."""

    studio: Studio | None = None
    events: Annotated[tuple[ToldEvent, ...], FIRST, Field(min_length=1, max_length=500)]


class DoneAnswer(Answer):
    """A step that is done, and when (seconds since 1970)."""

    step: str
    words: str
    at: float


class TimerAnswer(Answer):
    """What dries: `due` when it should be dry for `state` (seconds since 1970), `ended` when it was found dry. It
    `frees`, in words, the steps that wait for nothing else by then."""

    step: str
    state: State
    words: str
    frees: list[str]
    begun: float
    due: float
    ended: float | None


class SittingAnswer(Answer):
    """One session at the table: from, to (null while it goes on), minutes at work, and whether these were corrected."""

    number: int
    begin: float
    end: float | None
    minutes: float
    corrected: bool
    steps: int
    happened: int


class HappeningAnswer(Answer):
    what: str
    step: str
    where: str
    note: str
    at: float


class ProgressAnswer(Answer):
    """Where a piece is: the stage of what was done last, stage and sitting of what comes next, of how many, how many
    steps are left, and from when on the next can be done (seconds since 1970)."""

    last: str
    stage: str
    sitting: int
    sittings: int
    left: int
    ready: float


class LeadAnswer(Answer):
    """The page that marks steps, and its name."""

    page: str
    name: str


class BookAnswer(Answer):
    """The logbook. `now` is the server's clock (seconds since 1970), `number` another one once anything was told,
    `taught` counts what was found of drying."""

    now: float
    number: int
    studio: Studio
    lead: LeadAnswer | None
    resting: bool
    done: list[DoneAnswer]
    timers: list[TimerAnswer]
    sittings: list[SittingAnswer]
    happened: list[HappeningAnswer]
    taught: int
    progress: ProgressAnswer | None


class TaughtAnswer(Answer):
    """What was found of drying and of the hand's pace, on all pieces: the latest of each."""

    reports: list[DryingReport]
    paces: list[PaceReport]


class PieceTimers(Answer):
    """What dries of one piece."""

    piece: str
    name: str
    timers: list[TimerAnswer]


class TimersAnswer(Answer):
    now: float
    pieces: list[PieceTimers]


class MishapAnswer(Answer):
    """Something that happens at the table, what to do while the paint is wet and when it is dry, and with what."""

    id: str
    name: str
    wet: str
    dry: str
    tools: str
    waits: State | None
    asks: str
    repairs: list[str]


@router.get("/table/mishaps")
def get_mishaps() -> list[MishapAnswer]:
    """Everything that happens at the table, and what people do about it."""
    return [MishapAnswer(**{**one._asdict(), "repairs": list(one.repairs)}) for one in mishaps()]


@router.get("/table/timers")
def get_timers(request: Request) -> TimersAnswer:
    """What dries, of all pieces, and what became dry a moment ago, so that no page misses it."""
    now = time()
    with studio(request).reading() as db:
        books = [(ident, name, book_of(db, ident)) for ident, name in happenings.at_work(db)]
    pieces = [
        PieceTimers(
            piece=ident, name=name, timers=[_timer(book, one) for one in book.timers if one.open(now - JUST_DRY_S)]
        )
        for ident, name, book in books
    ]
    return TimersAnswer(now=now, pieces=[one for one in pieces if one.timers])


@router.get("/table/taught")
def get_taught(request: Request) -> TaughtAnswer:
    """What the logbooks of all pieces teach about drying and the hand; the steps are worked out with it."""
    with studio(request).reading() as db:
        books = [book_of(db, ident) for ident, _ in reversed(happenings.at_work(db))]
    reports = [one for book in books for one in book.reports][-MOST_TAUGHT:]
    paces = [one for book in books for one in book.paces][-MOST_TAUGHT:]
    return TaughtAnswer(
        reports=[DryingReport(**one._asdict()) for one in reports],
        paces=[PaceReport(**one._asdict()) for one in paces],
    )


@router.get("/documents/{ident}/logbook")
def get_logbook(request: Request, ident: DocumentId) -> BookAnswer:
    """The logbook of a piece."""
    with studio(request).reading() as db:
        happenings.require(db, ident)
        return _answer(db, ident, book_of(db, ident))


@router.post("/documents/{ident}/logbook", responses=CONFLICT)
def post_logbook(request: Request, ident: DocumentId, told: TellRequest) -> BookAnswer:
    """Tell what was done at the table. Every event is kept once, however often it is told; only a page that has led may
    mark steps."""
    now = time()
    with studio(request).writing() as db:
        if told.studio is not None:
            identity.check(db, Identity(told.studio.id, told.studio.epoch))
        happenings.require(db, ident)
        book = book_of(db, ident)
        for event in told.events:
            what = Led(kind="lead", name=_device(db, request)) if isinstance(event.what, Led) else event.what
            if event.page not in book.leads and not isinstance(what, FREE):
                raise DocumentError("Another page leads at this table; take the lead first.", "events")
            kept, at = Event(id=event.id, page=event.page, what=what), now - event.ago
            body = orjson.dumps(kept.model_dump(mode="json")).decode()
            if happenings.add(db, ident, event.id, at, body):
                book = what.told(book, event.page, at)
        answer = _answer(db, ident, book)
    tell(request, ident, "logbook")
    return answer


def book_of(db: sqlite3.Connection, ident: str) -> Book:
    """The logbook of a piece, read from everything that was told of it."""
    return read((Event.model_validate_json(one.body), one.at) for one in happenings.read(db, ident))


def progress_of(book: Book) -> ProgressAnswer | None:
    return ProgressAnswer(**book.progress._asdict()) if book.progress else None


def _device(db: sqlite3.Connection, request: Request) -> str:
    """What the device is called that asks."""
    ident = device_of(request.scope)
    return next((one.name for one in devices.listed(db) if one.id == ident), HERE)


def _answer(db: sqlite3.Connection, ident: str, book: Book) -> BookAnswer:
    return BookAnswer(
        now=time(),
        number=happenings.number(db, ident),
        studio=Studio.model_validate(vars(identity.read(db))),
        lead=LeadAnswer(page=book.lead, name=book.leader) if book.lead else None,
        resting=book.resting is not None,
        done=[DoneAnswer(**one._asdict()) for one in book.done.values()],
        timers=[_timer(book, one) for one in book.timers],
        sittings=[_sitting(one) for one in book.sittings],
        happened=[HappeningAnswer(**one._asdict()) for one in book.happened],
        taught=len(book.reports),
        progress=progress_of(book),
    )


def _timer(book: Book, one: Timer) -> TimerAnswer:
    known = {name: getattr(one, name) for name in ("step", "state", "words", "begun", "due", "ended")}
    return TimerAnswer(**known, frees=list(book.frees(one)))


def _sitting(one: Sitting) -> SittingAnswer:
    return SittingAnswer(
        number=one.number,
        begin=one.begin,
        end=one.end,
        minutes=one.at_work,
        corrected=one.minutes is not None,
        steps=one.steps,
        happened=one.happened,
    )
