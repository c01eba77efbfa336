"""Words as large as fit."""

from shapely import Polygon

from fernring.core.document.blank import Blank
from fernring.core.document.region import WordRegion
from fernring.core.errors import FitError
from fernring.core.ground.ground import ground
from fernring.core.proposals.words import largest_word, new_word, what_comes_off
from fernring.core.regions.bare import region_of
from tests.assertions import FernTestCase
from tests.blanks import BLANKS
from tests.core.rows.tracks.test_fill import with_areas


def blank(name: str) -> Blank:
    return Blank.model_validate({"base": {"colour": "#101417"}, "border": 3.0, **BLANKS[name]})


class LargestWordTest(FernTestCase):
    def inside(self, on: Blank, word: WordRegion) -> bool:
        """Whether all of it lies inside the border."""
        here = ground(on)
        border = Polygon(here.clear[0]).buffer(1e-6)
        return all(border.contains(Polygon(line)) for line in region_of(word, here.sites[0]).outlines())

    def test_inside_the_border_and_a_hundredth_larger_not(self) -> None:
        for name, level in (("oval", True), ("odd", False)):
            on = blank(name)
            word = largest_word(on, WordRegion(text="Luna", font="script"), level)
            self.assertTrue(self.inside(on, word), name)
            self.assertAlmostEqual(word.height, round(word.height, 2), delta=1e-9)
            self.assertFalse(self.inside(on, word.model_copy(update={"height": word.height * 1.01})), name)

    def test_round_a_circle_and_along_the_edge(self) -> None:
        on = blank("oval")
        for runs in ("over a circle", "under a circle", "along the edge", "along the edge, heads inward"):
            given = WordRegion.model_validate({"text": "Open night", "runs": runs, "radius": 25.0, "inward": 14.0})
            word = largest_word(on, given, True)
            self.assertTrue(self.inside(on, word), runs)
            self.assertGreater(word.height, 5.0)

    def test_letters_that_are_spaced_stay_so(self) -> None:
        on = blank("oval")
        word = largest_word(on, WordRegion(text="I I", spacing=9.0), True)
        self.assertEqual(word.spacing, 9.0)
        self.assertTrue(self.inside(on, word))
        self.assertFalse(self.inside(on, word.model_copy(update={"height": word.height * 1.02})))

    def test_no_room(self) -> None:
        on = blank("oval").model_copy(update={"border": 80.0})
        with self.assertRaisesRegex(FitError, "leaves no room"):
            new_word(on, "Luna", "round")
        long = WordRegion(text="m" * 60, runs="over a circle", radius=1.0)
        with self.assertRaisesRegex(FitError, "no room for “m+” at the least height of 1 mm"):
            largest_word(blank("oval"), long, True)


class ComesOffTest(FernTestCase):
    def test_it_turns_over_and_back_and_needs_a_mask(self) -> None:
        piece = with_areas(areas=({"id": "m", "name": "M", "area": {"kind": "disc", "diameter": 9.0}, "rows": "mask"},))
        once = what_comes_off(piece, "m")
        self.assertEqual(once.bare[0].shows, "what comes off")
        self.assertTrue(once.name.endswith(", what comes off"))
        self.assertEqual(what_comes_off(once, "m").bare, piece.bare)
        with self.assertRaisesRegex(FitError, "no mask “star”"):
            what_comes_off(with_areas(), "star")
