"""Sizes that no tool of the piece makes."""

from collections.abc import Iterator

from ..document.changes import change
from ..rows.tracks import track_of
from ..rows.trims import trim_kind
from ..solved import Solved
from ..words.lengths import mm
from .sizes import SAME, KitSize, give_size, kit_sizes, trim_size
from .trims import trim_path
from .verdict import Remedy, Verdict, each


def tool_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Every pattern member whose diameter is not among the dots of the kit, to within 0.05 mm."""
    tools = {tool.id: tool for tool in solved.piece.tools}
    sizes = kit_sizes(solved.piece.tools)
    kit = tuple(size.diameter for size in sizes)
    for index, (row, placed) in enumerate(zip(solved.piece.rows, solved.rows, strict=True)):
        for k, diameter in enumerate(placed.diameters if placed.n and track_of(row.track).sized else ()):
            named = tools.get(row.pattern[k].tool or "") if row.fit != "size" else None
            makes = named.made if named else kit
            if any(abs(diameter - made) <= SAME for made in makes):
                continue
            miss = f"{named.name} was not measured at" if named else "no tool of the piece makes a dot of"
            text = f"{solved.name(index).capitalize()}: {miss} {mm(diameter)}."
            yield _verdict(solved, index, k, text, diameter, sizes)
        yield from _trims(solved, index, sizes)


def _trims(solved: Solved, index: int, sizes: list[KitSize]) -> Iterator[Verdict]:
    """Trims whose size no tool makes; the diminishing dots of a load need none of their own."""
    row = solved.rules[index]
    for number, trim in enumerate(row.all_trims):
        path = trim_path(solved, index, number)
        for k, (inside, size) in enumerate(trim_kind(trim).sizes(trim)):
            if size.share or not sizes or any(abs(size.diameter - one.diameter) <= SAME for one in sizes):
                continue
            text = f"{solved.name(index).capitalize()}: no tool of the piece makes a trim of {mm(size.diameter)}."
            near = min(sizes, key=lambda one: abs(one.diameter - size.diameter))
            made = change(*path, *inside, trim_size(near))
            fix = Remedy(f"Use {mm(near.diameter)} ({near.name})", (made,))
            yield Verdict("no tool", f"no tool:{row.id}:{trim.id}:{k}", "warning", text, (index,), (), each(fix))


def _verdict(solved: Solved, index: int, k: int, text: str, diameter: float, sizes: list[KitSize]) -> Verdict:
    row = solved.rules[index]
    below = [size for size in sizes if size.diameter < diameter][-1:]
    above = [size for size in sizes if size.diameter > diameter][:1]
    remedies = tuple(
        Remedy(f"Use {mm(size.diameter)} ({size.name})", give_size(row, index, k, size)) for size in below + above
    )
    return Verdict("no tool", f"no tool:{row.id}:{row.pattern[k].id}", "warning", text, (index,), (), each(*remedies))
