"""Routes for other devices: pairing one, and on this machine the code, the list and revoking."""

from typing import Annotated

from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.numbers import Name
from ..store import devices
from ..store.devices import Device
from .answer import Answer, Asked
from .config import Config
from .copies import only_here
from .door import COOKIE, Door
from .errors import RESPONSES
from .ledger import studio
from .news import news
from .qr import qr_path
from .reading import QuickRoute

router = APIRouter(prefix="/api", tags=["devices"], route_class=QuickRoute, responses=RESPONSES)
YEAR_S = 365 * 86_400


class PairRequest(Asked):
    """The code that the studio's machine shows, and what this device is to be called."""

    code: Annotated[str, Field(strict=True, max_length=40)]
    name: Name


class CodeAnswer(Answer):
    """The address for another device, the code, for how many seconds it is valid, and both as a QR code: a path of
    squares in a picture so many squares wide."""

    address: str
    code: str
    seconds: float
    qr: str
    wide: int


class DeviceAnswer(Answer):
    id: int
    name: str
    paired_at: str


class DevicesAnswer(Answer):
    """`lan` says whether other devices can come at all; `here` whether this page is on the studio's own machine."""

    lan: bool
    here: bool
    devices: list[DeviceAnswer]


@router.post("/pair", status_code=204)
def post_pair(request: Request, response: Response, wanted: PairRequest) -> None:
    """Pair this device."""
    door: Door = request.app.state.door
    secret = door.pair(wanted.code, wanted.name)
    response.set_cookie(COOKIE, secret, max_age=YEAR_S, httponly=True, samesite="strict", path="/")


@router.post("/devices/code")
def post_code(request: Request) -> CodeAnswer:
    """A new code for another device."""
    only_here(request)
    door: Door = request.app.state.door
    config: Config = request.app.state.config
    code, seconds = door.new_code()
    address = f"http://{config.lan or config.host}:{config.port}/"
    path, wide = qr_path(f"{address}#{code}")
    return CodeAnswer(address=address, code=code, seconds=seconds, qr=path, wide=wide)


@router.get("/devices")
def get_devices(request: Request) -> DevicesAnswer:
    """The paired devices."""
    config: Config = request.app.state.config
    here = request.scope.get("fern.device") is None
    with studio(request).reading() as db:
        found = devices.listed(db) if here else []
    return DevicesAnswer(lan=config.lan is not None, here=here, devices=[_answer(one) for one in found])


@router.delete("/devices/{ident}", status_code=204)
def delete_device(request: Request, ident: Annotated[int, PathValue(ge=1, le=2**53)]) -> None:
    """Revoke a device: it is let in no more, and its open pages hear nothing from now on."""
    only_here(request)
    with studio(request).writing() as db:
        devices.revoke(db, ident)
    news(request).close(ident)


def _answer(one: Device) -> DeviceAnswer:
    return DeviceAnswer(**one._asdict())
