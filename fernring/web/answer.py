"""What requests and answers of the API have in common.

Their validators are made when first needed: each route makes its own anyway, and the server starts sooner.
"""

import warnings

from pydantic import BaseModel, ConfigDict
from pydantic.warnings import UnsupportedFieldAttributeWarning

from ..core.document.numbers import Frozen

# FastAPI names its parameters in a way of which pydantic says that it has no effect, where it is not told to be silent.
warnings.filterwarnings("ignore", category=UnsupportedFieldAttributeWarning)


class Asked(Frozen):
    """What a route is asked, as its body."""

    model_config = ConfigDict(defer_build=True)


class Answer(BaseModel):
    """An answer names all its fields; the page's types are made from it."""

    model_config = ConfigDict(extra="forbid", defer_build=True)
