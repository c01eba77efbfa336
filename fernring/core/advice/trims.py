"""What is said of trims: loads that run dry, sides that differ, top dots as large as what they sit on."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass

from ..document.changes import change
from ..rows.trims import trim_kind
from ..rows.trims.grown import Finding
from ..rows.trims.kind import Path, TrimRule, trims_with_paths
from ..rows.trims.top import TopTrim
from ..solved import Solved
from ..words.lengths import mm
from ..words.numbers import article, counted
from .sizes import KitSize, kit_sizes, largest_up_to, trim_size
from .verdict import Remedy, Verdict, Ways, each


@dataclass(frozen=True)
class Where:
    """A trim that something is said about, with its row and its path in the document."""

    solved: Solved
    index: int
    trim: TrimRule
    path: Path

    @property
    def name(self) -> str:
        return self.solved.name(self.index).capitalize()

    def key(self, code: str) -> str:
        return f"{code}:{self.solved.piece.rows[self.index].id}:{self.trim.id}"


def trim_verdicts(solved: Solved) -> Iterator[Verdict]:
    for index, placed in enumerate(solved.rows):
        for finding in placed.grown.findings:
            trim = solved.rules[index].all_trims[finding.trim]
            where = Where(solved, index, trim, trim_path(solved, index, finding.trim))
            yield _SAID[finding.code](where, finding)


def trim_path(solved: Solved, index: int, number: int) -> Path:
    """Where the trim of this number stands in the document."""
    return list(trims_with_paths(solved.rules[index].trims, ("rows", index)))[number][0]


def _load(where: Where, finding: Finding) -> Verdict:
    need, gives = (int(value) for value in finding.figures)
    text = f"{where.name}: one load must give {need} dots to reach the foot, and this one gives {gives}."
    fresh = Remedy("Take a second load where the first runs dry", (change(*where.path, "load", "two"),))
    reload = Remedy("Reload for every dot", (change(*where.path, "load", "each"),))
    stop = Remedy(f"Stop after {gives - 1} on a side", (change(*where.path, "count", gives - 1),))
    ways = each(*_larger_load(where, need), fresh, reload, *([stop] if gives > 1 else []))
    return Verdict("load too small", where.key("load too small"), "warning", text, (where.index,), (), ways)


def _not_measured(where: Where, finding: Finding) -> Verdict:
    dots, ratio = finding.figures
    text = (
        f"{where.name}: no load was measured for this walk; one is taken to give {dots:g} dots, each {ratio:g} times "
        "as wide as the one before, as is typical."
    )
    return Verdict("not measured", where.key("not measured"), "note", text, (where.index,))


def _uneven(where: Where, finding: Finding) -> Verdict:
    right, left = (int(value) for value in finding.figures)
    text = f"{where.name}: a walk has {right} dots on one side and {left} on the other."
    even = Remedy("As many on both sides", (change(*where.path, "equal", True),))
    return Verdict("uneven sides", where.key("uneven sides"), "note", text, (where.index,), (), each(even))


def _top(where: Where, finding: Finding) -> Verdict:
    size, below = finding.figures
    text = f"{where.name}: a top dot of {mm(size)} is as large as the dot below, {mm(below)}."
    smaller = largest_up_to(kit_sizes(where.solved.piece.tools), 0.6 * below)
    fixes: tuple[Remedy, ...] = ()
    if smaller and isinstance(where.trim, TopTrim) and len(where.trim.sizes) == 1:
        taken = change(*where.path, "sizes", 0, trim_size(smaller))
        fixes = (Remedy(f"Use {mm(smaller.diameter)} dots ({smaller.name})", (taken,)),)
    return Verdict("top too large", where.key("top too large"), "serious", text, (where.index,), (), each(*fixes))


def _larger_load(where: Where, need: int) -> tuple[Remedy, ...]:
    """The smallest tool whose load gives that many dots; the walk takes its dot."""
    enough = [tool for tool in where.solved.piece.tools if tool.load and tool.load.dots >= need]
    if not enough:
        return ()
    tool = min(enough, key=lambda t: t.dots[0])
    size = KitSize(tool.dots[0], tool.id, tool.name)
    taken = change(*where.path, "size", trim_size(size))
    return (Remedy(f"Walk with {size.name} ({mm(size.diameter)})", (taken,)),)


def _not_exact(where: Where, finding: Finding) -> Verdict:
    (off,) = finding.figures
    text = f"{where.name}: the dots of a walk could not be set exactly on this relief; some gaps are off by {mm(off)}."
    return Verdict("walk not exact", where.key("walk not exact"), "note", text, (where.index,))


def _blocked(where: Where, finding: Finding) -> Verdict:
    layer, dots = (int(value) for value in finding.figures)
    text = (
        f"{where.name}: walk {layer} round a petal ends after {counted(dots)} dots on a side: the next one would "
        "overlap the petal itself."
    )
    return Verdict("walk blocked", where.key("walk blocked"), "note", text, (where.index,))


def _no_place(where: Where, finding: Finding) -> Verdict:
    (lost,) = (int(value) for value in finding.figures)
    name = trim_kind(where.trim).name
    what = f"{article(name)} is" if lost == 1 else f"{counted(lost)} {name}s are"
    text = f"{where.name}: {what} left out at every dot, because what was put on the dot before lies in the way."
    trims = [trim.model_dump(mode="json") for trim in where.solved.piece.rows[where.index].trims]
    ways: Ways = ()
    if len(where.path) == 4:  # a trim of the row itself
        place = int(where.path[-1])
        first = [trims[place], *trims[:place], *trims[place + 1 :]]
        ways = each(Remedy(f"Put the {name} first", (change("rows", where.index, "trims", first),)))
    return Verdict("no place", where.key("no place"), "warning", text, (where.index,), (), ways)


_SAID: dict[str, Callable[[Where, Finding], Verdict]] = {
    "load": _load,
    "load not measured": _not_measured,
    "not exact": _not_exact,
    "blocked": _blocked,
    "uneven": _uneven,
    "top": _top,
    "no place": _no_place,
}
