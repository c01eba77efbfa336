"""A motif to add: where, how often, and what of."""

from typing import Any

import numpy as np

from fernring.core.document.motif import AroundCentre, AtSpots
from fernring.core.document.piece import Piece
from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.motif import with_motif
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import centre, row


def mandala(**more: Any) -> Piece:
    return patterns.with_rows(centre(), row("a", 3.5), row("b", 4.6), **more)


def on(**blank: Any) -> dict[str, Any]:
    return {"blank": {**patterns.piece("petals").blank.model_dump(mode="json"), **blank}}


class MotifTest(FernTestCase):
    def added(self, piece: Piece) -> Piece:
        """The piece with a motif, which brings no serious finding and keeps inside the border."""
        found = with_motif(piece)
        self.assertEqual([v.text for v in plan(found).verdicts if v.severity == "serious"], [])
        self.assertEqual(found.rows[: len(piece.rows)], piece.rows)
        return found

    def test_round_a_mandala_it_stands_as_often_as_there_is_room_for(self) -> None:
        found = self.added(mandala())
        places = found.motifs[0].places
        self.assertIsInstance(places, AroundCentre)
        self.assertEqual(12 % places.count, 0)
        self.assertGreater(places.count, 2)
        self.assertGreaterEqual(len(found.rows), 5)
        reach = max(row.one.outer for row in plan(found).solved.rows if row.motif)
        between = places.walk * np.sin(np.pi / places.count)
        self.assertLessEqual(reach, between + 1e-6)
        self.assertGreater(reach, 0.6 * between)

    def test_on_an_oval_both_ends(self) -> None:
        found = self.added(mandala(**on(**patterns.OVAL)))
        places = found.motifs[0].places
        self.assertEqual((places.count, places.first % 180), (2, 90.0))

    def test_on_a_heart_two_lobes_as_mirror_images(self) -> None:
        heart = {"outline": {"kind": "heart", "length": 100, "width": 110}}
        found = self.added(mandala(**on(**heart)))
        places = found.motifs[0].places
        self.assertIsInstance(places, AtSpots)
        one, other = places.spots
        self.assertEqual((one.x, one.y, other.mirrored), (-other.x, other.y, True))

    def test_a_second_one_stands_clear_of_the_first(self) -> None:
        once = self.added(mandala(**on(outline={"kind": "round", "diameter": 200})))
        twice = self.added(once)
        self.assertEqual([motif.name for motif in twice.motifs], ["Motif 1", "Motif 2"])

    def test_where_nothing_is_free_it_says_how_much_would_be(self) -> None:
        tools = [{"id": "t", "name": "Rod", "tip": 12, "dots": [12.0]}]
        with self.assertRaisesRegex(FitError, r"No motif fits: the widest free place reaches \{\S+\} around it"):
            with_motif(mandala(tools=tools))

    def test_without_tools_and_in_a_full_piece_it_says_so(self) -> None:
        with self.assertRaisesRegex(FitError, "no tools"):
            with_motif(mandala().model_copy(update={"tools": ()}))
        full = [{**patterns.motif(), "id": f"m{k}"} for k in range(12)]
        with self.assertRaisesRegex(FitError, "at most 12 motifs"):
            with_motif(mandala(motifs=full))
