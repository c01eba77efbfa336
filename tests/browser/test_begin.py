"""The Bench, and beginning a new piece."""

from playwright.sync_api import Route, expect

from tests.browser.studio import BrowserTestCase


class BenchTest(BrowserTestCase):
    def test_the_demo_studio_opens_with_its_pieces(self) -> None:
        self.visit()
        expect(self.page.locator(".bench-piece")).not_to_have_count(0)
        self.assertGreaterEqual(self.page.locator(".bench-piece").count(), 4)
        widths = [box.bounding_box()["width"] for box in self.page.locator(".bench-stone canvas").all()]  # type: ignore[index]
        self.assertGreater(max(widths) / min(widths), 4)

    def test_duplicate_delete_and_bring_back(self) -> None:
        self.visit()
        pieces = self.page.locator(".bench-piece")
        expect(pieces.first).to_be_visible()
        count = pieces.count()
        self.press("More for Comet keepsake")
        self.page.get_by_role("menuitem", name="Duplicate").click()
        expect(pieces).to_have_count(count + 1)
        self.press("More for Comet keepsake, copy")
        self.page.get_by_role("menuitem", name="Delete").click()
        expect(pieces).to_have_count(count)
        self.press("Bring it back")
        expect(pieces).to_have_count(count + 1)

    def test_an_address_that_leads_nowhere(self) -> None:
        self.visit("/piece/gone")
        expect(self.page.get_by_text("There is no document “gone” in this studio.")).to_be_visible()
        self.page.get_by_role("link", name="To the Bench", exact=True).click()
        expect(self.page.locator(".bench-piece").first).to_be_visible()


class BeginTest(BrowserTestCase):
    def test_only_the_diameter_is_typed(self) -> None:
        self.visit("/")
        self.page.get_by_role("link", name="New piece", exact=True).click()
        expect(self.page.get_by_label("Diameter", exact=True)).to_be_focused()
        self.page.keyboard.type("123")
        self.page.keyboard.press("Enter")
        expect(self.page.get_by_label("Border kept clear")).to_have_value("4")
        self.press("Begin this piece")
        expect(self.summary()).to_contain_text("All clear, exactly at the border")
        document = self.document()
        self.assertEqual(document["blank"]["outline"]["diameter"], 123)
        self.assertGreater(len(document["rows"]), 4)

    def test_every_choice_draws_a_new_design_at_once(self) -> None:
        self.visit("/begin")
        status = self.page.locator(".begin-foot [role=status]")
        expect(status).to_contain_text("exactly at the border")
        seen = {status.inner_text()}
        for label, text in (("Segments", "7"), ("Border kept clear", "6")):
            self.fill(label, text)
            expect(status).not_to_have_text(list(seen)[-1])
            expect(status).to_contain_text("exactly at the border")
            seen.add(status.inner_text())
        before = status.inner_text()
        self.page.get_by_role("radio", name="Dusk").check()
        expect(status).not_to_have_text(before)
        self.page.get_by_role("button", name="Rod 4").click()
        expect(self.page.get_by_role("button", name="Rod 4")).to_have_attribute("aria-pressed", "false")
        self.page.get_by_role("button", name="Tarn").click()
        expect(status).to_contain_text("exactly at the border")

    def test_every_pattern_is_drawn_on_the_blank_that_is_chosen_by_its_name(self) -> None:
        """A heart with fans, in five clicks from the Bench: a finished design on the Bench."""
        self.visit()
        self.page.get_by_role("link", name="New piece", exact=True).click()
        self.press("Heart")
        pictures = self.page.locator(".begin-gallery canvas")
        expect(pictures).to_have_count(17)
        self.page.get_by_role("radio", name="Comet wings").check()
        expect(self.page.locator(".begin-foot [role=status]")).to_contain_text("dots.")
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("heart")
        document = self.document()
        self.assertIn("fan", [row["track"]["kind"] for row in document["rows"]])
        self.assertEqual((document["blank"]["outline"]["kind"], document["blank"]["material"]), ("heart", "wood"))

    def test_paints_count_in_the_order_they_are_chosen(self) -> None:
        self.visit("/begin")
        self.page.get_by_role("radio", name="Spectrum").check()
        chips = self.page.locator(".begin-group .chip:not(.square)")
        chosen = chips.filter(has=self.page.locator(".begin-place"))
        expect(chosen).not_to_have_count(0)
        first = chosen.first.inner_text().split("\n")[0]
        chosen.first.click()
        self.page.get_by_role("button", name=first).click()
        expect(self.page.get_by_role("button", name=first)).to_contain_text(str(chosen.count()))
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("round")
        document = self.document()
        hues = next(row["shades"] for row in document["rows"] if len(row["shades"]) > 2)
        self.assertEqual([shade["paint"] for shade in hues], [paint["id"] for paint in document["paints"]])
        self.assertEqual(document["paints"][-1]["name"], first)

    def test_odd_numbers_get_a_sentence_and_lose_nothing(self) -> None:
        self.visit("/begin")
        field = self.page.get_by_label("Diameter", exact=True)
        for typed, words in (
            ("0", "Diameter must be between 10 mm and 1000 mm (given: 0)."),
            ("-5", "given: -5"),
            ("1e9", "“1e9” is not a length"),
            ("ninety", "“ninety” is not a length"),
        ):
            field.fill(typed)
            field.press("Enter")
            expect(self.page.get_by_role("alert")).to_contain_text(words)
            expect(field).to_have_value(typed)
        field.press("Escape")
        expect(field).to_have_value("90")
        expect(self.page.get_by_role("alert")).to_have_count(0)

    def test_a_blank_too_narrow_for_its_border_says_why(self) -> None:
        self.visit("/begin")
        self.fill("Border kept clear", "44.9")
        expect(self.page.get_by_role("alert")).to_contain_text("A border of 44.9 mm leaves 0.1 mm from the centre")
        expect(self.page.get_by_role("button", name="Begin this piece")).to_be_disabled()
        self.fill("Border kept clear", "3")
        expect(self.page.get_by_role("button", name="Begin this piece")).to_be_enabled()

    def test_lengths_in_inches_with_fractions(self) -> None:
        self.visit("/begin")
        self.choose("Units", "inch")
        self.fill("Diameter", "4 1/4")
        expect(self.page.get_by_label("Diameter", exact=True)).to_have_value("4 1/4")
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("4 1/4 in round")
        self.assertAlmostEqual(self.document()["blank"]["outline"]["diameter"], 107.95, places=9)
        self.choose("Units", "cm")
        expect(self.page.locator(".row-heading")).to_contain_text("Dot, cm")
        self.choose("Units", "mm")
        expect(self.page.locator(".parts")).to_contain_text("107.95 mm round")

    def test_begun_at_once_the_piece_has_what_was_typed_last(self) -> None:
        self.visit("/begin")
        expect(self.page.locator(".begin-foot [role=status]")).to_contain_text("dots.")
        self.page.get_by_label("Diameter", exact=True).fill("123")
        self.press("Begin this piece")
        expect(self.page.locator(".parts")).to_contain_text("123 mm round")

    def test_a_slow_answer_does_not_undo_the_choice_of_units(self) -> None:
        held: list[Route] = []

        def hold(route: Route) -> None:
            if route.request.method == "GET":
                held.append(route)
            else:
                route.continue_()

        self.page.route("**/api/studio", hold)
        self.visit("/begin")
        self.choose("Units", "inch")
        expect(self.page.get_by_label("Diameter", exact=True)).to_have_value("3.543")
        for route in held:
            route.fulfill(json={"kit": "kit", "shelf": "shelf", "units": "mm", "scheme": "auto",
                                "printer": {"across": 150, "along": 200}})  # fmt: skip
        self.fill("Diameter", "4 1/4")
        expect(self.page.get_by_label("Units")).to_have_value("inch")
        expect(self.page.get_by_label("Diameter", exact=True)).to_have_value("4 1/4")
        expect(self.page.get_by_role("alert")).to_have_count(0)

    def test_look_and_units_changed_at_once_are_both_kept(self) -> None:
        self.visit("/kit")
        self.page.route("**/api/studio", lambda route: None)
        self.press("Dark look")
        self.choose("Units", "inch")
        try:
            with self.page.expect_response(lambda answer: "inch" in (answer.request.post_data or "")):
                self.page.unroute("**/api/studio")
            kept = self.page.evaluate("fetch('/api/studio').then((answer) => answer.json())")
            self.assertEqual((kept["units"], kept["scheme"]), ("inch", "dark"))
        finally:
            self.choose("Units", "mm")
            self.press("Light look")
