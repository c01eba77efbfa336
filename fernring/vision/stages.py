"""What is being done on a picture, told by the process that does it."""

from collections.abc import Callable

Tell = Callable[[str], None]

OPENING = "Opening the picture"
CARD, GROUND, LINE = "Looking for the scale card", "Telling the stone from the ground", "Following the edge"
NUMBER, MARKS, DOTS = "Looking for the sheet's number", "Looking for the marks round the sheet", "Measuring every dot"


def silent(_: str) -> None:
    """For whom nobody listens."""
