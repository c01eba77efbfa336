"""Documents as they lie in the ledger: JSON compressed with zlib."""

import zlib

from .errors import DamagedError


def packed(body: bytes) -> bytes:
    return zlib.compress(body)


def unpacked(kept: bytes) -> bytes:
    """The JSON again. Raises DamagedError where what was kept is no longer whole."""
    try:
        return zlib.decompress(kept)
    except zlib.error as error:
        raise DamagedError("This state is damaged in the studio file and cannot be read.") from error
