"""A photograph on standard output: python -m fernring.standins.camera stone SEED."""

import sys

from .stones import stone_shot

SIZE = (2400, 1800)


def main(words: list[str]) -> int:
    sys.stdout.buffer.write(stone_shot(int(words[1]), size=SIZE).jpeg)
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
