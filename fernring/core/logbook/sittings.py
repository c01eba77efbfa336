"""Sittings, recorded by themselves: one begins with the first thing told, and ends when the artist goes."""

from dataclasses import replace

from .book import Book, Sitting

AWAY_S = 2 * 3600.0  # nothing heard for so long: the sitting ended when it was last heard of


def heard(book: Book, at: float) -> Book:
    """Something is done at the table at this moment: within the sitting that goes on, or a new one."""
    now = book.sitting
    if now is not None and at - now.last > AWAY_S and book.resting is None:
        book = ended(book, now.last)
        now = None
    if now is None:
        begun = Sitting(len(book.sittings) + 1, at, at)
        return replace(book, sittings=(*book.sittings, begun), resting=None, step_from=at)
    return changed(book, now._replace(last=max(at, now.last)))


def rested(book: Book, at: float) -> Book:
    """The artist pauses."""
    book = heard(book, at)
    return replace(book, resting=at, step_from=None) if book.resting is None else book


def resumed(book: Book, at: float) -> Book:
    """Back at the table: what lies between was a pause."""
    book = heard(book, at)
    now = book.sitting
    if book.resting is None or now is None:
        return book
    paused = max(at - book.resting, 0.0) / 60
    return replace(changed(book, now._replace(paused=now.paused + paused)), resting=None, step_from=at)


def ended(book: Book, at: float) -> Book:
    """The artist leaves the table; a pause that was not ended belongs to no sitting."""
    now = book.sitting
    if now is None:
        return book
    end = max(now.begin, at if book.resting is None else book.resting)
    return replace(changed(book, now._replace(end=end, last=end)), resting=None, step_from=None)


def corrected(book: Book, number: int, minutes: float | None) -> Book:
    """How long a sitting really was."""
    fixed = tuple(one._replace(minutes=minutes) if one.number == number else one for one in book.sittings)
    return replace(book, sittings=fixed)


def changed(book: Book, now: Sitting) -> Book:
    """The book with its last sitting anew."""
    return replace(book, sittings=(*book.sittings[:-1], now))
