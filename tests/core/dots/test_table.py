"""The one table of dots."""

import numpy as np

from fernring.core.dots.table import COLUMNS, NONE, REAL, concat, table
from tests.assertions import FernTestCase


class TableTest(FernTestCase):
    def test_columns_left_out_hold_zero_or_none(self) -> None:
        dots = table(3, x=np.arange(3.0), row=7)
        self.assertEqual(len(dots), 3)
        self.assertEqual(dots.row.tolist(), [7, 7, 7])
        self.assertEqual((dots.trim.tolist(), dots.mark.tolist(), dots.tool.tolist()), ([-1] * 3,) * 3)
        self.assertEqual(dots.level.tolist(), [1, 1, 1])
        self.assertEqual(dots.y.tolist(), [0.0, 0.0, 0.0])

    def test_every_column_has_the_tables_own_type(self) -> None:
        dots = table(2, place=np.arange(2, dtype=np.int64), hand=np.array([True, False]))
        for name in COLUMNS:
            self.assertEqual(getattr(dots, name).dtype, np.float64 if name in REAL else np.int32, name)
        self.assertEqual(dots.replaced(slot=np.array([5, 6], np.int64)).slot.dtype, np.int32)

    def test_take_concat_and_replaced_make_new_tables(self) -> None:
        dots = table(4, x=np.arange(4.0), member=np.arange(4))
        self.assertEqual(dots.take(dots.x > 1).member.tolist(), [2, 3])
        self.assertEqual(dots.take(slice(1, 3)).member.tolist(), [1, 2])
        self.assertEqual(dots.take(np.array([3, 0])).x.tolist(), [3, 0])
        both = concat((dots, dots.replaced(member=9)))
        self.assertEqual(both.member.tolist(), [0, 1, 2, 3, 9, 9, 9, 9])
        self.assertEqual(dots.member.tolist(), [0, 1, 2, 3])
        self.assertIs(concat((dots,)), dots)
        self.assertIs(concat(()), NONE)

    def test_some_columns_alone_are_joined(self) -> None:
        dots = table(2, x=np.ones(2), member=np.full(2, 5), level=0)
        found = concat((dots, dots), only=("x",))
        self.assertEqual((found.x.tolist(), found.member.tolist(), found.level.tolist()), ([1] * 4, [0] * 4, [1] * 4))

    def test_a_shared_column_cannot_be_written_to(self) -> None:
        with self.assertRaises(ValueError):
            table(3).row[0] = 1

    def test_marks_places_are_not_painted(self) -> None:
        self.assertEqual(table(3, level=np.array([0, 1, 2])).painted.tolist(), [False, True, True])
