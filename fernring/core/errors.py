"""The small family of errors the core raises.

Each carries a stable `code`, the `field` it is about (a dotted path, or "") and a sentence for people
that says what is wrong, the limit and the value given.
"""


class FernError(Exception):
    code = "error"

    def __init__(self, message: str, field: str = "") -> None:
        super().__init__(message)
        self.message = message
        self.field = field


class DocumentError(FernError):
    """The document cannot be read: wrong format, later version, or a value out of bounds."""

    code = "document"


class PlanError(FernError):
    """The document is well formed but too large to plan."""

    code = "plan"


class SpentError(PlanError):
    """The calculation would cost more than its budget."""


class CalledOffError(FernError):
    """Nobody waits for the calculation any more."""

    code = "called off"


class FitError(FernError):
    """A size, count or distance that no geometry can satisfy."""

    code = "fit"


class ComposeError(FernError):
    """No first design fits this blank with these tools."""

    code = "compose"
