"""Everything of a studio as open files in one ZIP, and its documents back: JSON, tables of the rows as CSV, pictures.

Reading trusts no name and no size in the file: entries are counted, unpacked bytes are bounded, and only documents that
pass every bound are taken.
"""

import io
import re
import zipfile
import zlib
from collections.abc import Iterable, Iterator

from ..core.document.piece import Piece
from ..core.document.reading import Document
from ..core.errors import DocumentError, PlanError
from ..core.solved import solve_piece
from .piece_json import MOST_BYTES, document_bytes, parse_document
from .rows_csv import rows_csv
from .zipped import Part

MOST_FILES, MOST_UNPACKED = 5000, 400_000_000
_NOT_IN_NAMES = re.compile(r"[^\w\- ]+")
PICTURES = {"image/png": "png", "image/jpeg": "jpg", "image/webp": "webp"}


def parts(documents: Iterable[tuple[str, Document]], pictures: Iterable[tuple[str, str, bytes]]) -> list[Part]:
    """Files of documents by their ids, with a table of rows beside each piece that can be planned; pictures by hash,
    media type and bytes.
    """
    found = [part for ident, document in documents for part in _files(ident, document)]
    return found + [
        (f"pictures/{digest}.{PICTURES.get(media, 'bin')}", lambda body=body: body) for digest, media, body in pictures
    ]


def unpacked(data: bytes) -> list[Document]:
    """The documents of such a ZIP, or of any that holds some. Raises DocumentError with the name of what is wrong."""
    try:
        archive = zipfile.ZipFile(io.BytesIO(data))
    except zipfile.BadZipFile as error:
        raise DocumentError("This file is no ZIP.", "file") from error
    entries = archive.infolist()
    if len(entries) > MOST_FILES:
        raise DocumentError(f"A ZIP holds at most {MOST_FILES:,} files; this one has {len(entries):,}.", "file")
    left, found = MOST_UNPACKED, []
    for entry in entries:
        if entry.is_dir() or not entry.filename.endswith(".json"):
            continue
        body = _read(archive, entry, min(left, MOST_BYTES))
        left -= len(body)
        try:
            found.append(parse_document(body))
        except DocumentError as error:
            raise DocumentError(f"{_shown(entry)}: {error.message}", "file") from error
    if not found:
        raise DocumentError("There is no Fern Ring document in this ZIP.", "file")
    return found


def _files(ident: str, document: Document) -> Iterator[Part]:
    if not isinstance(document, Piece):
        yield f"{document.format.removeprefix('fernring.')}.json", lambda: document_bytes(document)
        return
    name = " ".join(_NOT_IN_NAMES.sub(" ", document.name).split())[:60] or "piece"
    yield f"pieces/{name} {ident}.json", lambda: document_bytes(document)
    yield f"pieces/{name} {ident}.csv", lambda: _rows(document)


def _rows(piece: Piece) -> bytes | None:
    """The table of its rows; None for one too large to plan: its JSON has everything."""
    try:
        return rows_csv(solve_piece(piece)).encode()
    except PlanError:
        return None


def _read(archive: zipfile.ZipFile, entry: zipfile.ZipInfo, most: int) -> bytes:
    """The entry's bytes, never more than so many, whatever its size is said to be."""
    try:
        with archive.open(entry) as file:
            body = file.read(most + 1)
    except (zipfile.BadZipFile, zlib.error, RuntimeError, NotImplementedError, EOFError) as error:
        raise DocumentError(f"{_shown(entry)} cannot be unpacked.", "file") from error
    if len(body) > most:
        raise DocumentError(f"{_shown(entry)} holds more than is unpacked: at most {most:,} bytes.", "file")
    return body


def _shown(entry: zipfile.ZipInfo) -> str:
    return " ".join(_NOT_IN_NAMES.sub(" ", entry.filename).split())[:80] or "A file of the ZIP"
