"""The pattern language in the hand: petals, top dots, swipes, tracks, groups, gaps, edges, bare areas."""

import re

from playwright.sync_api import Locator, expect

from tests.browser.studio import BrowserTestCase
from tests.outside.vision.pictures import encoded
from tests.outside.vision.test_drawing import paper, ring

WAVE = (
    '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="12mm" viewBox="0 0 40 12">'
    '<path fill="none" stroke="#000" d="M1 6 C 10 -4 14 16 20 6 S 32 -4 39 6"/></svg>'
)
TWO = (
    '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="12mm" viewBox="0 0 40 12">'
    '<path fill="none" stroke="#000" d="M1 1 L 19 1"/>'
    '<path fill="none" stroke="#000" d="M22 1 H 38 V 11 H 22 Z"/></svg>'
)
RING = (
    '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="40mm" viewBox="0 0 40 40">'
    '<path d="M0 0H40V40H0Z M12 12V28H28V12Z"/></svg>'
)


class PatternTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Pattern")

    def dots(self) -> int:
        found = re.search(r"(\d+) dots", self.summary().inner_text())
        assert found
        return int(found[1])

    def trim(self, number: int = 1) -> Locator:
        return self.page.get_by_role("group", name=re.compile(f"^Trim {number}:"))

    def change(self, act: object) -> None:
        """An act after which the count of dots is another."""
        before = self.summary().inner_text()
        act()  # type: ignore[operator]
        expect(self.summary()).not_to_have_text(before)

    def test_a_petal_of_three_layers_in_two_clicks_and_undone_in_one(self) -> None:
        before = self.dots()
        self.pick("6")
        self.change(lambda: self.press("Add a petal"))
        self.assertGreater(self.dots(), before + 100)
        trims = self.document()["rows"][6]["trims"]
        self.assertEqual((trims[0]["kind"], trims[0]["layers"]), ("walk", 3))
        expect(self.page.locator(".trim-line", has_text="3 layers")).to_be_visible()
        self.change(self.undo)
        self.assertEqual(self.dots(), before)

    def test_a_fan_in_two_clicks_and_undone_in_one(self) -> None:
        """On an oval with a circle, heads along its ends; then in fewer swipes, by keyboard."""
        self.part("Blank")
        self.choose_oval("150", "90")
        self.part("Rows")
        self.change(lambda: self.add_kind("A fan of swipes"))
        row = self.page.locator(".row-line.picked")
        expect(row).to_contain_text("fans")
        self.change(lambda: self.fill("Swipes at most", "3"))
        expect(row.locator(".number").first).to_have_text("6")
        track = self.document()["rows"][-1]["track"]
        self.assertEqual((track["kind"], track["at"], track["most"]), ("fan", "ends", 3))
        self.fill("Gap", "0.5")
        self.assertEqual(self.document()["rows"][-1]["gap"], 0.5)
        for _ in range(3):
            self.undo()
        self.assertNotEqual(self.document()["rows"][-1]["track"]["kind"], "fan")

    def test_a_hugging_swipe_on_both_sides(self) -> None:
        self.pick("6")
        self.press("Add a hugging swipe")
        trim = self.trim()
        expect(trim).to_have_attribute("aria-label", re.compile("both sides, to contact"))
        trim.get_by_label("Sides", exact=True).select_option(label="right side only")
        trim.get_by_label("Pulled to", exact=True).select_option(label="so far round")
        trim.get_by_label("Round to", exact=True).fill("120")
        trim.get_by_label("Round to", exact=True).press("Enter")
        expect(trim).to_have_attribute("aria-label", re.compile("right side, 120° round"))
        made = self.document()["rows"][6]["trims"][0]
        self.assertEqual((made["kind"], made["sides"], made["to"]), ("hug", "right", {"kind": "angle", "degrees": 120}))

    def test_every_rule_of_a_walk(self) -> None:
        self.pick("6")
        self.change(lambda: self.press("Add a petal"))
        trim = self.trim()
        for label, text in (("Layers", "1"), ("Dots a side", "3"), ("Lead dots", "2"), ("Petal gap", "0.3")):
            trim.get_by_label(label, exact=True).fill(text)
            trim.get_by_label(label, exact=True).press("Enter")
        trim.get_by_label("Loading").select_option(label="reloaded, equal")
        trim.get_by_label("Sides", exact=True).select_option(label="right side only")
        trim.get_by_label("Begins").select_option(label="from the foot")
        trim.get_by_label("Shading").select_option(label="along the petal")
        expect(self.page.get_by_role("group", name=re.compile("right side, reloaded"))).to_be_visible()
        walk = self.document()["rows"][6]["trims"][0]
        self.assertEqual((walk["layers"], walk["count"], walk["lead"], walk["gap"]), (1, 3, 2, 0.3))
        self.assertEqual(
            (walk["load"], walk["sides"], walk["begin"], walk["shading"]), ("each", "right", "foot", "along")
        )

    def test_a_row_in_the_v_of_petals(self) -> None:
        """Over a row with petals, and back; over one without, it says why there is no place."""
        self.pick("5")
        self.change(lambda: self.press("Add a petal"))
        self.pick("6")
        self.choose("Start", "in the V of petals")
        expect(self.row("6")).to_contain_text("in the V")
        self.assertEqual(self.document()["rows"][6]["start"], {"kind": "in the V"})
        self.pick("3")
        self.change(lambda: self.choose("Start", "in the V of petals"))
        expect(self.page.locator(".row-noroom")).to_have_text("No room: no row of petals lies before it.")
        self.change(self.undo)

    def test_petals_meet_by_a_choice_and_by_what_fits(self) -> None:
        self.pick("5")
        expect(self.page.get_by_label("Distance", exact=True).locator("option", has_text="petals meet")).to_have_count(
            0
        )
        self.change(lambda: self.press("Add a petal"))
        self.press("What fits here?")
        self.page.get_by_role("button", name="Let the petals meet").click()
        said = self.page.locator(".row-met")
        expect(said).to_contain_text("The petals meet: dots of")
        self.assertEqual(self.document()["rows"][5]["fit"], "meet")
        expect(self.row("5")).to_contain_text("meet ")
        self.change(lambda: self.choose("Distance", "nested"))
        expect(said).to_have_count(0)
        self.assertIsNone(self.document()["rows"][5]["fit"])
        self.choose("Distance", "where its petals meet")
        expect(said).to_be_visible()

    def test_a_trim_on_several_dots_with_shades_by_the_shade_below(self) -> None:
        self.pick("2")
        self.press("Add a dot to the pattern")
        self.change(lambda: self.press("Add a top dot"))
        trim = self.trim()
        places = trim.get_by_role("group", name="Sits on")
        self.change(lambda: places.get_by_role("button", name="dot 2").click())
        expect(places.get_by_role("button", name="dot 2")).to_have_attribute("aria-pressed", "true")
        trim.get_by_role("button", name="By the shade below…").click()
        expect(trim.get_by_role("button", name="On the shade 1")).to_be_visible()
        self.expect_saved()
        (saved,) = self.document()["rows"][2]["trims"]
        self.assertEqual((len(saved["on"]), len(saved["table"])), (2, 1))
        self.press("Drop dot 2 from the pattern")
        self.expect_saved()
        (saved,) = self.document()["rows"][2]["trims"]
        self.assertEqual(len(saved["on"]), 1)

    def test_why_there_is_no_room_is_said_in_the_units_in_use(self) -> None:
        self.pick("9")
        self.change(lambda: self.choose("Each place", "twice, by an angle"))
        said = self.page.locator(".row-noroom")
        expect(said).to_contain_text("dots of 4.6 mm with a gap of 0.31 mm would pass the border at 42 mm")
        self.choose("Units", "inch")
        expect(said).to_contain_text("would pass the border at 1.65")

    def test_places_set_twice_about_their_lines(self) -> None:
        before = self.dots()
        self.pick("1")
        self.change(lambda: self.choose("Each place", "twice, by an angle"))
        self.page.get_by_label("To either side").fill("9")
        self.page.get_by_label("To either side").press("Enter")
        self.expect_saved()
        self.assertEqual(self.document()["rows"][1]["mirrored"], {"kind": "angle", "degrees": 9})
        self.choose("Each place", "twice, by a distance")
        expect(self.page.get_by_label("Off the line")).to_have_value("3")
        self.choose("Each place", "once")
        expect(self.summary()).to_contain_text(f"{before} dots")
        self.choose("Each place", "twice, by an angle")
        self.choose("Track", "straight lines")
        expect(self.page.get_by_label("Each place", exact=True)).to_have_count(0)

    def test_a_layer_of_its_own(self) -> None:
        self.pick("6")
        self.change(lambda: self.press("Add a petal"))
        trim = self.trim()
        trim.get_by_role("button", name="Layer 2").click()
        expect(trim.get_by_role("group", name="Layer 2")).to_be_visible()
        trim.get_by_role("button", name="Layer 1").click()
        layer = trim.get_by_role("group", name="Layer 1")
        layer.get_by_label("Runs", exact=True).select_option("tip and two flanks")
        layer.get_by_label("Its tip", exact=True).select_option("of its own")
        layer.get_by_role("button", name="Add a shade to the layer 1").click()
        expect(layer.get_by_role("button", name="Drop layer 1 shade 1")).to_be_visible()
        layer.get_by_label("Dots a side", exact=True).fill("1")
        self.change(lambda: layer.get_by_label("Dots a side", exact=True).press("Enter"))
        expect(trim.get_by_role("button", name="Layer 1, its own")).to_be_visible()
        self.expect_saved()
        (own,) = self.document()["rows"][6]["trims"][0]["own"]
        self.assertEqual((own["span"], own["count"], len(own["shades"]), own["tip"] is None), ("flanks", 1, 1, False))

    def test_top_dots_stacked_shifted_and_a_trim_on_a_trim(self) -> None:
        self.pick("6")
        self.change(lambda: self.press("Add a top dot"))
        self.change(lambda: self.press("Stack one more top dot"))
        self.trim().get_by_label("Shifted").select_option(label="outward")
        expect(self.page.locator(".trim-line", has_text="outward")).to_be_visible()
        self.change(lambda: self.press("Add a petal on this trim"))
        trims = self.document()["rows"][6]["trims"]
        self.assertEqual((trims[0]["towards"], trims[0]["trims"][0]["kind"]), ("outward", "walk"))
        expect(self.page.locator(".spoke-trim").first).to_be_visible()

    def test_swipes_of_every_form_and_what_fits_in_one(self) -> None:
        self.pick("6")
        self.press("Add a swipe")
        trim = self.trim()
        trim.get_by_label("Form").select_option(label="comma left")
        trim.get_by_label("Side by side").fill("3")
        trim.get_by_label("Side by side").press("Enter")
        expect(self.page.locator(".trim-line", has_text="3 swipes, comma left")).to_be_visible()
        trim.get_by_role("button", name="What fits in this trim?").click()
        self.press("Use to first contact in the trim")
        expect(trim.get_by_label("Pulled to")).to_have_value("contact")
        swipe = self.document()["rows"][6]["trims"][0]
        self.assertEqual((swipe["form"], swipe["family"], swipe["to"]["kind"]), ("comma left", 3, "contact"))
        self.press("Remove trim 1")
        self.assertEqual(self.document()["rows"][6]["trims"], [])

    def test_groups_and_members_of_the_pattern(self) -> None:
        self.pick("3")
        self.change(lambda: self.choose("At each place", "a pair"))
        self.change(lambda: self.choose("At each place", "one dot"))
        self.change(lambda: self.press("Add a dot to the pattern"))
        self.change(lambda: self.choose("Dot 2 is", "left out"))
        self.choose("Dot 1 is", "a leaf")
        expect(self.page.get_by_label("Dot 1 length")).to_be_visible()
        self.press("Dot 1 in a shade of its own")
        members = self.document()["rows"][3]["pattern"]
        self.assertEqual([m["form"] for m in members], ["leaf", "blank"])
        self.assertIsNotNone(members[0]["shade"])

    def test_rows_along_the_edge_into_the_gaps_and_on_curves(self) -> None:
        self.pick("8")
        self.change(lambda: self.choose("Track", "along the edge"))
        self.choose("Distance", "from the edge")
        self.fill("In from the edge", "9")
        self.assertEqual(self.document()["rows"][8]["distance"], {"kind": "edge", "inward": 9})
        self.change(lambda: self.choose("Track", "curves between circles"))
        self.fill("Bulge", "4")
        self.change(lambda: self.choose("Track", "straight lines"))
        self.fill("Lines", "5")
        self.change(lambda: self.choose("Track", "into the gaps"))
        self.press("Gaps of row 3")
        track = self.document()["rows"][8]["track"]
        self.assertEqual((track["kind"], len(track["rows"])), ("gaps", 1))

    def test_a_path_from_a_file(self) -> None:
        self.pick("8")
        self.give_file(lambda: self.choose("Track", "a path from a file"), "wave.svg", "image/svg+xml", WAVE.encode())
        expect(self.page.get_by_label("Track", exact=True)).to_have_value("path")
        self.fill("Every … segments", "2")
        track = self.document()["rows"][8]["track"]
        self.assertEqual((track["kind"], track["lines"][0]["closed"], track["every"]), ("path", False, 2))
        places = self.ask("plan", self.document())["rows"][8]["places"]
        self.assertGreater(places, 6)
        expect(self.row("8").locator(".number").first).to_have_text(f"fit {places}")

    def test_a_path_of_several_lines_from_a_file(self) -> None:
        self.pick("8")
        self.give_file(lambda: self.choose("Track", "a path from a file"), "two.svg", "image/svg+xml", TWO.encode())
        expect(self.page.get_by_label("Track", exact=True)).to_have_value("path")
        lines = self.document()["rows"][8]["track"]["lines"]
        self.assertEqual([line["closed"] for line in lines], [False, True])
        expect(self.row("8")).not_to_contain_text("no room")

    def silhouette(self, name: str, kind: str, data: bytes) -> None:
        self.give_file(lambda: self.press("A silhouette from a file or photograph"), name, kind, data)

    def test_a_silhouette_from_a_photograph_of_a_drawing(self) -> None:
        self.part("Areas")
        self.silhouette("ring.png", "image/png", encoded(ring(paper())))
        expect(self.page.get_by_role("group", name="ring")).to_be_visible()
        area = self.document()["bare"][0]["area"]
        self.assertEqual((len(area["lines"]), area["rule"]), (2, "even-odd"))
        self.silhouette("nothing.png", "image/png", encoded(paper()))
        expect(self.page.get_by_role("alert")).to_contain_text("No drawing is found")

    def test_a_silhouette_with_a_hole_from_a_file(self) -> None:
        before = self.dots()
        self.part("Areas")
        self.give_file(
            lambda: self.press("A silhouette from a file or photograph"),
            "ring moon.svg",
            "image/svg+xml",
            RING.encode(),
        )
        expect(self.page.get_by_role("group", name="ring moon")).to_be_visible()
        self.assertEqual(len(self.document()["bare"][0]["area"]["lines"]), 2)
        expect(self.summary()).not_to_contain_text(f" {before} dots")
        with_hole = self.dots()
        self.assertLess(with_hole, before)
        self.undo()
        expect(self.summary()).to_contain_text(f" {before} dots")
        filled = RING.replace("M12 12V28H28V12Z", "")
        self.give_file(
            lambda: self.press("A silhouette from a file or photograph"), "moon.svg", "image/svg+xml", filled.encode()
        )
        expect(self.page.get_by_role("group", name="moon", exact=True)).to_be_visible()
        expect(self.summary()).not_to_contain_text(re.compile(f" ({before}|{with_hole}) dots"))
        self.assertLess(self.dots(), with_hole)

    def test_a_spiral_either_way_round(self) -> None:
        self.pick("8")
        self.choose("Track", "a spiral")
        expect(self.page.get_by_label("Turns", exact=True)).to_have_value("3")
        self.fill("Begins at", "6")
        self.fill("Ends at", "40")
        self.fill("Turns", "2.5")
        self.page.get_by_label("clockwise", exact=True).uncheck()
        track = self.document()["rows"][8]["track"]
        self.assertEqual(track, {"kind": "spiral", "inner": 6, "outer": 40, "turns": 2.5, "clockwise": False})
        expect(self.row("8")).to_contain_text("spiral")
        self.fill("Ends at", "60")
        expect(self.row("8")).to_contain_text("no room")

    def test_corners_and_a_row_carried_into_them(self) -> None:
        self.part("Blank")
        self.choose("Outline", "square")
        expect(self.page.locator(".parts")).to_contain_text("square")
        self.part("Rows")
        self.pick("5")
        self.choose("Track", "in the corners")
        self.choose("At each place", "a triangle")
        expect(self.page.locator(".stone-picked .over")).to_have_count(4 * 3)
        self.choose("Track", "round the centre")
        self.choose("At the border", "carries on, whole dots")
        self.assertEqual(self.document()["rows"][5]["track"]["beyond"], "carry on")

    def test_a_bare_area_that_rows_pass_under_and_stop_beside(self) -> None:
        self.part("Areas")
        self.change(lambda: self.press("A disc"))
        self.fill("Right of the centre", "22")
        self.page.get_by_role("group", name="Disc").get_by_label("Rows").select_option(
            label="rows stop evenly beside it"
        )
        bare = self.document()["bare"][0]
        self.assertEqual((bare["area"]["x"], bare["rows"]), (22, "stop evenly"))
        self.page.locator(".verdict-line").get_by_role("button", name="verdict").click()
        expect(self.page.locator(".verdict", has_text="dots in a segment").first).to_be_visible()

    def test_a_load_that_runs_dry_is_named_and_mended(self) -> None:
        self.pick("6")
        self.change(lambda: self.press("Add a petal"))
        self.trim().get_by_label("Layers").fill("1")
        self.trim().get_by_label("Layers").press("Enter")
        self.fill("Gap", "2.2")
        self.page.locator(".verdict-line").get_by_role("button", name="verdict").click()
        finding = self.page.locator(".verdict", has_text="one load must give")
        expect(finding).to_be_visible()
        expect(finding.get_by_role("button", name="Stop after 6 on a side")).to_be_visible()
        expect(finding.get_by_role("button", name="Reload for every dot")).to_have_count(0)  # petals would collide
        finding.get_by_role("button", name="Take a second load where the first runs dry").click()
        expect(finding).to_have_count(0)
