"""Text as reportlab sets it: its runs, each in the typeface that has the letters, and how wide they are.

Reportlab is imported when the first text is measured, so that the server is up before.
"""

from typing import TYPE_CHECKING

from .drawing import Anchor, Text
from .fonts import BOLD, REGULAR, font_file, runs

if TYPE_CHECKING:
    from reportlab.pdfgen.canvas import Canvas

Run = tuple[str, str]


def register_fonts(*names: str) -> None:
    """Make shipped typefaces known to reportlab, each under its own name: both weights of Figtree carry one PostScript
    name, by which reportlab would take the first for the other."""
    from reportlab.pdfbase import pdfmetrics
    from reportlab.pdfbase.ttfonts import TTFont

    for name in names:
        if name not in pdfmetrics.getRegisteredFontNames():
            font = TTFont(name, font_file(name))
            font.face.name = type(font.face.name)(name.encode())
            pdfmetrics.registerFont(font)


def font_runs(text: str, font: str) -> list[Run]:
    """The text in runs, name of the typeface and characters, each with a typeface that reportlab knows."""
    found = runs(text, font)
    register_fonts(*(name for name, _ in found))
    return found


def runs_width(parts: list[Run], size: float) -> float:
    """Width of runs in the unit of their size."""
    from reportlab.pdfbase.pdfmetrics import stringWidth

    return float(sum(stringWidth(part, name, size) for name, part in parts))


def text_width(text: str, size: float, bold: bool = False) -> float:
    """Width of a line of type in the unit of its size (height of the type)."""
    return runs_width(font_runs(text, BOLD if bold else REGULAR), size)


def fitted(
    x: float, y: float, text: str, high: float, room: float, anchor: Anchor = "start", bold: bool = False
) -> Text:
    """A line of type made smaller, where it would be wider than its room."""
    wide = text_width(text, high, bold)
    return Text(x, y, text, high if wide <= room else high * room / wide, anchor, bold)


def wrapped(text: str, high: float, room: float) -> list[str]:
    """The words of a text in lines no wider than the room; a word wider than that has a line of its own."""
    lines = [""]
    for word in text.split():
        longer = f"{lines[-1]} {word}".strip()
        if lines[-1] and text_width(longer, high) > room:
            lines.append(word)
        else:
            lines[-1] = longer
    return lines


def draw_runs(canvas: "Canvas", x: float, y: float, parts: list[Run], size: float) -> None:
    """The runs one after the other, from the left."""
    for name, part in parts:
        canvas.setFont(name, size)
        canvas.drawString(x, y, part)
        x += runs_width([(name, part)], size)
