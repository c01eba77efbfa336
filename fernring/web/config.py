"""What the server is started with."""

from dataclasses import dataclass
from pathlib import Path

from ..store.blobs import MOST_BYTES
from ..vision.limits import MOST_BYTES as MOST_PICTURE

MOST_STUDIO, MOST_ZIP = 4_000_000_000, 200_000_000
PACKAGE = Path(__file__).resolve().parents[1]
PACKED = PACKAGE / "page"  # where a wheel carries the built page
PAGE = PACKED if PACKED.exists() else PACKAGE.parent / "frontend" / "dist"


@dataclass(frozen=True)
class Config:
    """`hosts` are the names the server answers to, without port; `page` is the built front end.

    `lan` is the name or address at which paired devices of the network are answered too, None where nobody is. With
    `pooled` calculations run in processes of their own. A request holds at most `most_body` bytes; `most_bodies`
    says otherwise for routes that begin so.
    """

    studio: Path
    host: str = "127.0.0.1"
    port: int = 8437
    page: Path | None = PAGE
    hosts: tuple[str, ...] = ("127.0.0.1", "localhost")
    lan: str | None = None
    pooled: bool = False
    most_body: int = 4_000_000
    most_bodies: tuple[tuple[str, int], ...] = (
        ("/api/blobs", MOST_BYTES),
        ("/api/photo", MOST_PICTURE),
        ("/api/studio/bring-back", MOST_STUDIO),
        ("/api/studio/bring-in", MOST_ZIP),
        ("/api/studio", 10_000),
    )
