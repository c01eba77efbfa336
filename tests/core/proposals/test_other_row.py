"""A row of another kind to add."""

from fernring.core.errors import FitError
from fernring.core.plan import plan
from fernring.core.proposals.other_row import other_row
from tests import patterns
from tests.assertions import FernTestCase
from tests.patterns import centre


class OtherRowTest(FernTestCase):
    def test_fans_suit_the_blank_and_bring_no_serious_finding(self) -> None:
        for blank, where in ((patterns.OVAL, "ends"), (patterns.SQUARE, "corners"), ({}, "between")):
            given = {**patterns.piece("petals").model_dump(mode="json")}
            sample = patterns.read({**given, "blank": {**given["blank"], **blank}})
            made = other_row(sample, "fan")
            self.assertEqual(made.track.at, where)  # type: ignore[attr-defined]
            found = plan(sample.model_copy(update={"rows": (*sample.rows, made)}))
            self.assertNotIn("serious", [verdict.severity for verdict in found.verdicts])
            self.assertGreaterEqual(found.solved.rows[-1].n, 3 * found.solved.rows[-1].repeats)

    def test_refusals_say_why(self) -> None:
        sample = patterns.with_rows(centre(50.0))
        for kind, words in (("centre", "No row begins"), ("path", "No row begins"), ("gaps", "there are no gaps")):
            with self.assertRaisesRegex(FitError, words):
                other_row(sample, kind)
