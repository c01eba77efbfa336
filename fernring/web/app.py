"""The application: routes, errors, security, and the built page."""

from importlib.resources import files

from fastapi import FastAPI, Request, Response
from fastapi.routing import APIRoute
from starlette.types import Lifespan

from .. import __version__
from ..core.document.kit import Kit
from ..core.document.shelf import Shelf
from ..formats.piece_json import document_bytes
from ..store import identity, ledger, pieces
from ..store.database import Database, open_database
from . import (
    areas,
    beginning,
    bench,
    bench_camera,
    blank,
    blobs,
    copies,
    errors,
    everything,
    exports,
    harmony,
    logbook,
    mixing,
    news,
    painted,
    pairing,
    planning,
    practice,
    prints,
    proposing,
    sheets,
    stock,
    vision,
    work,
)
from . import ledger as ledger_routes
from .config import Config
from .door import Door
from .known import KnownPlans
from .pool.pooled import Pooled
from .security import Guard
from .stages import Stages

PARTS = (
    planning,
    painted,
    work,
    proposing,
    beginning,
    areas,
    blank,
    exports,
    prints,
    ledger_routes,
    logbook,
    mixing,
    harmony,
    news,
    pairing,
    bench,
    bench_camera,
    copies,
    everything,
    stock,
    blobs,
    vision,
    practice,
    sheets,
)


def api(database: Database, config: Config | None = None, lifespan: Lifespan[FastAPI] | None = None) -> FastAPI:
    """The routes alone, on an open studio file."""
    app = FastAPI(
        lifespan=lifespan,
        title="Fern Ring",
        version=__version__,
        openapi_url=None,
        docs_url=None,
        redoc_url=None,
        separate_input_output_schemas=False,
        generate_unique_id_function=_route_name,
    )
    app.state.database = database
    app.state.known = KnownPlans()
    app.state.news = news.News()
    app.state.stages = Stages()
    app.state.door = Door(database)
    app.state.config = config or Config(database.path)
    errors.install(app)
    for part in PARTS:
        app.include_router(part.router)
    app.add_route("/openapi.json", get_openapi, include_in_schema=False)
    return app


async def get_openapi(_: Request) -> Response:
    """What the API takes and answers, made by commands.openapi when the program is built."""
    return Response(files(__package__).joinpath("openapi.json").read_bytes(), media_type="application/json")


def create_app(config: Config) -> Guard:
    """The guarded application. Raises StoreError when the studio file cannot be used."""
    database = open_database(config.studio)
    furnish(database)
    app = api(database, config, copies.copied_daily if config.pooled else None)
    if config.page is not None:
        app.frontend("/", directory=config.page)
    return Guard(Pooled(app, config.studio) if config.pooled else app, config, app.state.door)


def furnish(database: Database) -> None:
    """A studio has an identity, one kit and one shelf; a new one begins with both empty."""
    with database.writing() as db:
        identity.ensure(db)
        if pieces.singleton(db, "kit") is None:
            ledger.create(db, "kit", "kit", "kit", document_bytes(Kit()), "Begin")
        if pieces.singleton(db, "shelf") is None:
            ledger.create(db, "shelf", "shelf", "shelf", document_bytes(Shelf()), "Begin")


def _route_name(route: APIRoute) -> str:
    return route.name
