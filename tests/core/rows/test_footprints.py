"""How much room the members of a pattern take."""

from fernring.core.rows.footprints import depths, footprints
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import line, row, shaped


class FootprintsTest(FernTestCase):
    def rule(self, one: object) -> object:
        return patterns.with_rows(one).rows[0]

    def test_dots_and_lines_are_as_wide_as_they_are(self) -> None:
        for one in (row("r", 2.0, 3.0), line("l", 0.8)):
            rule = self.rule(one)
            self.assertEqual((footprints(rule), set(depths(rule))), (rule.sizes, {1.0}))

    def test_shapes_by_how_they_lie(self) -> None:
        for shape, wanted in (
            (shaped("l", 2.0, "leaf", length=8.0), [2.0, 4.0]),
            (shaped("l", 2.0, "leaf", length=8.0, lies="along"), [8.0, 1.0]),
            (shaped("s", 1.0, "stroke", length=6.0, slant=90.0), [6.0, 1.0]),
        ):
            rule = self.rule(shape)
            self.assertEqual([round(v, 6) for v in (*footprints(rule), *depths(rule))], wanted)
