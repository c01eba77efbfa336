"""Blanks: grounds, rings and guides on every kind, and what is said of measures that cannot be."""

from fernring.core.document.blank import Blank
from fernring.core.document.changes import Change, changed
from fernring.core.errors import DocumentError, FitError
from fernring.core.ground.ground import ground
from fernring.core.plan import plan
from fernring.core.proposals.starting.compose import compose
from fernring.core.proposals.starting.recipe import recipes
from tests import samples
from tests.assertions import FernTestCase
from tests.blanks import BLANKS, bare


class EveryBlankTest(FernTestCase):
    def test_a_starting_pattern_fills_each_without_touching(self) -> None:
        for k, name in enumerate(BLANKS):
            with self.subTest(name):
                found = plan(compose(bare(name), recipes()[k % (len(recipes()) - 1)]))
                self.assert_no_overlap(found.dots.take(found.dots.level == 1))
                self.assertFalse({"off the blank", "over the border", "touching"} & set(self.codes(found)))
                self.assertGreater(len(found.solved.rows), 3)
                self.assertLess(abs(found.totals.left), 0.5)

    def test_both_halves_are_painted_alike_on_a_ball_and_each_for_itself_on_an_egg(self) -> None:
        ball, egg = (plan(compose(bare(name), recipes()[0])).dots for name in ("ball", "egg"))
        self.assertEqual(int((ball.z > 0).sum()), int((ball.z < 0).sum()))
        self.assertNotEqual(int((egg.z < 0).sum()), int((egg.z > 0).sum()))
        self.assertGreater(int((egg.z < 0).sum()), 100)

    def test_rows_stay_when_the_blank_changes_and_what_no_longer_fits_is_said(self) -> None:
        piece = compose(samples.piece(), recipes()[0])
        narrow = changed(piece, [Change(path=("blank", "outline", "diameter"), value=60.0)])
        self.assertEqual(len(narrow.rows), len(piece.rows))
        self.assertIn("no room", self.codes(plan(narrow)))
        ball = bare("ball", rows=(samples.centre(), samples.row("a", 3.0, half="back")))
        flat = ball.model_copy(update={"blank": samples.piece().blank})
        self.assertRegex(self.verdict(plan(flat), "no room").text, "has no other half")

    def test_a_ring_beyond_the_widest_circle(self) -> None:
        far = samples.row("far", 2.0, distance={"kind": "walk", "walk": 80})
        self.assertRegex(plan(bare("ball", rows=(far,))).solved.rows[0].noroom, "beyond the widest circle")

    def test_dots_over_a_border_are_counted_place_by_place(self) -> None:
        ring = samples.row(
            "ring", 3.0, distance={"kind": "walk", "walk": 50}, count={"kind": "absolute", "repeats": 24}
        )
        found = self.verdict(plan(bare("square", rows=(ring,))), "over the border")
        self.assertRegex(found.text, "at 4 places")
        self.assertEqual(len(found.dots), 4)

    def test_a_border_that_leaves_nothing(self) -> None:
        blank = {**BLANKS["leaf"], "border": 60}
        self.assertIn("no surface", self.codes(plan(samples.piece(blank=Blank.model_validate(blank)))))

    def test_measures_that_contradict_each_other(self) -> None:
        for name, more, words in (
            ("dome", {"relief": {"kind": "dome", "rise": 50}}, "more than half a ball"),
            ("taped", {"relief": {"kind": "taped dome", "tape": 80}}, r"between \{90\} .flat."),
            ("odd", {"outline": {"kind": "odd", "x": [0, 50, 50, 0], "y": [0, 50, 0, 50]}}, "crosses itself near"),
            ("cross", {"centre": {"kind": "point", "x": 70, "y": 70}}, "lies outside the outline"),
            ("spoked", {"lie": {"kind": "symmetry axis"}}, "mirrors about no axis"),
        ):
            with self.subTest(name), self.assertRaisesRegex(FitError, words):
                ground(Blank.model_validate({**BLANKS[name], **more}))
        for name, more, words in (
            ("plate", {"relief": {"kind": "plate", "well": 220}}, "narrower than the plate"),
            ("egg", {"relief": {"kind": "egg", "length": 84, "widest": 80}}, "between a fifth and four fifths"),
            ("oval", {"relief": {"kind": "ball"}}, "a ball has a round outline"),
            ("square", {"outline": {"kind": "square", "side": 50, "corner": 30}}, "at most half the shorter side"),
        ):
            with self.subTest(name), self.assertRaisesRegex(ValueError, words):
                Blank.model_validate({**BLANKS[name], **more})
        with self.assertRaisesRegex(DocumentError, "Blank outline arm must be at least 10"):
            changed(bare("cross"), [Change(path=("blank", "outline", "arm"), value=2.0)])
