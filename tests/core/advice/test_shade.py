"""Shades too alike."""

from fernring.core.advice.shade import FROM_BASE, FROM_NEIGHBOUR, WITHIN_RAMP
from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
from fernring.core.document.changes import changed
from fernring.core.document.shelf import Paint, Ramp
from fernring.core.plan import Plan, plan
from tests import patterns
from tests.assertions import FernTestCase
from tests.samples import AMBER, PALE, RED, TEAL, paint, piece, row


def apart(one: str, other: str) -> float:
    lab = cielab.from_srgb(srgb.from_hex([one, other]))
    return float(ciede2000(lab[0], lab[1]))


def of(*paints: Paint, rows: int = 1) -> Plan:
    turns = tuple(paint(one.id) for one in paints)
    return plan(piece(*(row(f"r{k}", 2.0, shades=turns[k::rows]) for k in range(rows)), paints=(*paints, AMBER, RED)))


class ShadeTest(FernTestCase):
    def test_turns_of_one_row_that_look_alike_with_the_difference(self) -> None:
        near = Paint(id="near", name="Near pale", colour="#f0ebe0")
        verdict = self.verdict(of(PALE, near), "shades alike")
        wanted = apart(PALE.colour, near.colour)
        said = f"are hard to tell apart (difference {wanted:.1f}, wanted {FROM_NEIGHBOUR:g})"
        self.assertIn(f"Pale and Near pale {said}", verdict.text)
        self.assertEqual(verdict.rows, (0,))

    def test_of_two_rows_each_is_named_with_its_shade(self) -> None:
        same = Paint(id="same", name="Pale", colour=PALE.colour)
        self.assertRegex(
            self.verdict(of(PALE, same, rows=2), "shades alike").text, r"^\w.* in Pale and .* in Pale are hard"
        )

    def test_just_inside_and_just_outside_the_limits(self) -> None:
        """The same colours, the limits put to either side of their difference, by choosing pairs on both sides."""
        pairs = [(PALE.colour, f"#{0xF4 - k:02x}{0xEF - k:02x}{0xE4 - k:02x}") for k in range(2, 40, 2)]
        for one, other in pairs:
            shade = Paint(id="o", name="Other", colour=other)
            self.assertEqual("shades alike" in self.codes(of(PALE, shade)), apart(one, other) < FROM_NEIGHBOUR, other)

    def test_against_the_base(self) -> None:
        for level in range(0x14, 0x60, 8):
            dark = Paint(id="d", name="Dark grey", colour=f"#{level:02x}{level:02x}{level:02x}")
            lost = "lost on base" in self.codes(of(dark))
            self.assertEqual(lost, apart(dark.colour, "#101417") < FROM_BASE, dark.colour)

    def test_an_area_with_a_base_of_its_own_on_a_piece_without_rows(self) -> None:
        area = {"id": "m", "name": "Moon", "area": {"kind": "disc", "diameter": 30.0}, "rows": "pass under",
                "base": {"paints": ["red"]}}  # fmt: skip
        self.assertEqual([one.code for one in plan(patterns.with_rows(bare=[area])).verdicts], ["empty"])

    def test_remedies_are_paints_that_stand_out_from_all_around(self) -> None:
        near = Paint(id="near", name="Near pale", colour="#f0ebe0")
        found = of(PALE, near, rows=2)
        offered = self.remedies(found, "shades alike")
        self.assertTrue(offered)
        for remedy in offered:
            again = plan(changed(found.solved.piece, remedy.changes))
            self.assertNotIn("shades alike", self.codes(again), remedy.label)

    def test_a_top_dot_is_looked_at_with_what_it_stands_on(self) -> None:
        given = patterns.piece("top dots").model_dump(mode="json")
        for one in given["rows"]:
            for trim in one["trims"]:
                trim["shades"] = one["shades"]
        near = {"id": "near", "name": "Near red", "colour": "#b4412f"}
        given["paints"].append(near)
        given["rows"][0]["trims"][0]["shades"] = patterns.shades("near")
        said = [verdict.text for verdict in plan(patterns.read(given)).verdicts if verdict.code == "shades alike"]
        self.assertTrue(any("Red and Near red" in text for text in said), said)

    def test_within_a_ramp_only_what_cannot_be_seen(self) -> None:
        for stop, steps in (("#efeadf", 6), ("#d9a24a", 6)):
            end = Paint(id="end", name="End", colour=stop)
            run = Ramp(id="run", name="Run", stops=("pale", "end"), steps=steps)
            turns = tuple({"kind": "ramp", "ramp": "run", "step": k} for k in range(1, steps + 1))
            found = plan(piece(row("a", 2.0, shades=turns), paints=(PALE, end, TEAL), ramps=(run,)))
            step = apart(PALE.colour, stop) / (steps - 1)
            self.assertEqual("shades alike" in self.codes(found), step < WITHIN_RAMP, stop)
