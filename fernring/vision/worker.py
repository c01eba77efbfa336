"""One task on one picture, in a process with little memory and time: python -m fernring.vision.worker.

A line of JSON with the task on standard input, then the picture's bytes; a line of JSON for each stage of the work, and
one with the answer.
"""

import json
import resource
import sys
from typing import Any

from .limits import MEMORY, SECONDS, PictureError
from .stages import OPENING


def main() -> int:
    resource.setrlimit(resource.RLIMIT_AS, (MEMORY, MEMORY))
    resource.setrlimit(resource.RLIMIT_CPU, (SECONDS, SECONDS))
    asked = json.loads(sys.stdin.buffer.readline())
    try:
        _tell(OPENING)
        answer: dict[str, Any] = {"found": _done(asked, sys.stdin.buffer.read())}
    except PictureError as error:
        answer = {"refused": error.message}
    except MemoryError:
        answer = {"refused": "This picture takes more memory than a picture may."}
    print(json.dumps(answer))
    return 0


def _done(asked: dict[str, Any], data: bytes) -> Any:
    from . import intake  # after the limits are set
    from .tasks import TASKS

    return TASKS[asked["task"]](intake.picture(data, asked["longest"]), asked, _tell)


def _tell(stage: str) -> None:
    print(json.dumps({"stage": stage}), flush=True)


if __name__ == "__main__":
    sys.exit(main())
