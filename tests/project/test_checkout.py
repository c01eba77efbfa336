"""What must not be in the repository: registry addresses, other hosts, stale locks."""

import re
import subprocess

from tests.assertions import FernTestCase
from tests.server import ROOT


def tracked() -> list[str]:
    listed = subprocess.run(["git", "ls-files", "-co", "--exclude-standard"], cwd=ROOT, capture_output=True, text=True)
    return [name for name in listed.stdout.splitlines() if (ROOT / name).is_file()]


class CheckoutTest(FernTestCase):
    def test_no_lock_names_a_registry(self) -> None:
        locks = [name for name in tracked() if name.endswith(("package-lock.json", ".lock", ".npmrc"))]
        self.assertGreaterEqual(len(locks), 3)
        for name in locks:
            text = (ROOT / name).read_text(encoding="utf-8")
            self.assertNotRegex(text, r'"resolved":|--index-url|--extra-index-url|^registry=', name)

    def test_the_page_asks_no_other_host(self) -> None:
        """Addresses may stand in code only as names of XML namespaces or of this machine."""
        for name in tracked():
            if name.startswith("frontend/src/") and "generated" not in name and not name.endswith(".webm"):
                for address in re.findall(r"https?://[^\s\"'`)]+", (ROOT / name).read_text(encoding="utf-8")):
                    self.assertRegex(address, r"^http://(www\.w3\.org|127\.0\.0\.1)", name)

    def test_both_locks_agree(self) -> None:
        """What the studio runs with is what the tests run with."""
        run, dev = (
            dict(re.findall(r"^([\w.-]+)==(\S+)", (ROOT / name).read_text(encoding="utf-8"), re.M))
            for name in ("requirements.lock", "requirements-dev.lock")
        )
        self.assertGreater(len(run), 10)
        for name, version in run.items():
            self.assertEqual(dev.get(name), version, name)
