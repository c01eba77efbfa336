"""Trims as values: sizes, order on the sheet, depth."""

from fernring.core.rows.trims import TRIMS, trim_kind
from fernring.core.rows.trims.kind import Size, depth, spoken_size, trims_of
from tests import patterns
from tests.assertions import FernTestCase


class KindTest(FernTestCase):
    def test_a_share_is_of_the_dot_below(self) -> None:
        self.assertEqual(Size(diameter=3.0).radius_on(5.0), 1.5)
        self.assertEqual(Size(diameter=3.0, share=0.4).radius_on(5.0), 2.0)

    def test_sizes_in_words(self) -> None:
        tools = {"b": "ball 2"}
        self.assertEqual(spoken_size(Size(diameter=2.5, tool="b"), tools), "{2.5} (ball 2)")
        self.assertEqual(spoken_size(Size(diameter=2.5), tools), "{2.5}")
        self.assertEqual(spoken_size(Size(diameter=2.5, share=0.5), tools), "50 % of the dot below")

    def test_trims_as_they_stand_on_the_sheet(self) -> None:
        row = patterns.piece("trims on trims").rows[1]
        self.assertEqual([trim_kind(trim).id for trim in trims_of(row.trims)], ["walk", "top"])
        self.assertEqual((depth(row.trims), depth(()), depth(row.trims[0].carried)), (2, 0, 1))

    def test_every_kind_can_begin_be_said_and_be_read_again(self) -> None:
        for name, kind in TRIMS.items():
            with self.subTest(name):
                begun = kind.begin(6.8, lambda d: {"diameter": round(d, 2)}, [{"kind": "paint", "paint": "red"}] * 3)
                trim = kind.model.model_validate({"id": "t", **begun})
                self.assertEqual(kind.id, name)
                self.assertTrue(kind.brief(trim))
                self.assertRegex(kind.sentence(trim, {}, "each dot"), r"^[A-Z].*\.$")
                self.assertGreater(kind.extent(trim, 3.4, lambda _, __: 0.0), 0)
                for path, size in kind.sizes(trim):
                    self.assertIsInstance(size, Size)
                    self.assertTrue(path)
