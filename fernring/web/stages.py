"""What is being done for each who waits for a picture to be read."""

from collections import OrderedDict

from ..vision.stages import Tell, silent

MOST = 100


class Stages:
    """Owned by the application; the oldest make way."""

    def __init__(self) -> None:
        self._now: OrderedDict[str, str] = OrderedDict()

    def teller(self, reading: str | None) -> Tell:
        """Who is told the stages of a reading with this token; nobody without one."""
        if reading is None:
            return silent

        def tell(stage: str) -> None:
            self._now[reading] = stage
            while len(self._now) > MOST:
                self._now.popitem(last=False)

        return tell

    def now(self, reading: str) -> str:
        """What is being done, empty where nothing was told."""
        return self._now.get(reading, "")
