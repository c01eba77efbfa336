"""The time of an entry."""

from datetime import UTC, datetime


def now() -> str:
    """UTC, ISO 8601, to the millisecond."""
    return datetime.now(UTC).isoformat(timespec="milliseconds")
