"""What a page at the table tells: each kind of event is a model of its own, and says what it does to the logbook."""

from collections.abc import Iterable
from dataclasses import replace
from types import MappingProxyType
from typing import Annotated, Literal

from pydantic import Field

from ..document.numbers import FIRST, Frozen, Label
from ..document.shelf import Body, Medium
from ..document.work import Corrected, StepId
from ..work.drying import State
from ..work.pace import Pace, believed
from .book import Book, Done, Happening, Progress
from .mishaps import MishapId
from .sittings import changed, corrected, ended, heard, rested, resumed
from .timers import Freed, Need, Timer

Token = Annotated[str, Field(strict=True, pattern=r"^[0-9a-f]{32}$")]
Words = Annotated[str, Field(strict=True, max_length=400)]
Waited = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=20_000)]
Many = Annotated[int, Field(strict=True, ge=0, le=5_000)]


class Needs(Frozen):
    """A step that must be done, and what it left dry for `state`; null where it has only to be done."""

    step: StepId
    state: State | None


class Frees(Frozen):
    """A step that waits for something to dry, in words, and what else it `needs` that is not there yet."""

    step: StepId
    words: Words
    needs: Annotated[tuple[Needs, ...], FIRST, Field(max_length=12)] = ()

    def freed(self) -> Freed:
        return Freed(self.step, self.words, tuple(Need(one.step, one.state) for one in self.needs))


class Dries(Frozen):
    """What a step leaves: `minutes` until it is dry for `state`, the `usual` ones of such paint before anything was
    learned of it, and which steps that frees. Pages of earlier versions told these in words alone."""

    state: State
    minutes: Waited
    usual: Waited | None = None
    frees: Annotated[tuple[Frees | Words, ...], FIRST, Field(max_length=40)] = ()


class Next(Frozen):
    """The stage of the step that was done; what comes after it, and in how many minutes that can be done."""

    last: Annotated[str, Field(strict=True, max_length=40)] = ""
    stage: Annotated[str, Field(strict=True, max_length=40)]
    sitting: Many
    sittings: Many
    left: Many
    wait: Waited = 0.0

    def progress(self, at: float) -> Progress:
        return Progress(self.last, self.stage, self.sitting, self.sittings, self.left, at + 60 * self.wait)


class Led(Frozen):
    """This page marks steps from now on."""

    kind: Literal["lead"]
    name: Label = ""

    def told(self, book: Book, page: str, at: float) -> Book:
        return replace(book, lead=page, leader=self.name, leads=book.leads | {page})


class Sat(Frozen):
    """The artist sits down at the table."""

    kind: Literal["sit"]

    def told(self, book: Book, page: str, at: float) -> Book:
        return heard(book, at)


class Paused(Frozen):
    kind: Literal["pause"]

    def told(self, book: Book, page: str, at: float) -> Book:
        return rested(book, at)


class Resumed(Frozen):
    kind: Literal["resume"]

    def told(self, book: Book, page: str, at: float) -> Book:
        return resumed(book, at)


class Left(Frozen):
    kind: Literal["leave"]

    def told(self, book: Book, page: str, at: float) -> Book:
        return ended(book, at)


class StepDone(Frozen):
    """A step is done: of which kind it is, the `usual` minutes of the hand for it, what it leaves wet, what comes next.
    Told twice, it was done once.
    """

    kind: Literal["done"]
    step: StepId
    words: Words = ""
    kind_of_step: Annotated[str, Field(strict=True, max_length=40)] = ""
    usual: Waited = 0.0
    body: Body = "medium"
    medium: Medium = "none"
    dries: Annotated[tuple[Dries, ...], FIRST, Field(max_length=4)] = ()
    next: Next | None = None

    def told(self, book: Book, page: str, at: float) -> Book:
        if self.step in book.done:
            return book
        book = heard(resumed(book, at), at)
        now = book.sitting
        timers = tuple(self._timer(one, at) for one in self.dries)
        pace = Pace(self.kind_of_step, self.usual, 0.0 if book.step_from is None else (at - book.step_from) / 60)
        paces = (*book.paces, pace) if believed(pace) else book.paces
        book = changed(book, now._replace(steps=now.steps + 1)) if now else book
        return replace(
            book,
            done=MappingProxyType({**book.done, self.step: Done(self.step, self.words, at)}),
            timers=(*book.timers, *timers),
            paces=paces,
            progress=self.next.progress(at) if self.next else book.progress,
            step_from=at,
        )

    def _timer(self, one: Dries, at: float) -> Timer:
        frees = tuple(Freed(None, told) if isinstance(told, str) else told.freed() for told in one.frees)
        due = at + 60 * one.minutes
        paint = self.body, self.medium
        return Timer(self.step, one.state, self.words, frees, at, one.minutes, due, paint, one.usual)


class StepUndone(Frozen):
    """A step was not done after all."""

    kind: Literal["undone"]
    step: StepId
    next: Next | None = None

    def told(self, book: Book, page: str, at: float) -> Book:
        if self.step not in book.done:
            return book
        book = heard(book, at)
        now = book.sitting
        book = changed(book, now._replace(steps=max(now.steps - 1, 0))) if now else book
        return replace(
            book,
            done=MappingProxyType({ident: one for ident, one in book.done.items() if ident != self.step}),
            timers=tuple(one for one in book.timers if one.step != self.step),
            progress=self.next.progress(at) if self.next else book.progress,
            step_from=at,
        )


class FoundDry(Frozen):
    """What a step left is dry already: the wait ends, and the paint dries so much sooner."""

    kind: Literal["dry"]
    step: StepId
    state: State

    def told(self, book: Book, page: str, at: float) -> Book:
        return _ready(_looked_at(_timed(book, self, at), self, at, dry=True), at)


class WaitSkipped(Frozen):
    """The artist goes on without waiting any longer: the wait ends, and nothing is said of how the paint dries."""

    kind: Literal["skip"]
    step: StepId
    state: State

    def told(self, book: Book, page: str, at: float) -> Book:
        book = _timed(book, self, at)
        timers = (one.found_dry(at) if _is_of(one, self) else one for one in book.timers)
        return _ready(replace(book, timers=tuple(timers)), at)


class FoundWet(Frozen):
    """What should be dry is not: the wait goes on, and the paint dries so much later."""

    kind: Literal["wet"]
    step: StepId
    state: State

    def told(self, book: Book, page: str, at: float) -> Book:
        book = _looked_at(book, self, at, dry=False)
        due = max((one.due for one in book.timers if _is_of(one, self)), default=0.0)
        progress = book.progress and book.progress._replace(ready=max(book.progress.ready, due))
        return replace(book, progress=progress)


class Happened(Frozen):
    """Something happened at a step: where on the piece in words, and a note of what was done."""

    kind: Literal["happened"]
    what: MishapId
    step: StepId
    where: Words = ""
    note: Annotated[str, Field(strict=True, max_length=400)] = ""

    def told(self, book: Book, page: str, at: float) -> Book:
        book = heard(book, at)
        now = book.sitting
        book = changed(book, now._replace(happened=now.happened + 1)) if now else book
        return replace(book, happened=(*book.happened, Happening(self.what, self.step, self.where, self.note, at)))


class SittingCorrected(Corrected):
    """A sitting took another time than was recorded."""

    kind: Literal["corrected"]

    def told(self, book: Book, page: str, at: float) -> Book:
        return corrected(book, self.sitting, self.minutes)


Told = (
    Led | Sat | Paused | Resumed | Left | StepDone | StepUndone
    | FoundDry | FoundWet | WaitSkipped | Happened | SittingCorrected
)  # fmt: skip
FREE = (Led, SittingCorrected)  # what a page may tell that never led


class Event(Frozen):
    """Something told by a page: `id` is made there, so that telling it twice tells it once."""

    id: Token
    page: Token
    what: Annotated[Told, Field(discriminator="kind")]


def read(events: Iterable[tuple[Event, float]]) -> Book:
    """The logbook that these events make, each with its moment (seconds since 1970), in the order of their arrival."""
    book = Book()
    for event, at in events:
        book = event.what.told(book, event.page, at)
    return book


def _is_of(timer: Timer, found: FoundDry | FoundWet | WaitSkipped) -> bool:
    return (timer.step, timer.state) == (found.step, found.state)


def _timed(book: Book, found: FoundDry | WaitSkipped, at: float) -> Book:
    """The book with a timer for what is looked at: what a step of later needs was not asked for when that was done."""
    done = book.done.get(found.step)
    if done is None or any(_is_of(one, found) for one in book.timers):
        return book
    timer = Timer(found.step, found.state, done.words, (), done.at, 0.0, at)
    return replace(book, timers=(*book.timers, timer))


def _ready(book: Book, at: float) -> Book:
    """What comes next need not be waited for any longer."""
    return replace(book, progress=book.progress and book.progress._replace(ready=min(book.progress.ready, at)))


def _looked_at(book: Book, found: FoundDry | FoundWet, at: float, dry: bool) -> Book:
    """The paint was looked at: its timer ends or goes on, and what that teaches is kept."""
    own = [one for one in book.timers if _is_of(one, found)]
    reports = (report for one in own for report in one.teaches(at, dry))
    looked = Timer.found_dry if dry else Timer.found_wet
    timers = (looked(one, at) if _is_of(one, found) else one for one in book.timers)
    return replace(book, timers=tuple(timers), reports=(*book.reports, *reports))
