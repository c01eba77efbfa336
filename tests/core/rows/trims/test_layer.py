"""Layers of a walk that differ from the others."""

from collections.abc import Sequence
from dataclasses import replace
from math import acos, atan2, hypot, pi
from typing import Any

import numpy as np

from fernring.core.document.piece import used
from fernring.core.dots.index import Index
from fernring.core.geometry.surface import Plane
from fernring.core.plan import plan
from fernring.core.rows.trims.host import Around, Host
from fernring.core.rows.trims.walk import WalkTrim
from fernring.core.rows.trims.walking import Walked, walked
from tests import patterns
from tests.assertions import FernTestCase

NOBODY = Around(Plane(200), Index(*(np.empty(0) for _ in range(4))), {}, {})
HOST = Host(0.0, -50.0, 0.0, 50.0, 0.0, 0.0, 4.0, 1, 0, 0, 0)


def grown(*own: dict[str, Any], **more: Any) -> list[Walked]:
    given = {"id": "w", "size": {"diameter": 2.0}, "load": "each", "gap": 0.2, "layers": max(len(own), 1)}
    trim = WalkTrim.model_validate({**given, "shades": patterns.shades("pale"), "own": own, **more})
    return walked(trim, 0, HOST, NOBODY).dots


def of(dots: Sequence[Walked], layer: int) -> list[Walked]:
    return [dot for dot in dots if dot.layer == layer]


class LayerTest(FernTestCase):
    def test_a_layer_that_says_nothing_is_as_the_trim(self) -> None:
        self.assertEqual(grown({}, {}), grown(layers=2))

    def test_each_has_its_own_dot_and_gap(self) -> None:
        """Every dot of a layer keeps its own gap to what it touches, and comes no closer to anything."""
        dots = grown({"gap": 0.5}, {"size": {"diameter": 1.0}, "gap": 0.1})
        self.assertEqual({(dot.layer, dot.disc[2], dot.gap) for dot in dots}, {(0, 1.0, 0.5), (1, 0.5, 0.1)})
        discs = [(0.0, 0.0, 4.0), *(dot.disc for dot in dots)]
        for k, dot in enumerate(dots, 1):
            u, v, r = dot.disc
            least = min(hypot(u - x, v - y) - r - s for x, y, s in discs[:k])
            self.assert_mm(least, dot.gap, 1e-5)

    def test_a_larger_tip(self) -> None:
        dots = grown({"tip": {"diameter": 3.0}})
        self.assertEqual([dot.disc for dot in dots if dot.side == 0], [(0.0, 4.0 + 0.2 + 1.5, 1.5)])
        self.assertEqual({dot.disc[2] for dot in dots if dot.side}, {1.0})
        first = next(dot.disc for dot in dots if dot.side == 1)
        self.assert_mm(hypot(first[0], first[1] - 5.7) - 2.5, 0.2)

    def test_the_tip_and_its_flanks_end_level_with_the_middle(self) -> None:
        whole, flanks = grown({}), grown({"span": "flanks"})
        self.assertEqual([dot.disc for dot in flanks], [dot.disc for dot in whole if dot.disc[1] >= 0])
        self.assertLess(len(flanks), len(whole))

    def test_from_the_shoulders_down(self) -> None:
        """The first on either side lies level with the middle, touching it; no dot stands at the tip."""
        dots = grown({"span": "shoulders"})
        self.assertEqual({dot.side for dot in dots}, {1, 2})
        self.assertEqual(next(dot.disc for dot in dots if dot.side == 1), (5.2, 0.0, 1.0))
        self.assertTrue(all(dot.disc[1] <= 0 for dot in dots))
        right, left = ([dot.disc for dot in dots if dot.side == side] for side in (1, 2))
        self.assertEqual([(-u, v, r) for u, v, r in right], left)

    def test_counts_by_layer(self) -> None:
        dots = grown({"count": 2}, {"count": 4})
        self.assertEqual([len(of(dots, layer)) for layer in (0, 1)], [5, 9])

    def test_a_tip_by_the_law_of_cosines(self) -> None:
        """Equal dots round a dot: they turn by the angle of a triangle of sides R + r + g, R + r + g, 2r + g."""
        dots = [dot.disc for dot in grown() if dot.side == 1]
        turn = 2 * acos(1 - (2.2 / 5.2) ** 2 / 2) / 2
        for k, (u, v, _) in enumerate(dots, 1):
            self.assert_mm(atan2(u, v), k * turn, 1e-9)
        self.assertLess(len(dots) * turn, pi)


class LoadTest(FernTestCase):
    TOOL = {"id": "ball", "name": "Ball", "tip": 1.0, "dots": [1.3], "load": {"ratio": 0.9, "dots": 4}}

    def planned(self, **more: Any) -> Any:
        petal = patterns.walk(1.3, **{"load": "one", **more})
        petal["size"]["tool"] = "ball"
        given = patterns.piece("petals").model_dump(mode="json")
        rows = [patterns.row("a", 8.9, distance=patterns.at(30), trims=[petal])]
        return plan(patterns.read({**given, "rows": rows, "tools": [*given["tools"], self.TOOL]}))

    def test_a_second_load_where_the_first_runs_dry(self) -> None:
        dots = self.planned(load="two").dots
        side = dots.take((dots.host == 0) & (dots.side == 1)).radius
        tip = float(dots.take((dots.host == 0) & (dots.side == 0) & (dots.trim == 0)).radius[0])
        wanted = [0.65 * 0.9**k for k in (0, 1, 2, 3, 0, 1, 2, 3)]
        np.testing.assert_allclose([tip, *side], wanted[: 1 + len(side)])
        self.assertEqual(len(side), 7)

    def test_a_load_that_leaves_ears_can_be_larger_renewed_or_meant(self) -> None:
        found = self.planned()
        text = self.verdict(found, "load too small").text
        self.assertIn("this one gives 4", text)
        labels = [remedy.label for remedy in self.remedies(found, "load too small")]
        self.assertIn("Reload for every dot", labels)
        self.assertIn("Stop after 3 on a side", labels)
        self.assertNotIn("load too small", self.codes(self.planned(count=3)))


class ShadeTest(FernTestCase):
    def names(self, *own: dict[str, Any]) -> list[tuple[int, float, str]]:
        """(layer, share of the way, shade) of the first petal's dots."""
        trim = patterns.walk(1.5, load="each", layers=2, own=own)
        found = plan(patterns.with_rows(patterns.row("a", 8.9, distance=patterns.at(34), trims=[trim])))
        model = found.solved.piece.rows[0].trims[0]
        assert isinstance(model, WalkTrim)
        along = [dot.along for dot in walked(model, 0, replace(HOST, radius=8.9 / 2), NOBODY).dots]
        dots = found.dots.take((found.dots.trim == 0) & (found.dots.host == 0))
        names = [found.solved.palette.shades[k].name for k in dots.shade]
        return list(zip(dots.layer.tolist(), along, names, strict=True))

    def test_a_layer_has_its_own_shades_and_the_other_the_trims(self) -> None:
        found = self.names({}, {"shades": patterns.shades("red")})
        self.assertEqual({(layer, name) for layer, _, name in found}, {(1, "Teal"), (2, "Red")})

    def test_it_changes_at_a_chosen_place(self) -> None:
        found = self.names({"shades": patterns.shades("red", "amber"), "change": 0.7})
        first = [(along, name) for layer, along, name in found if layer == 1]
        self.assertEqual({name for along, name in first if along < 0.69}, {"Red"})
        self.assertEqual({name for along, name in first if along > 0.71}, {"Amber"})

    def test_shades_of_a_layer_alone_keep_their_paint(self) -> None:
        """A paint that only a layer uses cannot be left out."""
        trim = patterns.walk(1.5, own=[{"shades": patterns.shades("red")}])
        given = patterns.with_rows(patterns.row("a", 8.9, distance=patterns.at(34), trims=[trim]))
        self.assertIn("red", used(given)["paints"])
