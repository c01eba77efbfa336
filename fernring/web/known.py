"""The last few plans, from which the rows before the first changed one are taken."""

from collections import deque
from threading import Lock

from ..core.document.piece import Piece
from ..core.solved import Solved, alike_rows

FEW = 4


class KnownPlans:
    """Owned by the application. Solved rows are never changed, so one plan may stand on another's."""

    def __init__(self) -> None:
        self._lock = Lock()
        self._kept: deque[Solved] = deque(maxlen=FEW)

    def like(self, piece: Piece) -> Solved | None:
        """The kept plan with most first rows in common, if any has some."""
        with self._lock:
            kept = list(self._kept)
        best = max(kept, key=lambda solved: alike_rows(solved.piece, piece), default=None)
        return best if best is not None and alike_rows(best.piece, piece) else None

    def keep(self, solved: Solved) -> None:
        """Keep a plan; one of the same blank and tools makes way for it, else the oldest."""
        with self._lock:
            same = next((one for one in self._kept if one.piece.blank == solved.piece.blank), None)
            if same is not None:
                self._kept.remove(same)
            self._kept.append(solved)
