"""A photograph on standard output: python -m fernring.standins.camera (stone | sheet) SEED.

For a sheet, which one it is stands on standard input.
"""

import sys

from ...core.practice.sheet import PracticeSheet
from .sheets import sheet_shot
from .stones import stone_shot

STONE, SHEET = (2000, 1500), (2800, 2100)


def main(words: list[str]) -> int:
    what, seed = words[0], int(words[1])
    if what == "stone":
        jpeg = stone_shot(seed, size=STONE).jpeg
    else:
        jpeg = sheet_shot(PracticeSheet.model_validate_json(sys.stdin.read()), seed, size=SHEET).jpeg
    sys.stdout.buffer.write(jpeg)
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
