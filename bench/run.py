"""Every measurement: python -m bench.run [PART ...]. The exit code says whether a figure was missed."""

import sys
from importlib import import_module

PARTS = (
    "touching",
    "planning",
    "many",
    "curved",
    "trims",
    "round_trip",
    "paper",
    "start",
    "gallery",
    "work",
    "table",
    "storm",
    "fills",
    "words",
    "mixing",
    "sizes",
    "photographs",
    "sheets",
    "stone",
    "bench",
    "worst",
    "busy",
)


def main(names: list[str]) -> int:
    good = True
    for name in names or PARTS:
        part = import_module(f"bench.{name}")
        print((part.__doc__ or name).splitlines()[0])
        good &= part.run()
    return 0 if good else 1


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
