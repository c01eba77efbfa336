"""A line of text as glyphs in place: joined letters, ligatures, kerning and marks by the font's own rules."""

from typing import NamedTuple

from ..kept import kept
from .fonts import em, face
from .runs import Run, runs


class Glyph(NamedTuple):
    """One drawn form: where its origin stands from the line's left end and above the baseline, and how far it moves the
    pen, in ems. `last` is whether a letter ends with it, after which other letters may be spaced."""

    file: str
    glyph: int
    x: float
    y: float
    advance: float
    last: bool


@kept(256)
def shaped(text: str, font: str) -> tuple[Glyph, ...]:
    """All glyphs from left to right."""
    found: list[Glyph] = []
    pen = 0.0
    for run in runs(text, font):
        own, pen = _run(run, pen)
        found += own
    return tuple(found)


def _run(run: Run, pen: float) -> tuple[list[Glyph], float]:
    import uharfbuzz

    buffer = uharfbuzz.Buffer()
    buffer.add_str(run.text)
    buffer.guess_segment_properties()
    buffer.direction = "rtl" if run.right_to_left else "ltr"
    uharfbuzz.shape(face(run.file), buffer)
    scale = em(run.file)
    infos, places = buffer.glyph_infos, buffer.glyph_positions
    found = []
    for k, (info, place) in enumerate(zip(infos, places, strict=True)):
        last = k + 1 == len(infos) or infos[k + 1].cluster != info.cluster
        x, y = pen + place.x_offset / scale, place.y_offset / scale
        found.append(Glyph(run.file, info.codepoint, x, y, place.x_advance / scale, last))
        pen += place.x_advance / scale
    return found, pen
