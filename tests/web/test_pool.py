"""Calculations in processes of their own: called off, replaced, ended, and never in the way of the server."""

import asyncio
import json
import os
import shutil
import signal
import tempfile
import time
from collections.abc import AsyncIterator, Coroutine
from concurrent.futures import ThreadPoolExecutor
from dataclasses import replace
from pathlib import Path
from typing import Any, ClassVar, TypeVar
from unittest.mock import AsyncMock, MagicMock, patch

from fernring.web.pool import lane as lanes
from fernring.web.pool.lane import BUSY, ENDED, TOO_LONG, Job, Lane
from fernring.web.pool.process import WorkerProcess
from tests import patterns, samples
from tests.assertions import FernTestCase
from tests.server import PATIENCE_S, Server

Answer = tuple[int, Any]
Result = TypeVar("Result")


def light() -> dict[str, Any]:
    return samples.five_rows().model_dump(mode="json")


def heavy() -> dict[str, Any]:
    """A piece that takes seconds until it holds too many swipes: petals on petals on a dot, with swipes on each."""
    swipe = {"kind": "swipe", "id": "s", "to": {"kind": "contact"}, "family": 9, "form": "comma left"}
    outer = patterns.walk(0.2, id="o", load="each", count=30, trims=[swipe])
    inner = patterns.walk(0.4, id="i", load="each", count=60, layers=6, trims=[outer])
    row = patterns.row("centre", 60.0, track={"kind": "centre"}, start=patterns.LINES, trims=[inner])
    return {**patterns.piece("petals").model_dump(mode="json"), "rows": [row]}


def children(pid: int) -> list[int]:
    return [int(one) for one in Path(f"/proc/{pid}/task/{pid}/children").read_text().split()]


def lives(pid: int) -> bool:
    """Whether the process goes on; one that ended may stay listed until somebody asks after it."""
    try:
        return Path(f"/proc/{pid}/stat").read_text().rsplit(")", 1)[1].split()[0] != "Z"
    except FileNotFoundError:
        return False


class ServerTest(FernTestCase):
    folder: ClassVar[Path]
    server: ClassVar[Server]

    @classmethod
    def setUpClass(cls) -> None:
        cls.folder = Path(tempfile.mkdtemp())
        cls.server = Server(cls.folder / "studio.sqlite", demo=False)

    @classmethod
    def tearDownClass(cls) -> None:
        cls.server.kill()
        shutil.rmtree(cls.folder)

    def ask(self, path: str, body: Any, asker: str = "") -> Answer:
        """Status, and the answer's bytes or what the refusal says."""
        status, found = self.server.ask(path, body, asker)
        return status, found if status < 400 else json.loads(found)

    def workers(self) -> list[int]:
        """Both of them, once they stand."""
        deadline = time.monotonic() + PATIENCE_S
        while len(found := children(self.server.process.pid)) < 2 and time.monotonic() < deadline:
            self.ask("/api/plan", light())
        return found


class PoolTest(ServerTest):
    def test_plans_are_the_same_wherever_they_are_calculated(self) -> None:
        status, found = self.ask("/api/plan", light())
        again = self.ask("/api/plan", light(), "a page")
        self.assertEqual((status, again), (200, (200, found)))

    def test_refusals_come_as_they_are(self) -> None:
        status, problem = self.ask("/api/plan", {**light(), "segments": 10**6})
        self.assertEqual((status, problem["field"]), (422, "segments"))
        status, problem = self.ask("/api/plan", heavy())
        self.assertEqual((status, problem["code"], problem["field"]), (422, "plan", "rows.0"))
        self.assertIn("at most 12000 swipes", problem["message"])

    def test_fifty_plans_that_nobody_waits_for_hold_up_nobody(self) -> None:
        for line in [self.server.begin("/api/plan", heavy()) for _ in range(50)]:
            line.close()
        self.assertEqual(self.ask("/api/plan", light())[0], 200)

    def test_edits_and_plans_are_answered_while_the_heavy_wait(self) -> None:
        lines = [self.server.begin("/api/fits", {"piece": heavy(), "row": 0}) for _ in range(20)]
        self.assertEqual(self.ask("/api/plan", light(), "a page")[0], 200)
        self.assertEqual(self.ask("/api/pieces", {"piece": light()})[0], 201)
        for line in lines:
            line.close()

    def test_a_newer_request_of_a_page_takes_the_place_of_its_older_one(self) -> None:
        for _ in range(5):  # until the editing lane stands; before that plans are calculated by the server itself
            with ThreadPoolExecutor() as pool:
                older = pool.submit(self.ask, "/api/plan", heavy(), "one page")
                newer = [pool.submit(self.ask, "/api/plan", light(), "one page") for _ in range(3)]
                answers = [older.result(), *(one.result() for one in newer)]
            self.assertTrue(all(status in (200, 409, 422) for status, _ in answers), answers)
            if 409 in [status for status, _ in answers]:
                break
        self.assertIn((409, "replaced"), [(status, found["code"]) for status, found in answers if status != 200])
        self.assertIn(200, [status for status, _ in answers])

    def test_a_worker_that_dies_is_replaced(self) -> None:
        for pid in self.workers():
            os.kill(pid, signal.SIGKILL)
        for _ in range(3):
            status, found = self.ask("/api/plan", light())
            if status == 200:
                return
            self.assertEqual(found["message"], ENDED[1])
        self.fail("no worker came back")


class EndTest(ServerTest):
    def expect_ended(self, pids: list[int]) -> None:
        deadline = time.monotonic() + PATIENCE_S
        while any(map(lives, pids)):
            self.assertLess(time.monotonic(), deadline, "a worker outlived its server")

    def test_workers_end_with_a_server_that_is_killed(self) -> None:
        pids = self.workers()
        lines = [self.server.begin("/api/plan", heavy())]
        for _ in range(30):  # so that the server has answers it has not read
            lines.append(self.server.begin("/api/plan", light()))
        self.server.kill()
        for line in lines:
            line.close()
        self.expect_ended(pids)
        self.server.start()

    def test_a_busy_server_ends_when_it_is_told_to(self) -> None:
        pids = self.workers()
        lines = [self.server.begin("/api/plan", heavy()) for _ in range(30)]
        self.assertIn(self.server.end(), (0, -signal.SIGTERM))
        self.expect_ended(pids)
        for line in lines:
            line.close()
        self.server.start()


class Talker(WorkerProcess):
    """A worker that answers in so many parts, and takes its time for each."""

    bytes_held = 0

    def __init__(self, parts: int, seconds: float) -> None:
        self.process = MagicMock(returncode=None)
        self.parts, self.seconds = parts, seconds
        self.stopped = -1

    async def answers(self, number: int, scope: Any, body: bytes) -> AsyncIterator[Any]:
        yield {"type": "http.response.start", "status": 200}
        left = self.parts
        while left and self.stopped < number:
            left -= 1
            await asyncio.sleep(self.seconds)
            yield {"type": "http.response.body", "body": b".", "more_body": True}

    def stop(self, number: int) -> None:
        self.stopped = number

    async def end(self) -> None:
        return


class LaneTest(FernTestCase):
    """One lane by itself."""

    def setUp(self) -> None:
        self.folder = Path(tempfile.mkdtemp())
        self.addCleanup(shutil.rmtree, self.folder)
        self.studio = self.folder / "studio.sqlite"

    def plan(self, piece: dict[str, Any], asker: str | None = None) -> Job:
        scope = {
            "type": "http", "asgi": {"version": "3.0"}, "http_version": "1.1", "method": "POST", "scheme": "http",
            "path": "/api/plan", "raw_path": b"/api/plan", "query_string": b"", "root_path": "",
            "headers": [(b"content-type", b"application/json")],
        }  # fmt: skip
        return Job(scope, json.dumps(piece).encode(), asker)

    def run_jobs(self, *jobs: Job) -> list[int | None]:
        """The status each job was answered with."""

        async def run() -> list[int | None]:
            lane = Lane(self.studio, 0)
            lane.open()
            for job in jobs:
                lane.take(job)
            found = [await self.status(job) for job in jobs]
            await lane.close()
            return found

        return self.run_apart(run())

    def run_apart(self, work: Coroutine[None, None, Result]) -> Result:
        """In a thread of its own: another loop may run in this one."""
        with ThreadPoolExecutor() as thread:
            return thread.submit(asyncio.run, work).result()

    async def status(self, job: Job) -> int | None:
        first = None
        while (message := await job.said.get()) is not None:
            first = first if first is not None else message.get("status")
        return first

    def test_past_its_time_a_job_is_ended_and_the_next_is_done(self) -> None:
        with patch.object(lanes, "MOST_SECONDS", 0.2):
            job = self.plan(heavy())
            self.assertEqual(self.run_jobs(job), [None])
        self.assertEqual(job.failed, TOO_LONG)

    def test_what_goes_on_telling_has_its_time_anew(self) -> None:
        """Many files in one ZIP take as long as they take."""
        job = self.plan(light())
        with (
            patch.object(lanes, "MOST_SECONDS", 2.0),
            patch.object(WorkerProcess, "started", AsyncMock(return_value=Talker(40, 0.08))),
        ):
            self.assertEqual(self.run_jobs(job), [200])
        self.assertIsNone(job.failed)

    def test_a_worker_hears_that_a_job_is_called_off_and_takes_the_next(self) -> None:
        """One that could be shared as well, where there is no lane beside."""
        worker, job, other = Talker(10_000, 0.01), self.plan(light()), replace(self.plan(light()), shared=True)

        async def run() -> int | None:
            lane = Lane(self.studio, 0)
            lane.open()
            lane.take(job)
            await job.said.get()
            lane.call_off(job)
            worker.parts = 1
            lane.take(other)
            status = await self.status(other)
            await lane.close()
            return status

        with patch.object(WorkerProcess, "started", AsyncMock(return_value=worker)) as started:
            self.assertEqual(self.run_apart(run()), 200)
        started.assert_awaited_once()

    def test_past_its_memory(self) -> None:
        jobs = self.plan(heavy()), self.plan(light())
        with patch.object(lanes, "MOST_BYTES", 1):
            self.assertEqual(self.run_jobs(jobs[0])[0], None)
        self.assertEqual(jobs[0].failed, TOO_LONG)
        self.assertEqual(self.run_jobs(jobs[1]), [200])

    def test_a_worker_that_does_not_hear_is_ended(self) -> None:
        jobs = self.plan(heavy()), self.plan(light())  # the second has time enough on a busy machine too
        with patch.object(lanes, "MOST_SECONDS", 1.0), patch.object(lanes, "GRACE_S", 0.0):
            self.assertEqual(self.run_jobs(*jobs), [None, 200])

    def test_where_no_worker_can_start_nobody_waits_for_one(self) -> None:
        job = self.plan(light())
        with (
            patch.object(WorkerProcess, "started", side_effect=OSError("no more processes")),
            patch.object(lanes, "GRACE_S", 0.0),
        ):
            self.assertEqual(self.run_jobs(job), [None])
        self.assertEqual(job.failed, ENDED)

    def test_queues_are_bounded(self) -> None:
        jobs = [self.plan(light()) for _ in range(3)]
        with patch.object(lanes, "MOST_WAITING", 2):
            self.assertEqual(self.run_jobs(*jobs), [200, 200, None])
        self.assertEqual(jobs[2].failed, BUSY)

    def test_a_free_lane_takes_what_may_be_shared(self) -> None:
        """The one asked for last waits behind a heavy one, and is answered before it by the lane beside."""
        slow, own, lent = self.plan(heavy()), self.plan(light()), replace(self.plan(light()), shared=True)

        async def run() -> list[bool]:
            lane, other = Lane(self.studio, 0), Lane(self.studio, 0)
            lane.beside, other.beside = other, lane
            for one in (lane, other):
                one.open()
            for job in (slow, own, lent):
                lane.take(job)
            self.assertEqual(await self.status(lent), 200)
            over = [job.over for job in (slow, own)]
            await asyncio.gather(lane.close(), other.close())
            return over

        with ThreadPoolExecutor() as thread:
            self.assertEqual(thread.submit(lambda: asyncio.run(run())).result(), [False, False])
