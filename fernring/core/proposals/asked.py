"""What is asked of a proposal before it is calculated."""

from ..advice.sizes import KitSize, kit_sizes
from ..document.piece import Piece
from ..errors import FitError


def require_row(piece: Piece, index: int) -> None:
    """Raises FitError when the piece has no row at this place."""
    if not 0 <= index < len(piece.rows):
        raise FitError(f"The piece has {len(piece.rows)} rows; there is no row at place {index}.", "row")


def require_sizes(piece: Piece, use: str) -> list[KitSize]:
    """The sizes of the piece's own tools, wanted for this `use`. Raises FitError when it has none."""
    sizes = kit_sizes(piece.tools)
    if not sizes:
        raise FitError(f"The piece has no tools to {use}; add some from the kit.", "tools")
    return sizes
