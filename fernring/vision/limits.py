"""What a picture may be, and what it may cost."""

from ..core.errors import FernError

MOST_BYTES, MOST_PIXELS = 40 * 2**20, 50_000_000
FORMATS = {"JPEG": "JPEG", "PNG": "PNG", "WEBP": "WebP", "HEIF": "HEIC"}  # by their names in Pillow
MEMORY, SECONDS = 1536 * 2**20, 20


class PictureError(FernError):
    """A picture that cannot be taken, with why."""

    code = "picture"

    def __init__(self, message: str) -> None:
        super().__init__(message, "picture")
