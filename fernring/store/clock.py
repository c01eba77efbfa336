"""The time of an entry."""

from datetime import UTC, datetime


def now() -> str:
    return moment(datetime.now(UTC))


def moment(at: datetime) -> str:
    """UTC, ISO 8601, to the millisecond: later moments are later as text too."""
    return at.astimezone(UTC).isoformat(timespec="milliseconds")
