"""Sample pieces for the pattern language, by what they show; none has a serious finding."""

from tests.pattern_rows import (
    LINES,
    ONE,
    SPOTS,
    THREE,
    TWO,
    Document,
    at,
    centre,
    fan,
    flower,
    hug,
    line,
    members,
    motif,
    outline,
    row,
    shades,
    shaped,
    swipe,
    top,
    walk,
)

SQUARE = {"outline": {"kind": "square", "side": 108, "corner": 3}}
OVAL = {"outline": {"kind": "oval", "length": 140, "width": 90}}
PLATE = {"outline": {"kind": "round", "diameter": 200}, "relief": {"kind": "plate", "well": 120, "rise": 14}}
DOME = {"outline": {"kind": "round", "diameter": 110}, "relief": {"kind": "dome", "rise": 18}}
BALL = {"outline": {"kind": "round", "diameter": 90}, "relief": {"kind": "ball"}, "border": 1}
BLOSSOM = row("blossom", 8.9, distance=at(31), trims=[walk(layers=2, load="each")])

# fmt: off
PIECES: dict[str, tuple[list[Document], Document]] = {
    "petals": ([centre(), BLOSSOM], {}),
    "petals of one load": ([centre(), row("a", 6.8, distance=at(18), trims=[walk(1.5, shading="along", count=4)])],
        {}),
    "pinwheel": ([centre(), row("a", 6.8, distance=at(18), trims=[walk(1.3, sides="right", load="each")])], {}),
    "slim petals": ([centre(), row("a", 4.6, distance=at(17), trims=[walk(1.3, lead=2, load="each")])], {}),
    "from the foot": ([centre(), row("a", 8.9, distance=at(24), trims=[walk(1.5, begin="foot", count=4)])], {}),
    "top dots": ([centre(trims=[top(5.7, 2.5), top(1.0, towards="outward", shift=1.0)][:1]), row("a", 6.8,
        distance=at(17), trims=[top(3.5, towards="inward")])], {}),
    "stacks in turns": ([centre(), row("a", 6.8, distance=at(18), trims=[top(4.6, 3.0, 1.5, turns=True,
        shades=shades("red", "teal", "pale"))])], {}),
    "trims on trims": ([centre(), row("a", 8.9, distance=at(30), trims=[walk(2.5, load="each", trims=[top(1.0)])])],
        {}),
    "teardrops": ([centre(), row("a", 3.5, distance=at(16), trims=[swipe(9)])], {}),
    "commas": ([centre(), row("a", 3.5, distance=at(16), trims=[swipe(9, form="comma right", bend=60)])], {}),
    "straight pulls to a circle": ([centre(), row("a", 3.0, distance=at(16), trims=[{**swipe(), "form": "straight",
        "to": {"kind": "circle", "walk": 30}}])], {}),
    "pulls to contact": ([centre(), row("a", 3.0, distance=at(14)), row("b", 3.5, distance=at(32), start={"kind":
        "offset"}, trims=[{**swipe(), "direction": "inward", "to": {"kind": "contact"}}])], {}),
    "families in the ends of an oval": ([centre(), row("fan", 3.5, count={"kind": "absolute", "repeats": 2},
        start={"kind": "angle", "degrees": 90}, distance=at(49), trims=[swipe(14, family=5, lean=22,
        shorter=0.22)])], {"blank": OVAL}),
    "large, small, small": ([centre(), row("a", 4.6, 2.0, 2.0, spacing="equal gaps", count=ONE)], {}),
    "dot, blank, dot": ([centre(), {**row("a", 3.0, 3.0, 3.0), "pattern": [members(3)[0], {"id": "gone", "diameter":
        3, "form": "blank"}, members(3, 3)[1]]}], {}),
    "shades of their own": ([centre(), {**row("a", 2.5, 2.5, 2.5), "pattern": [{"id": "own", "diameter": 2.5,
        "shade": shades("red")[0]}, *members(2.5, 2.5)]}], {}),
    "small shapes": ([centre(), {**row("a", 3.0, count=TWO), "pattern": members(3, form="leaf", length=7),
        "distance": at(24)}, {**row("b", 2.0), "pattern": members(2, form="oval", length=5, lies="along"),
        "distance": at(36)}, {**row("c", 2.0, count=TWO), "pattern": members(2, form="diamond", length=4),
        "distance": at(41)}], {"blank": {"outline": {"kind": "round", "diameter": 120}}}),
    "groups": ([centre(), row("tri", 2.0, distance=at(14), group={"kind": "triangle"}), row("pair", 2.5,
        distance=at(22), group={"kind": "pair"}), row("line", 2.5, distance=at(28), group={"kind": "line", "count":
        3, "falls": 0.2}), row("dia", 2.0, distance=at(40), group={"kind": "diamond"}), row("box", 2.0,
        distance=at(50), group={"kind": "box"}), row("fan", 2.0, distance=at(58), group={"kind": "fan", "count":
        4})], {"blank": {"outline": {"kind": "round", "diameter": 150}}}),
    "along the edge, three deep": ([centre(), *(row(f"e{k}", d, track={"kind": "inset"}, fit="count") for k, d in
        enumerate((2.5, 3.0, 2.0)))], {"blank": OVAL}),
    "a band with squared corners": ([centre(), row("band", 3.0, track={"kind": "inset"}, fit="count", start=LINES)],
        {"blank": {"outline": {"kind": "square", "side": 108}}}),
    "lines of dots": ([row("lines", 2.0, 1.0, track={"kind": "line", "lines": 7, "spacing": 9}, gap=0.6)], {"blank":
        SQUARE}),
    "scallops": ([centre(), row("arc", 1.5, track={"kind": "arc", "start": 30, "end": 30, "bulge": 5}, fit="count",
        start=LINES)], {}),
    "a star": ([centre(), row("star", 1.0, track={"kind": "arc", "start": 16, "end": 40, "across": 0.5, "mirrored":
        True}, fit="count", start=LINES, gap=2.0)], {"segments": 6}),
    "a path in every segment": ([centre(), row("p", 1.5, track={"kind": "path", "lines": [{"x": [3, 6, 3], "y":
        [-16, -24, -34]}], "every": 1}, fit="count")], {"segments": 8}),
    "corner groups": ([centre(), row("corner", 4.6, track={"kind": "corner", "inward": 9}, group={"kind":
        "triangle"})], {"blank": SQUARE}),
    "carried into the corners": ([centre(), *(row(f"r{k}", 3.5, track={"kind": "ring", "beyond": "carry on"},
        count=THREE, distance=at(40 + 6 * k)) for k in range(5))], {"blank": SQUARE}),
    "a rim": ([centre(), row("well", 4.6, distance=at(40)), row("rim", 4.6, distance={"kind": "edge", "inward": 20},
        count=TWO)], {"blank": PLATE}),
    "gap dots": ([centre(), BLOSSOM, row("o", 3.5, distance=at(44), start={"kind": "offset"}), row("gaps", 2.5,
        track={"kind": "gaps", "least": 0.8}, gap=0.3)], {}),
    "under a bare area": ([centre(), *(row(f"r{k}", 2.5, count=THREE, distance=at(18 + 4 * k)) for k in range(5))],
        {"bare": [{"id": "moon", "name": "Moon", "area": {"kind": "disc", "x": 26, "y": 0, "diameter": 18}}]}),
    "stopping beside a bare area": ([centre(), row("r", 2.5, count=TWO, distance=at(26))], {"bare": [{"id": "moon",
        "area": {"kind": "disc", "x": 26, "y": 0, "diameter": 18}, "rows": "stop evenly"}]}),
    "scales": ([centre(), row("a", 4.6, distance=at(24), start=LINES, trims=[walk(1.3, load="each")]), row("b", 6.8,
        start={"kind": "in the V"}, trims=[walk(1.5, load="each")])], {}),
    "layers of their own": ([centre(), row("a", 8.9, distance=at(28), trims=[walk(1.5, load="each", layers=2,
        own=[{}, {"size": {"diameter": 1.1}, "span": "flanks", "shades": shades("red")}])])], {}),
    "flanking commas": ([centre(), row("a", 3.0, distance=at(24), start=LINES, mirrored={"kind": "angle", "degrees":
        6.0}, trims=[swipe(7, form="comma left", bend=60)]), row("b", 2.5, distance=at(38), start=LINES,
        mirrored={"kind": "distance", "mm": 4.0})], {}),
    "flowers round a mandala": ([centre(), row("r", 3.5), *flower(walk(0.8, load="each"), distance=at(6.0)),
        row("o", 1.5, count=TWO)], {"motifs": [motif(count=6)], "blank": {"outline": {"kind": "round", "diameter":
        120}}}),
    "a second and a third mandala": ([centre(), row("r", 3.5), *flower(top(1.3, shades=shades("teal")), swipe(6))],
        {"motifs": [{**motif(), "places": SPOTS, "turn": 10.0}]}),
    "flowers on a ball": ([centre(), row("r", 3.5), *flower(walk(0.8, load="each"), distance=at(6.0))], {"motifs":
        [motif(count=4, first=45.0)], "blank": BALL}),
    "lines of the pen": ([centre(), line("ring", 0.8), row("r", 3.0), line("spiral", 0.8, track={"kind": "spiral",
        "inner": 14, "outer": 26}), line("scallops", 0.8, track={"kind": "arc", "start": 34, "end": 34, "bulge":
        5}), line("edge", 1.0, track={"kind": "inset"})], {"blank": {"outline": {"kind": "round", "diameter":
        120}}}),
    "a lattice under the dots and one over them": ([row("r", 3.5, distance=at(30)), line("u", 0.8, track={"kind":
        "line", "lines": 7, "spacing": 10, "angle": 45}, laid="under"), line("o", 0.8, track={"kind": "line",
        "lines": 7, "spacing": 10, "angle": -45}, laid="over")], {}),
    "curls, waves, little arcs, ticks and crystals": ([centre(), shaped("curl", 0.8, "curl", length=5.0, count=TWO),
        shaped("wave", 0.8, "wave", length=5.0, lies="along", count=TWO), shaped("bow", 0.8, "bow", length=6.0,
        count=ONE), shaped("tick", 0.8, "stroke", length=3.0, slant=30.0, count=THREE), shaped("crystal", 3.5,
        "crystal", count=TWO)], {"blank": {"outline": {"kind": "round", "diameter": 120}}}),
    "lines round dots, petals and swipes": ([centre(trims=[outline(0.8)]), row("p", 5.7, distance=at(22),
        count={"kind": "absolute", "repeats": 6}, start=LINES, trims=[walk(1.3, load="each"), outline(0.8)]),
        row("s", 3.5, distance=at(33), trims=[swipe(7), outline(0.8)])], {}),
    "petals round swipes": ([centre(), row("a", 4.6, distance=at(20), trims=[swipe(9), walk(1.1, load="each")])],
        {}),
    "hugging swipes": ([centre(trims=[hug(3.5, to={"kind": "angle", "degrees": 150.0})]), row("a", 6.8,
        distance=at(30), trims=[walk(1.0, load="each"), hug(2.0, shades=shades("red"))])], {}),
    "fans in the ends of an oval": ([centre(), row("r", 4.6, fit="count", distance=at(36)), fan(4.6, most=7)],
        {"blank": OVAL}),
    "fans in corners": ([centre(), row("r", 3.5, fit="count", distance=at(40)), fan(3.5, at="corners",
        middle="pair", form="straight")], {"blank": SQUARE}),
    "petals on a dome": ([centre(), row("a", 8.9, distance=at(32), trims=[walk(1.5, load="each", layers=2)])],
        {"blank": DOME}),
    "petals on a ball": ([centre(8.9, half="both"), row("a", 6.8, half="both", distance=at(24), trims=[walk(1.3,
        load="each")])], {"blank": BALL}),
}
# fmt: on
