"""One worker and the requests that wait for it, first come first served; some may go to another worker that is free."""

import asyncio
import contextlib
import logging
from collections import deque
from dataclasses import dataclass, field
from itertools import count
from pathlib import Path

from starlette.types import Message, Scope

from .process import GoneError, WorkerProcess

MOST_WAITING = 60
MOST_SECONDS = 60.0  # without a word of the answer; a last net: budgets end calculations long before
MOST_BYTES = 1_500_000_000
MOST_FAILED = 3  # starts of a worker; then the server calculates by itself while it goes on trying
LOOK_S = 0.1
GRACE_S = 1.0  # between the word to stop and the end of a worker that does not

BUSY = "too many", "The studio has too many calculations waiting; please try again in a moment."
REPLACED = "replaced", "A newer request of the same page took the place of this one."
TOO_LONG = "too long", "This took longer, or more memory, than a calculation may, and was ended. Nothing was changed."
ENDED = "fault", "The calculation ended with a fault of its own; nothing was changed. Please try again."


LOG = logging.getLogger("fernring.pool")


@dataclass(eq=False)
class Job:
    """A request on its way. `said` takes the application's messages, then None; `heard` is when the last of them was
    heard, by the loop's clock, and `failed` why there are no more. A `shared` one may go to the lane beside.
    """

    scope: Scope
    body: bytes
    asker: str | None
    shared: bool = False
    said: "asyncio.Queue[Message | None]" = field(default_factory=asyncio.Queue)
    failed: tuple[str, str] | None = None
    over: bool = False
    heard: float = 0.0
    seconds: float = 0.0

    def finish(self, failed: tuple[str, str] | None = None) -> None:
        if not self.over:
            self.failed, self.over = failed, True
            self.said.put_nowait(None)


class Lane:
    """Keeps one worker living, and asks it one request after the other."""

    def __init__(self, studio: Path, nice: int) -> None:
        self.studio, self.nice = studio, nice
        self.beside: Lane | None = None
        self.waiting: deque[Job] = deque()
        self.running: Job | None = None
        self.begun = False  # whether a worker has stood ready yet
        self.failed = 0  # how often in a row none could start
        self._worker: WorkerProcess | None = None
        self._more = asyncio.Event()
        self._numbers = count()
        self._task: asyncio.Task[None] | None = None

    @property
    def stands(self) -> bool:
        """Whether there is a worker to be had, soon at least."""
        return self.failed < MOST_FAILED

    @property
    def load(self) -> int:
        """Jobs that wait or run."""
        return len(self.waiting) + (self.running is not None)

    def open(self) -> None:
        self._task = asyncio.create_task(self._work())

    async def close(self) -> None:
        if self._task is not None:
            self._task.cancel()
            with contextlib.suppress(asyncio.CancelledError):
                await self._task
        if self._worker is not None:
            await self._worker.end()

    def take(self, job: Job) -> None:
        """Queue a job; an older one of the same asker makes way, and one too many is refused."""
        for other in [*self.waiting, *([self.running] if self.running else [])]:
            if job.asker is not None and other.asker == job.asker:
                self.call_off(other, REPLACED)
        if len(self.waiting) >= MOST_WAITING:
            job.finish(BUSY)
            return
        self.waiting.append(job)
        self._more.set()
        if job.shared and self.beside is not None:
            self.beside._more.set()

    def call_off(self, job: Job, why: tuple[str, str] | None = None) -> None:
        """Nobody waits for this job any more."""
        job.finish(why)
        with contextlib.suppress(ValueError):
            self.waiting.remove(job)

    async def _work(self) -> None:
        while True:
            await self._living()
            while self._next() is None:
                self._more.clear()
                await self._more.wait()
            worker = await self._living()
            if (found := self._next()) is None:
                continue
            jobs, job = found
            jobs.remove(job)
            self.running = job
            begin = asyncio.get_running_loop().time()
            try:
                await self._one(worker, job)
            except Exception as error:  # whatever it was, the lane goes on with another worker
                LOG.error("%s %s ended: %r", job.scope["method"], job.scope["path"], error)
                job.finish(ENDED)
                await self._replace(worker)
            finally:
                job.seconds = asyncio.get_running_loop().time() - begin
                self.running = None

    def _next(self) -> tuple[deque[Job], Job] | None:
        """The job whose turn it is, and where it waits: this lane's first, else a shared one of the lane beside."""
        if self.waiting:
            return self.waiting, self.waiting[0]
        there = self.beside.waiting if self.beside is not None else deque()
        return next(((there, job) for job in there if job.shared), None)

    async def _one(self, worker: WorkerProcess, job: Job) -> None:
        """One job on the worker, watched: its time, its memory, and whether somebody still waits."""
        number, loop = next(self._numbers), asyncio.get_running_loop()
        answering = asyncio.create_task(self._pass_on(worker, job, number))
        job.heard, stopped_at = loop.time(), None
        answering.add_done_callback(_seen)
        while not (await asyncio.wait({answering}, timeout=LOOK_S))[0]:
            if loop.time() > job.heard + MOST_SECONDS or worker.bytes_held > MOST_BYTES:
                job.finish(TOO_LONG)
            if job.over and stopped_at is None:
                worker.stop(number)
                stopped_at = loop.time()
            if stopped_at is not None and loop.time() > stopped_at + GRACE_S:
                answering.cancel()
                await self._replace(worker)
                return
        answering.result()

    async def _pass_on(self, worker: WorkerProcess, job: Job, number: int) -> None:
        async for message in worker.answers(number, job.scope, job.body):
            job.heard = asyncio.get_running_loop().time()
            if not job.over:
                job.said.put_nowait(message)
        job.finish()

    async def _living(self) -> WorkerProcess:
        if self._worker is not None and self._worker.process.returncode is not None:
            await self._replace(self._worker)
        while self._worker is None:
            try:
                self._worker = await WorkerProcess.started(self.studio, self.nice)
            except (GoneError, OSError) as error:
                LOG.error("A worker could not start: %r", error)
                self.failed += 1
                while self.waiting and self.failed >= MOST_FAILED:
                    self.waiting.popleft().finish(ENDED)
                await asyncio.sleep(GRACE_S)
        self.failed = 0
        self.begun = True
        return self._worker

    async def _replace(self, worker: WorkerProcess) -> None:
        self._worker = None
        await worker.end()


def _seen(task: "asyncio.Task[None]") -> None:
    """Whoever waited for the task may be gone; its error is then nobody's."""
    if not task.cancelled():
        task.exception()
