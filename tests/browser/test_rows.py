"""Changing a piece: every rule of a row, with the consequence seen at once, and undone."""

from playwright.sync_api import Route, expect

from tests.browser.studio import BrowserTestCase


class RowsTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Rows")

    def test_count_size_tool_and_gap(self) -> None:
        self.pick("3")
        self.fill("Repeats", "24")
        expect(self.row("3")).to_contain_text("24")
        self.assertEqual(self.document()["rows"][3]["count"], {"kind": "per_segment", "repeats": 2, "segments": 1})
        self.choose("Counted", "a fixed number")
        self.fill("Repeats", "13")
        self.assertEqual(self.document()["rows"][3]["count"], {"kind": "absolute", "repeats": 13})
        expect(self.row("3").get_by_role("img", name="warning")).to_be_visible()
        self.fill("Dot size", "2.2")
        expect(self.page.get_by_label("Dot made with")).to_have_value("free")
        self.choose("Dot made with", "Ball 2.0: 2.6")
        (member,) = self.document()["rows"][3]["pattern"]
        self.assertEqual((member["diameter"], member["tool"], member["form"]), (2.6, "ball-20", "dot"))
        self.fill("Gap", "0,75")
        self.assertEqual(self.document()["rows"][3]["gap"], 0.75)

    def test_lengths_may_be_typed_as_sums(self) -> None:
        self.pick("3")
        sums = {"0.2+0.15": 0.35, "1 - 0,25 + 0.05": 0.8, "0.1 cm - 0.7 mm": 0.3, "1/32 in + 0.2 mm": 0.99375}
        for typed, mm in sums.items():
            self.fill("Gap", typed)
            expect(self.page.get_by_label("Gap", exact=True).first).to_have_value(f"{mm:.2f}".rstrip("0"))
            self.assertAlmostEqual(self.document()["rows"][3]["gap"], mm, places=6)
        self.fill("Gap", "0.2+")
        self.assertAlmostEqual(self.document()["rows"][3]["gap"], 0.99375, places=6)

    def test_pressed_twice_at_once_both_are_done(self) -> None:
        design = self.first_design()
        state = self.ask("pieces", {"piece": {**design, "rows": design["rows"][:4]}})
        self.visit(f"/piece/{state['id']}")
        expect(self.page.locator(".row-line")).to_have_count(4)
        expect(self.summary()).to_contain_text("left at the edge")
        self.page.get_by_role("button", name="Add a row").last.evaluate("button => { button.click(); button.click(); }")
        expect(self.page.locator(".row-line")).to_have_count(6)
        rows = self.document()["rows"]
        self.assertEqual(len({row["id"] for row in rows}), 6)

    def test_a_row_set_in_below_another(self) -> None:
        self.pick("9")
        self.press("Remove row 9")
        before = [row["id"] for row in self.document()["rows"]]
        self.pick("2")
        self.press("Add a row below row 2")
        expect(self.page.get_by_role("group", name="Edit row 3")).to_be_visible()
        expect(self.page.locator(".row-line")).to_have_count(len(before) + 1)
        after = [row["id"] for row in self.document()["rows"]]
        self.assertEqual((after[:3], after[4:]), (before[:3], before[3:]))
        self.page.keyboard.press("Control+z")
        expect(self.page.locator(".row-line")).to_have_count(len(before))

    def test_what_is_changed_while_the_slack_is_spread_is_kept(self) -> None:
        """The answer of the first question comes late, to a piece that is another by then; it is asked about anew."""
        self.pick("12")
        self.press("Remove row 12")
        expect(self.summary()).to_contain_text("left at the edge")
        held: list[Route] = []
        self.page.route("**/api/slack", lambda route: route.continue_() if held else held.append(route))
        self.press("Spread the slack")
        expect(self.page.locator(".saved")).to_have_text("Saving…")
        self.pick("2")
        self.choose("Start", "on the lines")
        held[0].continue_()
        expect(self.summary()).to_contain_text("exactly at the border")
        self.assertEqual(self.document()["rows"][2]["start"]["kind"], "on lines")

    def test_each_of_the_three_fits(self) -> None:
        self.pick("3")
        self.choose("Counted", "as many as fit")
        expect(self.row("3")).to_contain_text("fit")
        self.choose("Dot made with", "largest that fits")
        self.assertEqual(self.document()["rows"][3]["fit"], "size")
        self.choose("Distance", "as close as it closes")
        self.assertEqual(self.document()["rows"][3]["fit"], "distance")
        expect(self.row("3")).to_contain_text("fit")
        self.choose("Distance", "nested")
        self.assertIsNone(self.document()["rows"][3]["fit"])

    def test_start_on_lines_between_in_dips_and_at_an_angle(self) -> None:
        self.pick("2")
        for option, kind in (("on the lines", "on lines"), ("between the lines", "between"), ("in the dips", "offset")):
            self.choose("Start", option)
            self.assertEqual(self.document()["rows"][2]["start"]["kind"], kind)
        self.choose("Start", "at an angle")
        self.fill("Angle", "7.5")
        self.assertEqual(self.document()["rows"][2]["start"], {"kind": "angle", "degrees": 7.5})

    def test_distance_typed_and_on_a_guide_circle(self) -> None:
        self.pick("4")
        self.fill("From centre", "25")
        expect(self.row("4")).to_contain_text("at 25")
        self.part("Blank")
        self.press("Add a circle")
        self.fill("Circle 1", "28")
        self.part("Rows")
        self.choose("Distance", "on circle 1 (28)")
        expect(self.row("4")).to_contain_text("circle 28")
        self.part("Blank")
        expect(self.page.get_by_role("button", name="Remove circle 1")).to_be_disabled()

    def test_a_pattern_of_three_dots_with_equal_gaps(self) -> None:
        self.pick("5")
        self.press("Add a dot to the pattern")
        self.press("Add a dot to the pattern")
        self.choose("Dot 2 made with", "Ball 1.0: 1.5")
        self.choose("Spacing", "equal gaps")
        expect(self.row("5")).to_contain_text("× 3")
        self.press("Drop dot 3 from the pattern")
        row = self.document()["rows"][5]
        self.assertEqual([m["diameter"] for m in row["pattern"]][1:], [1.5])
        self.assertEqual(row["spacing"], "equal gaps")

    def test_shades_single_taking_turns_and_from_a_ramp(self) -> None:
        self.pick("2")
        self.page.get_by_role("button", name="Shade: Centre to edge 1").click()
        self.page.get_by_role("button", name="Fern", exact=True).click()
        expect(self.row("2")).to_contain_text("Fern")
        self.press("Add a shade that takes turns")
        expect(self.row("2")).to_contain_text("Fern, Moonmilk")
        self.page.get_by_role("button", name="Shade 2: Moonmilk").click()
        self.page.get_by_role("button", name="Centre to edge, step 3").click()
        expect(self.row("2")).to_contain_text("Fern, Centre to edge 3")
        self.assertEqual(self.document()["rows"][2]["shades"][1], {"kind": "ramp", "ramp": "centre-to-edge", "step": 3})
        self.press("Drop shade 1")
        expect(self.row("2")).not_to_contain_text("Fern")

    def test_a_paint_for_each_spoke_in_one_step(self) -> None:
        self.pick("5")
        self.press("In one step…")
        self.page.get_by_role("menuitem", name="A paint for each spoke").click()
        expect(self.page.get_by_role("button", name="Drop shade 12", exact=True)).to_be_visible()
        document = self.document()
        names = [shade["paint"] for shade in document["rows"][5]["shades"]]
        self.assertEqual(names[::2], [paint["id"] for paint in document["paints"]])
        self.assertEqual(names[::2], names[1::2])
        self.undo()
        expect(self.page.get_by_role("button", name="Drop shade 1", exact=True)).to_have_count(0)

    def test_add_copy_reorder_and_remove(self) -> None:
        lines = self.page.locator(".row-line")
        count = lines.count()
        self.pick("1")
        self.press("Copy row 1")
        expect(lines).to_have_count(count + 1)
        before = [row["id"] for row in self.document()["rows"]]
        self.page.get_by_role("button", name="Move outward: 2").click()
        expect(self.row("3")).to_have_attribute("aria-expanded", "true")
        after = [row["id"] for row in self.document()["rows"]]
        self.assertEqual((after[2], after[3]), (before[3], before[2]))
        self.part("Blank")
        self.page.get_by_label("A circle through row 3").check()
        self.part("Rows")
        self.press("Remove row 3")
        expect(lines).to_have_count(count)
        self.assertEqual(self.document()["guides"]["at_rows"], [])
        self.part("Blank")
        self.fill("Diameter", "120")
        self.part("Rows")
        self.press("Add a row")
        expect(lines).to_have_count(count + 1)

    def test_what_fits_here_chosen_and_undone(self) -> None:
        self.pick("3")
        before = self.row("3").inner_text()
        self.press("What fits here?")
        table = self.page.get_by_role("table", name="What fits in row 3")
        expect(table.get_by_text("as it is")).to_be_visible()
        self.assertGreaterEqual(table.get_by_role("button").count(), 5)
        table.get_by_role("button").last.scroll_into_view_if_needed()
        expect(self.row("3")).to_be_in_viewport()
        table.get_by_role("button").last.click()
        expect(self.row("3")).not_to_have_text(before)
        self.undo()
        expect(self.row("3")).to_have_text(before, use_inner_text=True)

    def test_turn_segments_and_spokes_of_the_piece(self) -> None:
        self.part("Blank")
        self.fill("Turn of the first spoke", "10")
        self.choose("Spokes drawn", "first cross")
        self.fill("Segments", "8")
        document = self.document()
        self.assertEqual((document["turn"], document["segments"], document["guides"]["spokes"]), (10, 8, "first cross"))
        expect(self.page.locator(".stone-overlay .guide-spoke")).to_have_count(4)
        self.fill("Segments", "65")
        expect(self.page.get_by_text("Segments must be between 2 and 64 (given: 65)")).to_be_visible()
        self.assertEqual(self.document()["segments"], 8)

    def test_ramps_made_and_changed(self) -> None:
        self.part("Colours")
        self.press("Add a ramp")
        expect(self.page.get_by_role("group", name="Ramp 2").locator(".ramp-run span")).to_have_count(5)
        ramp = self.page.get_by_role("group", name="Ramp 2")
        ramp.get_by_label("Steps", exact=True).fill("8")
        ramp.get_by_label("Steps", exact=True).press("Enter")
        expect(ramp.locator(".ramp-run span")).to_have_count(8)
        ramp.get_by_label("Stop 1").select_option(label="Fern")
        self.page.get_by_role("button", name="+ Tarn").click()
        self.assertEqual(self.document()["ramps"][-1]["steps"], 8)
        self.assertEqual(self.document()["ramps"][-1]["even"], "seen")
        ramp.get_by_label("Steps are even").select_option(label="along the mix")
        ramp.get_by_role("button", name="Over the rows, outward").click()
        expect(self.page.get_by_role("button", name="Undo: Lay a ramp over the rows")).to_be_enabled()
        document = self.document()
        steps = [row["shades"][0]["step"] for row in document["rows"]]
        self.assertEqual((min(steps), max(steps)), (1, document["ramps"][-1]["steps"]))
        self.assertEqual(document["ramps"][-1]["even"], "mixed")
        self.undo()

    def test_the_steps_of_a_laid_ramp_follow_a_new_row(self) -> None:
        """Rows are removed down to one in the ramp, that room is left after it."""
        rows = self.document()["rows"]
        ramped = [k for k, row in enumerate(rows) if row["shades"][0]["kind"] == "ramp"]
        for k in range(len(rows) - 1, ramped[-2], -1):
            self.pick(str(k))
            self.press(f"Remove row {k}")
            expect(self.row(str(k))).to_have_count(0)
        self.part("Colours")
        self.page.get_by_role("group", name="Centre to edge").get_by_role(
            "button", name="Over the rows, outward"
        ).click()
        expect(self.page.get_by_role("button", name="Undo: Lay a ramp over the rows")).to_be_enabled()
        self.part("Rows")
        self.press("Add a row")
        expect(self.page.get_by_role("button", name="Undo: Add a row")).to_be_enabled()
        shades = self.document()["rows"][-1]["shades"]
        self.assertEqual(shades, [{"kind": "ramp", "ramp": "centre-to-edge", "step": len(ramped)}])

    def test_every_edit_can_be_taken_back_and_brought_again(self) -> None:
        begun = self.document()
        self.pick("2")
        self.fill("Gap", "1.2")
        self.choose("Start", "on the lines")
        self.press("Remove row 2")
        changed = self.document()
        for _ in range(3):
            self.undo()
            self.expect_saved()
        expect(self.page.get_by_role("button", name="Nothing to undo")).to_be_disabled()
        self.assertEqual(self.document(), begun)
        self.page.reload()
        for label in ("Set the gap", "Set the start", "Remove a row"):
            self.press(f"Redo: {label}")
        expect(self.page.get_by_role("button", name="Nothing to redo")).to_be_disabled()
        self.assertEqual(self.document(), changed)
