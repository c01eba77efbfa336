"""Marks of the card and of sheets: where they are, and the number that two of them tell."""

from fernring.core.marks import CARD_MARKS, NUMBER_PLACES, SHEET, SHEET_MARKS, corners, number_marks, sheet_number
from fernring.formats.sheets.card import ID_1
from tests.assertions import FernTestCase


class MarksTest(FernTestCase):
    def test_paper_and_card(self) -> None:
        """Sources: A4 of ISO 216, 210 x 297 mm; ID-1 of ISO/IEC 7810, 85.60 x 53.98 mm."""
        self.assertEqual(SHEET, (210.0, 297.0))
        self.assertEqual(ID_1, (85.60, 53.98))
        for middle in CARD_MARKS.values():  # clear of the bank card's dashed frame, and on the card
            (left, top), (right, low) = corners(middle)[0], corners(middle)[2]
            frame = ((120 - ID_1[0]) / 2, (80 - ID_1[1]) / 2)
            inside = left > frame[0] and right < 120 - frame[0] and top > frame[1] and low < 80 - frame[1]
            outside = right < frame[0] or left > 120 - frame[0] or low < frame[1] or top > 80 - frame[1]
            self.assertTrue(inside or outside, middle)
            self.assertTrue(left > 1 and top > 1 and right < 119 and low < 79)

    def test_marks_of_a_sheet_differ_and_tell_its_number(self) -> None:
        self.assertEqual(len(set(SHEET_MARKS) | set(CARD_MARKS)), len(SHEET_MARKS) + len(CARD_MARKS))
        self.assertEqual(len(NUMBER_PLACES), 2)
        for number in (1, 42, 100, 1203, 9_999):
            marks = set(number_marks(number))
            self.assertFalse(marks & (set(SHEET_MARKS) | set(CARD_MARKS)))
            self.assertEqual(sheet_number(marks | {16, 20}), number)
        self.assertIsNone(sheet_number({51}))
        self.assertIsNone(sheet_number({51, 52, 150}))
