"""A picture from bytes that nobody has to trust: bounded, upright, and without its metadata.

It runs in the process of `fernring/vision/worker.py`, which has little memory and time: a hostile picture ends
there and nowhere else.
"""

import io
import warnings
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from pi_heif import register_heif_opener
from PIL import ExifTags, Image, ImageOps, UnidentifiedImageError

from .limits import FORMATS, MOST_BYTES, MOST_PIXELS, PictureError

Pixels = NDArray[np.uint8]
register_heif_opener()  # decodes alone, with libheif


@dataclass(frozen=True, eq=False)
class Picture:
    """Pixels as sRGB, shape (height, width, 3), and the focal length as of a 35 mm film (mm), None where it is not
    told. Nothing else of the file's metadata is kept."""

    pixels: Pixels
    focal: float | None


def picture(data: bytes, longest: int | None = None) -> Picture:
    """The first picture in a file, made smaller where its longer side has more pixels than wanted.

    Raises PictureError with a sentence: no picture of a known kind, too large, or damaged.
    """
    if len(data) > MOST_BYTES:
        raise PictureError(f"A picture may have {MOST_BYTES // 2**20} MB; this one has {len(data) / 2**20:.0f} MB.")
    Image.MAX_IMAGE_PIXELS = None  # the bound below is ours
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore")  # of metadata that is broken, which nobody needs
            opened = Image.open(io.BytesIO(data), formats=tuple(FORMATS))
            wide, high = opened.size
            if wide * high > MOST_PIXELS:
                raise PictureError(
                    f"A picture may have {MOST_PIXELS // 10**6} megapixels; this one is {wide} by {high}, "
                    f"{wide * high / 1e6:.0f} megapixels."
                )
            focal = _focal(opened)
            if longest:
                opened.draft("RGB", (longest, longest))
            upright = ImageOps.exif_transpose(opened)
            if longest:
                upright.thumbnail((longest, longest), Image.Resampling.BOX)
            flat = Image.new("RGB", upright.size, "white")
            shown = upright.convert("RGBA")
            flat.paste(shown, mask=shown)
    except UnidentifiedImageError as error:
        kinds = ", ".join(FORMATS.values())
        raise PictureError(f"This is not a picture of a kind that can be read: {kinds}.") from error
    except (OSError, SyntaxError, ValueError, EOFError) as error:
        raise PictureError("This picture is damaged and cannot be read to its end.") from error
    return Picture(np.asarray(flat), focal)


def _focal(opened: Image.Image) -> float | None:
    """Of the camera, where the file tells it within reason."""
    try:
        told = opened.getexif().get_ifd(ExifTags.IFD.Exif).get(ExifTags.Base.FocalLengthIn35mmFilm)
        value = float(told) if told is not None else 0.0
    except (TypeError, ValueError, ZeroDivisionError, OSError, SyntaxError):  # metadata is anybody's
        return None
    return value if 5 <= value <= 500 else None
