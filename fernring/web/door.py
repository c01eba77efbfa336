"""Who may come in from another device: codes that are shown here for some minutes, and secrets of paired devices."""

from hashlib import sha256
from hmac import compare_digest
from secrets import choice, token_hex
from threading import Lock
from time import monotonic

from ..core.errors import FernError
from ..store import devices
from ..store.database import Database

ALPHABET = "ABCDEFGHJKMNPQRTUVWXYZ2346789"  # nothing that looks like something else
LENGTH = 8
VALID_S = 300.0
MOST_WRONG = 5
COOKIE = "fernring-device"


class PairingError(FernError):
    """The code does not let this device in."""

    code = "pairing"


class Door:
    """Owned by the application: the code that is valid now, and the paired devices."""

    def __init__(self, database: Database) -> None:
        self._database = database
        self._lock = Lock()
        self._code = ""
        self._until = 0.0
        self._wrong = 0

    def new_code(self) -> tuple[str, float]:
        """A fresh code, and for how many seconds it is valid; the one before is so no more."""
        with self._lock:
            self._code = "".join(choice(ALPHABET) for _ in range(LENGTH))
            self._until, self._wrong = monotonic() + VALID_S, 0
            return self._code, VALID_S

    def pair(self, code: str, name: str) -> str:
        """The secret of a new device. Raises PairingError for a code that is wrong, old or used."""
        with self._lock:
            if not self._code or monotonic() > self._until:
                self._code = ""
                raise PairingError(
                    "There is no code that is valid now; ask for a new one on the studio's machine.", "code"
                )
            if not compare_digest(code.strip().upper().encode(), self._code.encode()):
                self._wrong += 1
                left = MOST_WRONG - self._wrong
                if left <= 0:
                    self._code = ""
                    raise PairingError(
                        "The code was wrong too often; ask for a new one on the studio's machine.", "code"
                    )
                raise PairingError(f"That is not the code; {left} tries are left.", "code")
            self._code = ""
        secret = token_hex(32)
        with self._database.writing() as db:
            devices.add(db, name, _digest(secret))
        return secret

    def device(self, secret: str | None) -> int | None:
        """The paired device that holds this secret."""
        if not secret or len(secret) != 64:
            return None
        with self._database.reading() as db:
            return devices.by_hash(db, _digest(secret))


def _digest(secret: str) -> bytes:
    return sha256(secret.encode()).digest()
