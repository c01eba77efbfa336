"""Steps that nobody sees."""

from fernring.core.document.changes import changed
from tests.core.harmony.cases import AdviceCase, painted


class StepsTest(AdviceCase):
    def test_steps_that_nobody_sees(self) -> None:
        ramp = {"id": "near", "name": "Near", "stops": ["a", "b"], "steps": 12, "even": "seen"}
        paints = {"a": "#1f8f8a", "b": "#2f9fb0"}
        piece = painted(*(("near", k) for k in (1, 6, 12)), paints=paints, ramps=[ramp])
        verdict = self.one(piece, "steps unseen")
        self.mends(piece, verdict)
        (remedy,) = verdict.ways[0]
        after = changed(piece, remedy.changes)
        steps = [row.shades[0].step for row in after.rows if hasattr(row.shades[0], "step")]
        self.assertEqual((steps[0], steps[-1]), (1, after.ramps[0].steps))
        self.assertEqual(sorted(steps), steps)
        far = painted(("near", 1), paints={**paints, "b": "#f4efdc"}, ramps=[{**ramp, "steps": 5}])
        self.quiet(far, "steps unseen")
