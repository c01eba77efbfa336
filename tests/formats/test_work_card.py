"""The work card, read back from its pages."""

import pypdfium2

from fernring.core.work.care import time_words
from fernring.core.work.work import work
from fernring.formats.written.work_card import WorkCard, work_card
from fernring.formats.written.work_card_pdf import work_card_pdf
from tests import patterns
from tests.assertions import FernTestCase
from tests.work_cases import worked

DATE = "27 November 2026"


class WorkCardTest(FernTestCase):
    def card(self, units: str = "mm", **more: object) -> WorkCard:
        rows = patterns.centre(8.9), patterns.row("a", 4.6, trims=[patterns.top(2.0)])
        return work_card(work(worked(*rows, **more)), units, DATE)  # type: ignore[arg-type]

    def read(self, data: bytes) -> str:
        pages = pypdfium2.PdfDocument(data)
        return " ".join(" ".join(page.get_textpage().get_text_range().split()) for page in pages)

    def test_every_step_stands_on_it_with_its_cautions(self) -> None:
        card = self.card(coat="resin")
        told = self.read(work_card_pdf(card, "A4"))
        lines = [line for sitting in card.sittings for line in sitting.lines]
        self.assertIn(f"{len(lines)} steps", told)
        for line in lines:
            for words in (line.words, line.care, line.facts, *line.cautions):
                self.assertIn(" ".join(words.split()), told)
        self.assertIn("Caution. Resin: fresh air, gloves, a respirator", told)
        self.assertIn(DATE, told)

    def test_lengths_in_the_readers_unit(self) -> None:
        found = [line.words for sitting in self.card("inch").sittings for line in sitting.lines]
        self.assertTrue(any("0.181 in" in words for words in found), found)
        self.assertFalse(any("{" in words for words in found))

    def test_figures_of_a_line(self) -> None:
        """A short hand rests on the dots it sets; each sitting is as long as its steps and waits."""
        ring = patterns.row("r", 3.0, distance=patterns.at(40.0), count={"kind": "absolute", "repeats": 60}, gap=0.1)
        inside = patterns.row("c", 3.0, distance=patterns.at(8.0), start=patterns.LINES)
        found = work(worked(ring, inside, hand={"reach": 25.0, "radius": 20.0}, base_coats=1, coat="none",
                            order="few changes"))  # fmt: skip
        card = work_card(found, "mm", DATE)
        lines = [line for sitting in card.sittings for line in sitting.lines]
        told = next(line.facts for line in lines if line.words.startswith("Row 2"))
        self.assertIn("12 loads", told)
        self.assertIn("hand: the hand would rest on dots of this step", told)
        whole = (
            found.begins[len(card.sittings[0].lines) - 1] + found.steps[len(card.sittings[0].lines) - 1].minutes.mean
        )
        self.assertEqual(card.sittings[0].title, f"Sitting 1: about {time_words(whole)}")

    def test_sittings_and_pages(self) -> None:
        card = self.card(sitting=600.0)
        self.assertEqual(
            [sitting.title.split(":")[0] for sitting in card.sittings], [f"Sitting {k}" for k in range(1, 5)]
        )
        self.assertIn("four sittings", card.intro)
        self.assertIn("five sittings", self.card().intro, "of two hours at most")
        self.assertGreater(len(pypdfium2.PdfDocument(work_card_pdf(card, "Letter"))), 1)
        alone = self.card(coat="none", base_coats=0)
        self.assertEqual(work_card_pdf(alone, "A4"), work_card_pdf(alone, "A4"))
