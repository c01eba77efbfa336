"""Where motifs stand."""

from typing import Any

import numpy as np

from fernring.core.document.motif import Motif
from fernring.core.geometry.dome import ArcDome
from fernring.core.geometry.sections import Sections
from fernring.core.geometry.surface import Plane
from fernring.core.ground.ground import ground
from fernring.core.rows.motifs.places import Places, places_of
from tests import patterns
from tests.assertions import FernTestCase


def places(blank: dict[str, Any], **rule: Any) -> Places:
    read = patterns.with_rows(blank={**patterns.piece("petals").blank.model_dump(mode="json"), **blank}).blank
    return places_of(Motif(id="m", places=rule), ground(read), 0.0)


class PlacesTest(FernTestCase):
    def test_round_the_centre_they_are_spread_evenly_from_the_first(self) -> None:
        found = places({}, kind="around", count=3, walk=20.0, first=90.0)
        plan = np.array([[place.spot.x, place.spot.y] for place in found.all])
        np.testing.assert_allclose(plan, [[20, 0], [-10, 17.320508], [-10, -17.320508]], atol=1e-6)
        self.assertTrue(found.around)

    def test_the_limit_is_the_way_to_the_nearest_border(self) -> None:
        """On an oval the nearest point is not on the line through the centre."""
        spots = [{"x": 40.0, "y": 0.0}, {"x": 0.0, "y": 20.0}]
        found = places({**patterns.OVAL, "border": 3.0}, kind="given", spots=spots)
        angle = np.linspace(0, 2 * np.pi, 200_001)
        for place, spot in zip(found.all, spots, strict=True):
            edge = np.hypot(70 * np.cos(angle) - spot["x"], 45 * np.sin(angle) - spot["y"]).min()
            self.assert_mm(place.limit, float(edge) - 3.0, 0.01)
        self.assertFalse(found.around)

    def test_on_a_round_blank_limit_and_furthest_lie_on_the_line_through_the_centre(self) -> None:
        for relief in ({"kind": "flat"}, {"kind": "dome", "rise": 20.0}):
            place = places({"relief": relief, "border": 2.0}, kind="around", count=1, walk=15.0).all[0]
            whole = places({"relief": relief, "border": 2.0}, kind="given", spots=[{}]).all[0]
            self.assert_mm(place.limit, whole.limit - 15.0, 1e-6)
            self.assert_mm(place.furthest, whole.limit + 15.0, 1e-2)

    def test_a_place_off_the_blank_says_why_and_every_relief_has_its_own(self) -> None:
        off = places({}, kind="given", spots=[{"x": 300.0}]).all[0]
        self.assertEqual(off.why, "its place lies on the border or off the blank")
        oval = {**patterns.OVAL, "relief": {"kind": "dome", "rise": 14.0}}
        for blank, own in ((patterns.PLATE, Sections), (oval, Sections), (patterns.BALL, ArcDome), ({}, Plane)):
            place = places(blank, kind="given", spots=[{"x": 10.0}]).all[0]
            self.assertEqual((place.why, type(place.own)), ("", own))
