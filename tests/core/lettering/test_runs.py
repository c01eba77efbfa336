"""Runs of one direction and one file."""

from fernring.core.lettering.runs import runs
from tests.assertions import FernTestCase


class RunsTest(FernTestCase):
    def told(self, text: str) -> list[tuple[str, bool]]:
        return [(run.text, run.right_to_left) for run in runs(text, "plain")]

    def test_one_script_one_run(self) -> None:
        self.assertEqual(self.told("Perseids"), [("Perseids", False)])
        self.assertEqual(self.told("שלום"), [("שלום", True)])

    def test_numbers_stand_to_the_left_in_a_line_from_the_right(self) -> None:
        """As the Unicode Bidirectional Algorithm orders them (UAX 9, the examples of rule L2)."""
        self.assertEqual(self.told("שלום 12"), [("12", False), ("שלום ", True)])
        self.assertEqual(self.told("car שלום"), [("car ", False), ("שלום", True)])
        self.assertEqual(self.told("שלום car"), [("car", False), ("שלום ", True)])

    def test_scripts_of_several_files_and_marks_that_stay_with_their_letter(self) -> None:
        found = runs("aя", "plain")
        self.assertEqual([run.text for run in found], ["a", "я"])
        self.assertNotEqual(found[0].file, found[1].file)
        self.assertEqual(self.told("\u05e9\u05c1"), [("\u05e9\u05c1", True)])
        self.assertEqual([run.text for run in runs("e\u0301", "plain")], ["é"])

    def test_a_space_stays_with_what_stands_before_it(self) -> None:
        self.assertEqual([run.text for run in runs("я я", "plain")], ["я я"])
