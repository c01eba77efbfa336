"""The API fuzzed from its own OpenAPI document: no request brings it down, every answer is as described."""

from itertools import islice

import schemathesis
from hypothesis import HealthCheck, Phase, given, settings
from schemathesis.checks import not_a_server_error
from schemathesis.specs.openapi.checks import response_schema_conformance, status_code_conformance

from fernring.store.database import open_database
from fernring.web.app import api, furnish
from tests.web.client import WebTestCase

PARTS = 4
CHECKS = (not_a_server_error, status_code_conformance, response_schema_conformance)
ALLOWED = {"POST /api/plan", "POST /api/check", "POST /api/pieces", "PUT /api/studio", "GET /api/documents/{ident}"}


class FuzzCase(WebTestCase):
    """A share of all operations: each class takes every so-manyeth, beside the others."""

    def fuzz_part(self, part: int) -> None:
        database = open_database(self.folder / "fuzz.sqlite")
        furnish(database)
        schema = schemathesis.openapi.from_asgi("/openapi.json", api(database))
        tried = 0
        for result in islice(schema.get_all_operations(), part, None, PARTS):
            operation = result.ok()
            with self.subTest(operation.label):
                self.fuzz(operation)
                tried += 1
        self.assertGreater(tried, 10)

    def fuzz(self, operation: object) -> None:
        strategy = operation.as_strategy()  # type: ignore[attr-defined]

        @settings(
            max_examples=10 if operation.label in ALLOWED else 4,  # type: ignore[attr-defined]
            deadline=None,
            database=None,
            derandomize=True,
            phases=(Phase.generate,),
            suppress_health_check=list(HealthCheck),
        )
        @given(case=strategy)
        def one(case: schemathesis.Case) -> None:
            case.call_and_validate(checks=list(CHECKS))

        one()


class FirstFuzzTest(FuzzCase):
    def test_every_fourth_operation(self) -> None:
        self.fuzz_part(0)


class SecondFuzzTest(FuzzCase):
    def test_every_fourth_operation(self) -> None:
        self.fuzz_part(1)


class ThirdFuzzTest(FuzzCase):
    def test_every_fourth_operation(self) -> None:
        self.fuzz_part(2)


class FourthFuzzTest(FuzzCase):
    def test_every_fourth_operation(self) -> None:
        self.fuzz_part(3)
