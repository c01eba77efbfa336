"""The documents say what the code does: commands, screenshots, verdicts, errors, places in the code."""

import json
import re
import tomllib
from functools import cache
from pathlib import Path

from commands.main import COMMANDS
from commands.shots import VIEWS
from fernring.web.errors import STATUS
from tests.assertions import FernTestCase
from tests.server import ROOT

DOCS = ROOT / "docs"


@cache
def text(path: Path) -> str:
    return path.read_text(encoding="utf-8")


class ProseTest(FernTestCase):
    def test_every_command_is_in_the_readme_and_the_other_way_round(self) -> None:
        named = set(re.findall(r"\./fern (\w+)", text(ROOT / "README.md")))
        self.assertEqual(named, set(COMMANDS))

    def test_every_view_has_its_picture_and_the_readme_shows_it(self) -> None:
        pictures = {path.stem for path in (DOCS / "screenshots").glob("*.png")}
        self.assertEqual(pictures, set(VIEWS))
        shown = set(re.findall(r"docs/screenshots/([\w-]+)\.png", text(ROOT / "README.md")))
        self.assertEqual(shown, pictures)
        self.assertLess(len(pictures), 20)

    def test_everybody_whose_work_is_shipped_is_named(self) -> None:
        told = text(ROOT / "NOTICES.md")
        python = tomllib.loads(text(ROOT / "pyproject.toml"))["project"]["dependencies"]
        page = json.loads(text(ROOT / "frontend" / "package.json"))["dependencies"]
        for name in (*(re.split(r"[=<>]", one)[0] for one in python), *page):
            self.assertIn(f"| {name} |", told)
        for font in (ROOT / "fernring" / "formats" / "fonts").glob("*.ttf"):
            spoken = re.sub(r"(?<=[a-z])(?=[A-Z])", " ", font.stem.split("-")[0])
            self.assertIn(spoken, told)

    def test_every_verdict_is_described(self) -> None:
        """A verdict's code is the first argument of its Verdict, or one of the words chosen for it."""
        described = set(re.findall(r"^\| `([a-z ]+)` \|", text(DOCS / "formulas.md"), re.M))
        code = "".join(text(path) for path in (ROOT / "fernring" / "core" / "advice").glob("*.py"))
        for name in described:
            self.assertIn(f'"{name}"', code)
        for name in re.findall(r'Verdict\(\s*"([a-z ]+)"', code):
            self.assertIn(name, described)

    def test_every_error_code_is_described(self) -> None:
        told = text(DOCS / "formats.md")
        for family in STATUS:
            self.assertIn(f"`{family.code}`", told)

    def test_every_place_in_the_code_that_a_document_names_exists(self) -> None:
        found = 0
        for page in (ROOT / "README.md", *DOCS.glob("*.md")):
            for place in re.findall(r"`((?:fernring|frontend|tests|bench|commands|docs)/[\w./-]+)`", text(page)):
                self.assertTrue((ROOT / place).exists(), f"{page.name} names {place}")
                found += 1
        self.assertGreater(found, 20)
