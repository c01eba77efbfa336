"""The page says no rule twice: bounds, kinds and words come from the schema."""

import re
from collections.abc import Iterator
from pathlib import Path

from fernring.core.words.fields import facts
from tests.assertions import FernTestCase
from tests.server import ROOT

SOURCE = ROOT / "frontend" / "src"
BOUND = re.compile(r"\b(?:min|max|least|most|above|below|fewest|longest)=\{-?[\d.]")


def sources() -> Iterator[tuple[Path, str]]:
    for file in sorted((*SOURCE.rglob("*.ts"), *SOURCE.rglob("*.tsx"))):
        if "generated" not in file.name:
            yield file.relative_to(SOURCE), file.read_text(encoding="utf-8")


class PageTest(FernTestCase):
    def test_no_field_has_a_bound_of_its_own(self) -> None:
        seen = 0
        for file, text in sources():
            self.assertEqual(BOUND.findall(text), [], file)
            seen += len(re.findall(r"\b(?:facts|fact)\b", text))
        self.assertGreater(seen, 50)

    def test_no_list_of_tracks_or_trims_beside_the_schema(self) -> None:
        """Naming one kind is asking it something; naming most of them is a list that the next kind is missing from."""
        for group in ("tracks", "trims"):
            kinds = [kind for kind in facts()[group] if len(kind) > 3]
            for file, text in sources():
                named = [kind for kind in kinds if f'"{kind}"' in text]
                self.assertLess(len(named), 3 if group == "trims" else 5, f"{file} names {named}")

    def test_the_newest_track_needs_no_code_of_its_own(self) -> None:
        for file, text in sources():
            self.assertNotIn("spiral", text.lower(), file)

    def test_no_other_host_is_named(self) -> None:
        for file, text in sources():
            hosts = set(re.findall(r"https?://[\w.-]+", text)) - {"http://www.w3.org"}
            self.assertEqual(hosts, set(), file)
