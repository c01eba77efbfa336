"""Verdicts, remedies, the slack."""

from playwright.sync_api import Route, expect

from tests.browser.studio import BrowserTestCase


class VerdictTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Verdicts")

    def open_verdicts(self) -> None:
        self.page.locator(".verdict-line").get_by_role("button", name="verdict").click()

    def test_overlap_is_said_shown_and_put_right_in_one_click_and_one_undo(self) -> None:
        self.pick("5")
        self.fill("From centre", "13.5")
        expect(self.summary()).to_contain_text("serious finding")
        self.open_verdicts()
        finding = self.page.locator(".verdict.serious").first
        expect(finding).to_contain_text("overlap by")
        finding.get_by_role("button", name="Show places").click()
        expect(self.page.locator(".stone-place").first).to_be_visible()
        finding.get_by_role("button", name="Nest row 5").click()
        expect(self.summary()).to_contain_text("All clear")
        self.undo()
        expect(self.summary()).to_contain_text("serious finding")

    def test_while_a_plan_takes_long_that_is_said(self) -> None:
        waiting: list[Route] = []
        self.page.route("**/api/plan", lambda route: waiting.append(route), times=1)
        self.pick("5")
        self.fill("From centre", "13.5")
        said = self.page.get_by_text("Calculating…", exact=True)
        expect(said).to_be_visible()
        expect(self.summary()).to_contain_text("All clear")  # of the plan before
        waiting[0].continue_()
        expect(self.summary()).to_contain_text("serious finding")
        expect(said).to_have_count(0)

    def test_a_verdict_is_accepted_with_a_reason_and_taken_back(self) -> None:
        self.pick("2")
        self.choose("Counted", "a fixed number")
        self.fill("Repeats", "7")
        expect(self.row("2").get_by_role("img", name="warning")).to_be_visible()
        self.open_verdicts()
        finding = self.page.locator(".verdict", has_text="breaks the symmetry")
        finding.get_by_role("button", name="Accept…").click()
        self.page.get_by_label("Why it is meant so").fill("seven sisters")
        self.press("Accept")
        expect(self.page.locator(".verdict.accepted")).to_contain_text("Accepted: seven sisters.")
        self.assertEqual(self.document()["accepted"][0]["reason"], "seven sisters")
        self.press("Take back")
        expect(self.page.locator(".verdict.accepted")).to_have_count(0)

    def test_the_slack_is_spread_until_the_last_row_ends_at_the_border(self) -> None:
        self.part("Blank")
        self.fill("Diameter", "94")
        expect(self.summary()).to_contain_text("2 mm left at the edge")
        self.press("Spread the slack")
        expect(self.summary()).to_contain_text("All clear, exactly at the border")
        expect(self.page.get_by_text("added to each gap")).to_be_visible()
        self.undo()
        expect(self.summary()).to_contain_text("2 mm left at the edge")

    def test_no_tool_for_a_size_offers_the_nearest(self) -> None:
        self.pick("3")
        self.fill("Dot size", "3.2")
        self.open_verdicts()
        finding = self.page.locator(".verdict", has_text="no tool of the piece makes a dot of 3.2 mm")
        finding.get_by_role("button", name="Use 3 mm (Ball 2.0)").click()
        expect(finding).to_have_count(0)
        (member,) = self.document()["rows"][3]["pattern"]
        self.assertEqual((member["diameter"], member["tool"]), (3, "ball-20"))

    def test_a_narrower_border_and_a_smaller_blank_keep_the_rows(self) -> None:
        rows = len(self.document()["rows"])
        self.part("Blank")
        self.fill("Diameter", "60")
        self.part("Rows")
        expect(self.summary()).to_contain_text("serious finding")
        self.open_verdicts()
        expect(self.page.locator(".verdict", has_text="No room for row").first).to_be_visible()
        self.assertEqual(len(self.document()["rows"]), rows)

    def test_shades_too_alike_are_named(self) -> None:
        self.part("Blank")
        colour = self.page.get_by_label("Base coat, colour")
        colour.fill("#f2ede0")
        colour.blur()
        self.open_verdicts()
        expect(self.page.locator(".verdict", has_text="Moonmilk is hard to tell from the base").first).to_be_visible()
