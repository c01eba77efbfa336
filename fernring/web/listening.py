"""The address a server listens at: claimed before anything else is done, so that nobody else's studio is opened."""

import argparse
import errno
import socket

from ..core.errors import FernError

MOST_PORT = 65535


class AddressError(FernError):
    """The address cannot be listened at."""

    code = "address"


def port_number(text: str) -> int:
    """A port as typed. Raises argparse.ArgumentTypeError with a sentence."""
    if not (text.isascii() and text.isdigit() and 1 <= int(text[:9]) <= MOST_PORT):
        raise argparse.ArgumentTypeError(f"the port is a whole number from 1 to {MOST_PORT}, not {text[:40]}")
    return int(text)


def own_address() -> str:
    """This machine's address in its network. Raises AddressError where it has none."""
    with socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as probe:
        try:
            probe.connect(("192.0.2.1", 9))  # an address for documentation (RFC 5737); nothing is sent
        except OSError as error:
            raise AddressError("This machine is in no network; name the address: --lan ADDRESS.") from error
        return str(probe.getsockname()[0])


def listening(host: str, port: int) -> socket.socket:
    """A socket that listens at this address. Raises AddressError with a sentence where it cannot."""
    family = socket.AF_INET6 if ":" in host else socket.AF_INET
    try:
        return socket.create_server((host, port), family=family)
    except OSError as error:
        if error.errno == errno.EADDRINUSE:
            raise AddressError(
                f"Port {port} is in use by another program, perhaps by a studio that is open already. "
                "Nothing was started; choose another one with --port."
            ) from error
        raise AddressError(f"The address {host}, port {port}, cannot be used: {error.strerror}.") from error
