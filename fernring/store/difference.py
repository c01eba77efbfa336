"""What differs between two texts that are alike but for one place: how much of the head and of the tail they share, and
what stands between, compressed with the text around that place as its dictionary.
"""

import struct
import zlib

SHARED = struct.Struct(">II")
MOST_BYTES = 64_000_000
_AROUND, _DICTIONARY = 12_000, 32_000  # bytes; zlib looks back 32 kB


def difference(body: bytes, base: bytes) -> bytes:
    """`body` as its difference from `base`."""
    head = _shared(body, base)
    tail = _shared(body[head:][::-1], base[head:][::-1])
    packer = zlib.compressobj(zdict=_around(base, head))
    return SHARED.pack(head, tail) + packer.compress(body[head : len(body) - tail]) + packer.flush()


def restored(kept: bytes, base: bytes) -> bytes:
    """The body again. Raises ValueError where the difference is not whole or does not belong to this base."""
    if len(kept) < SHARED.size:
        raise ValueError("The difference is cut off.")
    head, tail = SHARED.unpack_from(kept)
    if head + tail > len(base):
        raise ValueError("The difference belongs to another base.")
    try:
        between = zlib.decompressobj(zdict=_around(base, head)).decompress(kept[SHARED.size :], MOST_BYTES)
    except zlib.error as error:
        raise ValueError("The difference is damaged.") from error
    return base[:head] + between + base[len(base) - tail :]


def _around(base: bytes, head: int) -> bytes:
    start = max(0, head - _AROUND)
    return base[start : start + _DICTIONARY]


def _shared(one: bytes, other: bytes) -> int:
    """How many bytes the two share at their beginning: by halving, so that slices are compared and not single bytes."""
    low, high = 0, min(len(one), len(other))
    while low < high:
        middle = (low + high + 1) // 2
        if one[low:middle] == other[low:middle]:
            low = middle
        else:
            high = middle - 1
    return low
