"""WCAG 2.2 contrast of the interface's own colours, read from its style sheet."""

import re
from pathlib import Path

from coloraide import Color

from tests.assertions import FernTestCase

STYLES = Path(__file__).parents[2] / "frontend" / "src" / "studio" / "styles.css"
GROUNDS = ("paper", "sheet", "pick")
TEXTS = ("ink", "quiet", "accent", "serious", "warning")


def schemes() -> dict[str, dict[str, str]]:
    """The colour variables of each scheme."""
    found = {}
    for scheme, block in re.findall(r'color-scheme="(\w+)"\] \{(.*?)\}', STYLES.read_text(), re.S):
        found[scheme] = dict(re.findall(r"--(\w+): (#[0-9a-f]{6});", block))
    return found


class ContrastTest(FernTestCase):
    def test_text_on_every_ground(self) -> None:
        """WCAG 2.2, 1.4.3: at least 4.5:1 for text; ratio by coloraide's wcag21 method."""
        self.assertEqual(set(schemes()), {"light", "dark"})
        for scheme, colours in schemes().items():
            for ground in GROUNDS:
                for text in TEXTS:
                    ratio = Color(colours[text]).contrast(colours[ground], method="wcag21")
                    self.assertGreaterEqual(ratio, 4.5, f"{scheme}: {text} on {ground}")

    def test_the_mat_is_neutral(self) -> None:
        """Colours are judged against it: its chroma in Oklch stays near zero."""
        for scheme, colours in schemes().items():
            self.assertLess(Color(colours["mat"]).convert("oklch")["chroma"], 0.006, scheme)
