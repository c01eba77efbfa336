"""A text in runs of one direction and one font file, in the order in which they stand from left to right."""

import unicodedata
from collections.abc import Sequence
from itertools import groupby
from typing import NamedTuple

from .fonts import JOINERS, file_for

LEFT, RIGHT = "L", "R"
STRONG = {"L": LEFT, "EN": LEFT, "AN": LEFT, "R": RIGHT, "AL": RIGHT}


class Run(NamedTuple):
    text: str
    file: str
    right_to_left: bool


def runs(text: str, font: str) -> list[Run]:
    """Numbers and Latin words stand from left to right inside a line that runs from right to left, and the other way
    round. Source: the rules of the Unicode Bidirectional Algorithm (UAX 9) for a line without embeddings: P2, W1, N1,
    N2, L2.
    """
    text = unicodedata.normalize("NFC", text)
    directions = _directions(text)
    whole = next((STRONG[kind] for kind in map(unicodedata.bidirectional, text) if kind in STRONG), LEFT)
    parts = []
    at = 0
    for way, group in groupby(directions):
        length = len(list(group))
        own = _by_file(text[at : at + length], font, way == RIGHT)
        parts.append(own[::-1] if way == RIGHT else own)
        at += length
    return [run for part in (parts[::-1] if whole == RIGHT else parts) for run in part]


def _directions(text: str) -> list[str]:
    """Of every character: its own, or for one that has none that of both neighbours, else that of the line."""
    kinds = [STRONG.get(unicodedata.bidirectional(char), "") for char in text]
    for k, char in enumerate(text):
        if unicodedata.combining(char) or char in JOINERS:
            kinds[k] = kinds[k - 1] if k else ""
    whole = next(filter(None, kinds), LEFT)
    found = list(kinds)
    for k, kind in enumerate(kinds):
        if not kind:
            before = next(filter(None, reversed(kinds[:k])), whole)
            after = next(filter(None, kinds[k:]), whole)
            found[k] = before if before == after else whole
    return found


def _by_file(text: str, font: str, right_to_left: bool) -> list[Run]:
    """Marks and joiners stay with the letter that they belong to."""
    found: list[Run] = []
    for char in text:
        bound = unicodedata.combining(char) or char in JOINERS
        file = found[-1].file if bound and found else _file(char, font, found)
        if found and found[-1].file == file:
            found[-1] = found[-1]._replace(text=found[-1].text + char)
        else:
            found.append(Run(char, file, right_to_left))
    return found


def _file(char: str, font: str, before: Sequence[Run]) -> str:
    """A space stays in the file of what stands before it."""
    if char.isspace() and before:
        return before[-1].file
    return file_for(char, font) or (file_for(" ", font) or "")
