"""The work card as PDF."""

from typing import Any

from reportlab.platypus import Flowable, Spacer

from ..paper import Paper
from ..pdf import UNITS
from .leaves import BODY, HEAD, INK, PART, SMALL, TITLE, pages, table, text, width
from .work_card import Line, WorkCard

BOX_MM = 5.0


class Box(Flowable):
    """A square to tick."""

    def __init__(self) -> None:
        super().__init__()
        self.width = self.height = BOX_MM * UNITS

    def draw(self) -> None:
        self.canv.setStrokeColor(INK)
        self.canv.rect(0, 0, self.width, self.height)


def work_card_pdf(card: WorkCard, paper: Paper) -> bytes:
    """The card on as many pages as it takes."""
    wide = width(paper)
    story: list[Flowable] = [text(card.title, TITLE), text(card.intro, SMALL), Spacer(1, 4)]
    for sitting in card.sittings:
        story += [text(sitting.title, PART), *(_line(line, wide) for line in sitting.lines)]
    return pages(story, card.title, card.foot, paper)


def _line(line: Line, wide: float) -> Flowable:
    box, figures = 11 * UNITS, 0.24 * wide
    row: list[Any] = [Box(), _said(line), text(line.facts, SMALL)]
    return table([row], [box, wide - box - figures, figures])


def _said(line: Line) -> list[Flowable]:
    care = [text(line.care, SMALL)] if line.care else []
    cautions = [text(f"Caution. {caution}", HEAD) for caution in line.cautions]
    return [*care, text(line.words, BODY), *cautions]
