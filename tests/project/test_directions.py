"""Who may import whom, read from the code itself."""

import ast
from collections.abc import Iterator
from graphlib import TopologicalSorter
from pathlib import Path

from tests.assertions import FernTestCase
from tests.server import ROOT

PACKAGE = ROOT / "fernring"
MAY_CALL = {
    "core": {"core"},
    "formats": {"formats", "core"},
    "store": {"store", "core"},
    "standins": {"standins", "formats", "core"},
    "vision": {"vision", "core"},
    "web": {"web", "vision", "store", "standins", "formats", "core"},
    "demo": {"demo", "store", "formats", "core"},
}
# Who may call whom within the core; all spend from the budget. Documents and the kinds of rows know each other: a kind
# brings its own fields.
CORE_MAY_CALL = {
    "geometry": {"errors", "kept"},
    "dots": {"geometry", "kept"},
    "colour": {"document", "kept", "tables"},
    "lettering": {"dots", "geometry", "kept", "tables"},
    "document": {"errors", "lettering", "rows"},
    "regions": {"colour", "document", "dots", "geometry", "kept", "lettering"},
    "ground": {"document", "errors", "geometry", "kept", "regions"},
    "words": {"colour", "document", "ground", "practice", "rows", "solved", "tables"},
    "rows": {"colour", "document", "dots", "errors", "geometry", "ground", "kept", "lettering", "regions", "words"},
    "guides": {"colour", "document", "dots", "geometry", "ground", "kept", "regions", "rows", "tables"},
    "solved": {"colour", "document", "dots", "ground", "regions", "rows"},
    "totals": {"solved"},
    "advice": {
        "colour", "document", "dots", "geometry", "ground", "guides", "kept", "lettering", "paint", "regions", "rows",
        "solved", "tables", "words",
    },
    "plan": {"advice", "document", "dots", "solved", "totals"},
    "proposals": {
        "advice", "colour", "document", "dots", "errors", "geometry", "ground", "lettering", "paint", "plan", "regions",
        "practice", "rows", "solved", "tables", "words",
    },
    "paint": {"colour", "document", "dots", "errors", "geometry", "ground", "rows", "solved", "tables"},
    "practice": {"document", "dots", "errors", "marks", "tables"},
    "harmony": {"advice", "colour", "document", "dots", "errors", "paint", "proposals", "solved"},
    "work": {"document", "dots", "errors", "geometry", "guides", "regions", "rows", "solved", "tables", "words"},
    "logbook": {"document", "tables", "work"},
    "budget": {"errors"}, "errors": set(), "kept": set(), "marks": set(), "tables": set(),
}  # fmt: skip
CALCULATES = {"math", "numpy", "scipy", "shapely"}
HOST = {
    "asyncio", "datetime", "fastapi", "httpx", "io", "logging", "os", "pathlib", "PIL", "random", "reportlab",
    "secrets", "socket", "sqlite3", "starlette", "subprocess", "sys", "time", "uvicorn",
}  # fmt: skip


def imports(file: Path) -> Iterator[str]:
    """Absolute dotted names that a module imports."""
    yield from _imported(file, ast.parse(file.read_text(encoding="utf-8")))


def imports_at_once(file: Path) -> Iterator[str]:
    """Those that it imports when it is imported itself: not for types alone, nor when a function is called."""
    tree = ast.parse(file.read_text(encoding="utf-8"))
    body = [one for one in tree.body if not isinstance(one, ast.If | ast.FunctionDef)]
    yield from _imported(file, ast.Module(body, []))


def _imported(file: Path, tree: ast.AST) -> Iterator[str]:
    package = file.relative_to(ROOT).with_suffix("").parts[:-1]
    for node in ast.walk(tree):
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif isinstance(node, ast.ImportFrom):
            above = list(package[: len(package) - node.level + 1]) if node.level else []
            base = ".".join(above + ([node.module] if node.module else []))
            yield from (f"{base}.{alias.name}" for alias in node.names)


def _within(names: Iterator[str], modules: dict[str, Path]) -> Iterator[str]:
    """Those of the modules that the names are, or lie in."""
    for name in names:
        yield from (one for one in (name, name.rpartition(".")[0]) if one in modules)


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

    def test_within_the_core_nothing_points_up(self) -> None:
        checked = 0
        for file in (PACKAGE / "core").rglob("*.py"):
            own = file.relative_to(PACKAGE / "core").with_suffix("").parts[0]
            for name in imports_at_once(file):
                words = name.split(".")
                if words[:2] == ["fernring", "core"] and len(words) > 2 and words[2] not in (own, "budget"):
                    self.assertIn(words[2], CORE_MAY_CALL[own], f"{file.relative_to(ROOT)} imports {name}")
                    checked += 1
        self.assertGreater(checked, 300)

    def test_no_module_of_the_core_imports_itself_in_a_circle(self) -> None:
        files = (PACKAGE / "core").rglob("*.py")
        modules = {".".join(file.relative_to(ROOT).with_suffix("").parts): file for file in files}
        graph = {name: set(_within(imports_at_once(file), modules)) for name, file in modules.items()}
        order = TopologicalSorter(graph)
        order.prepare()
        self.assertGreater(len(graph), 130)

    def test_nobody_asks_a_track_or_trim_its_kind(self) -> None:
        """Kinds are values: what differs between them is asked of these, so a new one is one file and an index line."""
        seen = 0
        for file in PACKAGE.rglob("*.py"):
            for node in ast.walk(ast.parse(file.read_text(encoding="utf-8"))):
                if isinstance(node, ast.Compare):
                    asked = [ast.unparse(one) for one in (node.left, *node.comparators)]
                    seen += 1
                    self.assertFalse(
                        [one for one in asked if one.endswith(".kind")], f"{file.relative_to(ROOT)}:{node.lineno}"
                    )
        self.assertGreater(seen, 500)

    def test_every_module_that_calculates_has_a_test_of_its_name(self) -> None:
        """One that imports numpy, math, shapely or scipy, in a folder like its own, or against outside sources."""
        outside = {file.name for file in (ROOT / "tests" / "outside").glob("test_*.py")}
        found = 0
        for file in (PACKAGE / "core").rglob("*.py"):
            if not CALCULATES & {name.split(".")[0] for name in imports(file)}:
                continue
            found += 1
            here = file.relative_to(PACKAGE)
            test = ROOT / "tests" / here.parent / f"test_{here.name}"
            self.assertTrue(test.exists() or f"test_{here.name}" in outside, f"{here} has no test of its name")
        self.assertGreater(found, 80)
