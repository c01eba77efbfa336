"""Errors in one shape: a code, the field, and a message in plain words."""

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from pydantic import BaseModel, ConfigDict
from starlette.exceptions import HTTPException
from starlette.responses import JSONResponse

from ..core.document.sentences import first_sentence
from ..core.errors import CalledOffError, ComposeError, DocumentError, FernError, FitError, PlanError, SpentError
from ..formats.paper import PagesError
from ..standins.cutter import CutterError
from ..store.errors import (
    CopyError,
    DamagedError,
    EarlierEpochError,
    NotFoundError,
    OtherStudioError,
    StoreError,
    TakenError,
)
from ..vision.limits import PictureError
from .door import PairingError


class AwayError(FernError):
    """Asked from another machine, for what only this one may do."""

    code = "away"


STATUS: dict[type[FernError], int] = {
    DocumentError: 422,
    PlanError: 422,
    SpentError: 422,
    CalledOffError: 503,
    FitError: 422,
    PictureError: 422,
    ComposeError: 422,
    PagesError: 422,
    CutterError: 422,
    NotFoundError: 404,
    AwayError: 403,
    PairingError: 403,
    DamagedError: 422,
    CopyError: 422,
    TakenError: 409,
    OtherStudioError: 409,
    EarlierEpochError: 409,
    StoreError: 507,
}

FAULT = "Fern Ring met a fault of its own; nothing was changed. What happened stands in the server's log."


class Problem(BaseModel):
    """What every error answer holds. `field` is a dotted path, or empty."""

    model_config = ConfigDict(extra="forbid")
    code: str
    field: str
    message: str


PROBLEM = {"application/json": {"schema": {"$ref": "#/components/schemas/Problem"}}}

# What every route may answer besides its own. The shape is named, not given as a model: a route with eight models takes
# eight times as long to make, and the server starts with all of them. The first route declares it for all.
RESPONSES: dict[int | str, dict[str, object]] = {
    status: {"content": PROBLEM, "description": text}
    for status, text in {
        400: "The request cannot be read.",
        403: "Asked by a page of another site.",
        404: "No such thing in this studio.",
        413: "The body is too large.",
        422: "A value is out of bounds.",
        500: "A fault of the program; what happened is in the server's log.",
        507: "The studio file cannot be written.",
    }.items()
}

CONFLICT: dict[int | str, dict[str, object]] = {
    409: {"content": PROBLEM, "description": "A change that was made for something else than what is here."}
}


def error_response(status: int, code: str, message: str, field: str = "") -> JSONResponse:
    return JSONResponse({"code": code, "field": field, "message": message}, status)


def install(app: FastAPI) -> None:
    """One handler for each family of errors."""

    async def ours(_: Request, error: Exception) -> JSONResponse:
        assert isinstance(error, FernError)
        return error_response(STATUS.get(type(error), 400), error.code, error.message, error.field)

    async def invalid(_: Request, error: Exception) -> JSONResponse:
        assert isinstance(error, RequestValidationError)
        field, message = first_sentence(error.errors(), error.body)
        return error_response(422, "value", message, field)

    async def http(_: Request, error: Exception) -> JSONResponse:
        assert isinstance(error, HTTPException)
        code = "too large" if error.status_code == 413 else "request"
        answer = error_response(error.status_code, code, f"{error.detail}.")
        answer.headers.update(error.headers or {})
        return answer

    async def unexpected(_: Request, __: Exception) -> JSONResponse:
        return error_response(500, "fault", FAULT)

    app.add_exception_handler(FernError, ours)
    app.add_exception_handler(RequestValidationError, invalid)
    app.add_exception_handler(HTTPException, http)
    app.add_exception_handler(Exception, unexpected)  # logged by the guard, which sees it next
