"""What is said of trims: loads that run dry, sides that differ, top dots as large as what they sit on."""

from collections.abc import Iterator

from ..document.trim import TopTrim, WalkTrim, trims_of
from ..rows.grown import Finding
from ..solved import Solved
from .sizes import KitSize, kit_sizes, largest_up_to, trim_size
from .verdict import Remedy, Verdict, change, mm


def trim_verdicts(solved: Solved) -> Iterator[Verdict]:
    for index, placed in enumerate(solved.rows):
        for finding in placed.grown.findings:
            yield from _said(solved, index, finding)


def trim_path(solved: Solved, index: int, number: int) -> tuple[str | int, ...]:
    """Where the trim of this number stands in the document."""
    path: tuple[str | int, ...] = ("rows", index)
    trims = solved.piece.rows[index].trims
    while True:
        for k, trim in enumerate(trims):
            inner = getattr(trim, "trims", ())
            size = 1 + sum(1 for _ in trims_of(inner))
            if number == 0:
                return (*path, "trims", k)
            if number < size:
                path, trims, number = (*path, "trims", k), inner, number - 1
                break
            number -= size


def _said(solved: Solved, index: int, finding: Finding) -> Iterator[Verdict]:
    row = solved.piece.rows[index]
    trim = list(trims_of(row.trims))[finding.trim]
    path = trim_path(solved, index, finding.trim)
    name, key = solved.name(index).capitalize(), f"{row.id}:{finding.trim}"
    if finding.code == "load" and isinstance(trim, WalkTrim):
        need, gives = (int(value) for value in finding.figures)
        text = f"{name}: one load must give {need} dots to reach the foot, and this one gives {gives}."
        each = Remedy("Reload for every dot", (change(*path, "load", "each"),))
        yield Verdict(
            "load too small", f"load too small:{key}", "warning", text, (index,), (),
            (*_larger_load(solved, need, path), each),
        )  # fmt: skip
    elif finding.code == "uneven":
        right, left = (int(value) for value in finding.figures)
        text = f"{name}: a walk has {right} dots on one side and {left} on the other."
        even = Remedy("As many on both sides", (change(*path, "equal", True),))
        yield Verdict("uneven sides", f"uneven sides:{key}", "note", text, (index,), (), (even,))
    elif finding.code == "top" and isinstance(trim, TopTrim):
        size, below = finding.figures
        text = f"{name}: a top dot of {mm(size)} is as large as the dot below, {mm(below)}."
        smaller = largest_up_to(kit_sizes(solved.piece.tools), 0.6 * below)
        fixes = (
            (Remedy(f"Use {smaller.diameter:g} mm dots ({smaller.name})", (
                change(*path, "sizes", 0, trim_size(smaller)),
            )),)
            if smaller and len(trim.sizes) == 1
            else ()
        )  # fmt: skip
        yield Verdict("top too large", f"top too large:{key}", "serious", text, (index,), (), fixes)


def _larger_load(solved: Solved, need: int, path: tuple[str | int, ...]) -> tuple[Remedy, ...]:
    """The smallest tool whose load gives that many dots; the walk takes its dot."""
    enough = [tool for tool in solved.piece.tools if tool.load and tool.load.dots >= need]
    if not enough:
        return ()
    tool = min(enough, key=lambda t: t.dots[0])
    size = KitSize(tool.dots[0], tool.id, tool.name)
    return (Remedy(f"Walk with {size.name} ({size.diameter:g} mm)", (change(*path, "size", trim_size(size)),)),)
