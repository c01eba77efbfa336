"""Who may import whom, read from the code itself."""

import ast
from collections.abc import Iterator
from pathlib import Path

from tests.assertions import FernTestCase
from tests.browser.studio import ROOT

PACKAGE = ROOT / "fernring"
MAY_CALL = {
    "core": {"core"},
    "formats": {"formats", "core"},
    "store": {"store", "core"},
    "standins": {"standins", "formats", "core"},
    "web": {"web", "store", "standins", "formats", "core"},
    "demo": {"demo", "store", "formats", "core"},
}
HOST = {
    "asyncio", "datetime", "fastapi", "httpx", "io", "logging", "os", "pathlib", "PIL", "random", "reportlab",
    "secrets", "socket", "sqlite3", "starlette", "subprocess", "sys", "time", "uvicorn",
}  # fmt: skip


def imports(file: Path) -> Iterator[str]:
    """Absolute dotted names that a module imports."""
    package = file.relative_to(ROOT).with_suffix("").parts[:-1]
    for node in ast.walk(ast.parse(file.read_text(encoding="utf-8"))):
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif isinstance(node, ast.ImportFrom):
            above = list(package[: len(package) - node.level + 1]) if node.level else []
            base = ".".join(above + ([node.module] if node.module else []))
            yield from (f"{base}.{alias.name}" for alias in node.names)


class DirectionsTest(FernTestCase):
    def test_each_part_calls_only_those_below_it(self) -> None:
        checked = 0
        for file in PACKAGE.rglob("*.py"):
            parts = file.relative_to(PACKAGE).parts
            if len(parts) < 2:
                continue
            for name in imports(file):
                words = name.split(".")
                if words[0] == "fernring" and len(words) > 1 and (PACKAGE / words[1]).is_dir():
                    self.assertIn(words[1], MAY_CALL[parts[0]], f"{file.relative_to(ROOT)} imports {name}")
                    checked += 1
        self.assertGreater(checked, 200)

    def test_the_store_knows_only_documents_and_errors_of_the_core(self) -> None:
        for file in (PACKAGE / "store").rglob("*.py"):
            for name in imports(file):
                if name.startswith("fernring.core"):
                    self.assertRegex(name, r"^fernring\.core\.(document|errors)", str(file))

    def test_the_core_has_no_host(self) -> None:
        for file in (PACKAGE / "core").rglob("*.py"):
            for name in imports(file):
                self.assertNotIn(name.split(".")[0], HOST, f"{file.relative_to(ROOT)} imports {name}")
