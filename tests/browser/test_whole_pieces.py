"""Whole pieces from the Bench to the last row, and how many acts they take: a press, a choice, a number typed."""

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase


class WholePieceTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.acts = 0
        self.visit()
        self.page.get_by_role("link", name="New piece", exact=True).click()
        self.acts += 1

    def press(self, name: str) -> None:
        super().press(name)
        self.acts += 1

    def fill(self, label: str, text: str) -> None:
        super().fill(label, text)
        self.acts += 1

    def choose(self, label: str, option: str) -> None:
        super().choose(label, option)
        self.acts += 1

    def take(self, pattern: str) -> None:
        self.page.get_by_role("radio", name=pattern).check()
        self.acts += 1

    def unchosen(self, count: int) -> list[str]:
        """Names of paints that the piece does not have yet."""
        chips = self.page.locator(".begin-group .chip:not(.square)")
        free = chips.filter(has_not=self.page.locator(".begin-place"))
        return [free.nth(k).inner_text().strip() for k in range(count)]

    def in_one_step(self, words: str) -> None:
        self.press("In one step…")
        self.page.get_by_role("menuitem", name=words).click()
        self.acts += 1

    def add_row(self) -> None:
        rows = self.page.locator(".row-line").count()
        self.press("Add a row")
        expect(self.page.locator(".row-line")).to_have_count(rows + 1)
        expect(self.page.locator(".row-line").last).to_have_attribute("aria-expanded", "true")

    def add_kind(self, name: str) -> None:
        rows = self.page.locator(".row-line").count()
        super().add_kind(name)
        self.acts += 1
        expect(self.page.locator(".row-line")).not_to_have_count(rows)

    def expect_clear(self) -> None:
        self.expect_saved()
        expect(self.page.get_by_role("img", name="serious finding")).to_have_count(0)
        expect(self.summary()).not_to_contain_text("serious")

    def test_a_canvas_with_a_hue_for_each_spoke_teardrops_petals_and_corners(self) -> None:
        """In under forty acts."""
        self.press("Canvas")
        self.fill("Side", "8 in")
        self.fill("Segments", "8")
        self.take("An empty piece")
        for paint in self.unchosen(2):
            self.press(paint)
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("square")
        for _ in range(3):
            self.add_row()
        # Teardrops, one hue for each spoke.
        self.add_row()
        self.fill("From centre", "36")
        self.fill("Dot size", "8.9")
        self.in_one_step("A paint for each spoke")
        self.press("Add a swipe")
        # Walked petals between them.
        self.add_row()
        self.fill("From centre", "62")
        self.fill("Dot size", "8.9")
        self.choose("Start", "between the lines")
        self.in_one_step("A paint for each spoke")
        self.press("Add a petal")
        # Rings that carry on into the corners.
        self.add_row()
        self.fill("From centre", "92")
        self.choose("At the border", "carries on, whole dots")
        self.choose("Counted", "as many as fit")
        for walk in ("104", "116"):
            self.press(f"Copy row {self.page.locator('.row-line.picked').get_attribute('data-row')}")
            self.fill("From centre", walk)
        self.expect_clear()
        rows = self.document()["rows"]
        self.assertEqual([trim["kind"] for row in rows for trim in row["trims"]], ["swipe", "walk"])
        self.assertEqual(len({shade["paint"] for shade in rows[4]["shades"]}), 8)
        self.assertGreaterEqual(sum(row["track"].get("beyond") == "carry on" for row in rows), 3)
        self.assertLess(self.acts, 40)

    def test_an_oval_with_a_mandala_and_fans_at_both_ends(self) -> None:
        """Row by row in under fifteen acts."""
        self.press("Oval stone")
        self.take("An empty piece")
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("oval")
        for _ in range(5):
            self.add_row()
        self.add_kind("A fan of swipes")
        self.expect_clear()
        fan = self.document()["rows"][-1]["track"]
        self.assertEqual((fan["kind"], fan["at"]), ("fan", "ends"))
        self.assertLess(self.acts, 15)
        for left in (5, 4):
            self.undo()
            self.assertEqual(len(self.document()["rows"]), left)

    def test_a_finished_oval_with_fans_in_four(self) -> None:
        self.press("Oval stone")
        self.take("Comet wings")
        self.press("Begin this piece")
        expect(self.summary()).to_contain_text("exactly at the border")
        self.expect_clear()
        self.assertIn("fan", [row["track"]["kind"] for row in self.document()["rows"]])
        self.assertEqual(self.acts, 4)
