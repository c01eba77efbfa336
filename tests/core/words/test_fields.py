"""Facts of the fields that the page fills in."""

from typing import Annotated, Literal, get_args, get_origin

from pydantic import BaseModel, Field

from fernring.core.document.facts import Fact, chosen, named
from fernring.core.document.outline import Outline
from fernring.core.document.relief import Relief
from fernring.core.rows.tracks import TRACKS
from fernring.core.rows.trims import TRIMS
from fernring.core.words.fields import MODELS, facts, fields_of
from tests.assertions import FernTestCase


def literals(annotation: object) -> list[str]:
    """The values of a choice, wherever in the annotation it stands; of a choice of models their kinds."""
    if get_origin(annotation) is Literal:
        return [str(one) for one in get_args(annotation) if one is not None]
    if isinstance(annotation, type) and issubclass(annotation, BaseModel):
        return literals(annotation.model_fields["kind"].annotation)
    return [found for part in get_args(annotation) for found in literals(part)]


def variants(union: object) -> list[type[BaseModel]]:
    return [one for one in get_args(get_args(union)[0]) if issubclass(one, BaseModel)]


class Sample(BaseModel):
    """A model with a field of every sort."""

    wide: Annotated[float, Field(ge=0.5, lt=9), named("Width", "length", none="open", wide=80)] = 2.0
    turns: Annotated[int | None, Field(gt=0, le=5), named("Turns", "count")] = None
    way: Annotated[Literal["left", "far right"], chosen("Way", left="to the left", far_right="right over")] = "left"
    plain: str = ""
    many: Annotated[tuple[int, ...], Field(min_length=2, max_length=7)] = (1, 2)


class FieldsTest(FernTestCase):
    def test_names_bounds_words_and_defaults(self) -> None:
        found = fields_of(Sample)
        bounds = {"least": 0.5, "below": 9, "default": 2.0}
        self.assertEqual(found["wide"], {"name": "Width", "written": "length", "none": "open", "wide": 80, **bounds})
        self.assertEqual(
            found["turns"], {"name": "Turns", "written": "count", "above": 0, "most": 5, "open": True, "whole": True}
        )
        self.assertEqual(found["way"]["words"], [["left", "to the left"], ["far right", "right over"]])
        self.assertEqual(found["many"], {"fewest": 2, "longest": 7})
        self.assertNotIn("plain", found)

    def test_every_choice_has_its_words_and_no_others(self) -> None:
        """What a document may hold is offered in words, and nothing is offered that it may not hold."""
        models = {*MODELS, *variants(Outline), *variants(Relief)}
        models |= {kind.model for kind in (*TRACKS.values(), *TRIMS.values())}
        seen = 0
        for model in models:
            for name, info in model.model_fields.items():
                words = [one.words for one in info.metadata if isinstance(one, Fact) and one.words]
                for each in words:
                    self.assertEqual(sorted(each), sorted(literals(info.annotation)), f"{model.__name__}.{name}")
                    self.assertTrue(all(each.values()))
                    seen += 1
        self.assertGreater(seen, 12)

    def test_what_a_field_is_limited_to_is_a_field_of_the_same_model(self) -> None:
        fields = facts()["fields"]
        for model, own in fields.items():
            for name, fact in own.items():
                for other in fact.get("when", {}):
                    self.assertIn(other, own, f"{model}.{name}")

    def test_kinds_name_models_that_have_facts(self) -> None:
        found = facts()
        for group in ("tracks", "trims"):
            for kind, fact in found[group].items():
                self.assertIn(fact["model"], found["fields"], kind)
                self.assertTrue(fact["name"])
        for group in ("outlines", "reliefs"):
            for kind, model in found[group].items():
                self.assertIn(model, found["fields"], kind)
        self.assertEqual(list(found["tracks"]), list(TRACKS))
