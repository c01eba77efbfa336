"""The only page that a device sees before it is paired: whole in itself, so that nothing else has to be answered."""

from base64 import b64encode
from hashlib import sha256
from importlib.resources import files

PAGE = files(__package__).joinpath("pairing.html").read_text(encoding="utf-8")


def _hashes(tag: str) -> str:
    inside = PAGE.split(f"<{tag}>", 1)[1].split(f"</{tag}>", 1)[0]
    return f"'sha256-{b64encode(sha256(inside.encode()).digest()).decode()}'"


POLICY = "; ".join(
    (
        "default-src 'none'",
        f"script-src {_hashes('script')}",
        f"style-src {_hashes('style')}",
        "connect-src 'self'",
        "base-uri 'none'",
        "form-action 'none'",
        "frame-ancestors 'none'",
    )
)
