"""What every answer of the API has in common."""

from pydantic import BaseModel, ConfigDict


class Answer(BaseModel):
    """An answer names all its fields; the page's types are made from it."""

    model_config = ConfigDict(extra="forbid")
