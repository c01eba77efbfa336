"""Several files in one ZIP, each made when its turn comes, and told of as it is done."""

from collections.abc import Callable, Iterator
from io import BytesIO
from zipfile import ZIP_DEFLATED, ZipFile, ZipInfo

STAMP = (1980, 1, 1, 0, 0, 0)  # the same files give the same bytes
Part = tuple[str, Callable[[], bytes | None]]
"""A name, and what makes the file; one that makes None is left out."""


def zipped(files: list[Part]) -> Iterator[tuple[str, bytes | None]]:
    """The name of each file as it is done; at last ("", the ZIP)."""
    out = BytesIO()
    with ZipFile(out, "w", ZIP_DEFLATED) as archive:
        for name, make in files:
            data = make()
            if data is not None:
                archive.writestr(ZipInfo(name, STAMP), data, ZIP_DEFLATED)
            yield name, None
    yield "", out.getvalue()
