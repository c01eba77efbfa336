"""Areas in words."""

from fernring.core.words.areas import area_words
from tests.assertions import FernTestCase
from tests.core.rows.tracks.test_fill import with_areas


class AreaWordsTest(FernTestCase):
    def told(self, area: dict[str, object], **more: object) -> str:
        piece = with_areas(areas=({"id": "a", "name": "A", "area": area, **more},))
        return area_words(piece, piece.bare[0])

    def test_every_kind(self) -> None:
        for area, words in (
            ({"kind": "disc", "diameter": 20.0, "x": -3.0}, "a disc {20} across, {3} to the left of the centre"),
            ({"kind": "disc", "diameter": 20.0, "x": 3.0, "y": -1.0},
             "a disc {20} across, {3} to the right and {1} above the centre"),
            ({"kind": "band", "inner": 10.0, "outer": 14.0}, "a band from {10} to {14}"),
            ({"kind": "outline", "inward": 5.0}, "all that lies {5} inside the edge"),
            ({"kind": "ends", "beyond": 80.0}, "all that lies beyond a circle {80} across"),
            ({"kind": "ends", "beyond": 80.0, "only": 2}, "number 2 of what lies beyond a circle {80} across"),
            ({"kind": "form", "form": "heart", "across": 30.0, "down": 28.0, "y": 4.0, "turn": 10.0, "times": 3},
             "a heart {30} across and {28} down, {4} below the centre, turned by 10°, three times round the centre"),
            ({"kind": "word", "text": "Luna", "runs": "over a circle", "radius": 20.0, "height": 9.0, "mirrored": True},
             "the words “Luna” in round letters, capitals {9} high, over a circle of {20}, mirrored"),
            ({"kind": "shape", "lines": [{"x": [0, 9, 0], "y": [0, 0, 9]}], "size": 50.0},
             "a silhouette of one line, 50 per cent as large"),
        ):  # fmt: skip
            self.assertEqual(self.told(area), f"{words}; rows pass under it")

    def test_bases_and_masks(self) -> None:
        base = {"paints": ["pale", "teal"], "coats": 3}
        found = self.told({"kind": "disc", "diameter": 20.0}, base=base, rows="mask", whole=False)
        self.assertRegex(found, "its base .* blended into .* in three coats; a peel-off mask .*, which cuts the dots")
