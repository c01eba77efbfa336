"""The rings of a starting pattern."""

from fernring.core.proposals.starting.design import Design
from fernring.core.proposals.starting.recipe import Beat, Recipe
from fernring.core.proposals.starting.rings import centre, rings
from tests.assertions import FernTestCase
from tests.samples import piece


def design(*beats: Beat, **more: object) -> Design:
    recipe = Recipe.model_validate({"id": "r", "name": "R", "about": "", "rhythm": beats, **more})
    found = Design(piece(diameter=90, segments=12, border=3.0), recipe)
    centre(found, "front")
    rings(found, "front")
    return found


class RingsTest(FernTestCase):
    def test_rows_follow_the_rhythm_out_to_the_border(self) -> None:
        found = design(Beat(size=1.0), Beat(size=0.5, shade=0))
        big, small = found.rows[1].pattern[0].diameter, found.rows[2].pattern[0].diameter
        self.assertGreater(big, small)
        self.assertEqual([beat.shade for beat in found.beats[:5]], [1, "ramp", 0, "ramp", 0])
        outer = found.halves.front.placed[-1].outer
        self.assertTrue(40 < outer <= 42)

    def test_so_many_places_a_segment_and_all_counts_keep_the_symmetry(self) -> None:
        found = design(Beat(size=0.6, once=1, start="on lines"))
        self.assertEqual({row.n for row in found.halves.front.placed[2:]}, {12})

    def test_petals_in_the_v_stand_as_often_as_those_before(self) -> None:
        petal = Beat(size=1.6, adorned="petal")
        found = design(petal, petal.model_copy(update={"start": "in the V"}), inner=0.16, outer=0.2)
        starts = [row.start.kind for row in found.rows]
        self.assertIn("in the V", starts)
        k = starts.index("in the V")
        self.assertEqual(found.halves.front.placed[k].n, found.halves.front.placed[k - 1].n)
