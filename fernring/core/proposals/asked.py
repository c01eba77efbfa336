"""What is asked of a proposal before it is calculated."""

from ..document.piece import Piece
from ..errors import FitError


def require_row(piece: Piece, index: int) -> None:
    """Raises FitError when the piece has no row at this place."""
    if not 0 <= index < len(piece.rows):
        raise FitError(f"The piece has {len(piece.rows)} rows; there is no row at place {index}.", "row")
