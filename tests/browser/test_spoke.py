"""The stone and the spoke: pointing, turning, sliding."""

import re
from contextlib import suppress
from math import cos, radians, sin

from playwright.sync_api import expect

from tests.browser.studio import BrowserTestCase


class SpokeTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.begin_piece("Slide")

    def dome(self, mark: str) -> dict[str, float]:
        box = self.page.get_by_role("slider", name=f"Row {mark}, distance from the centre").bounding_box()
        assert box is not None
        return {"x": box["x"] + box["width"] / 2, "y": box["y"] + box["height"] / 2}

    def gap(self, mark: str) -> str:
        return self.page.locator(f'.spoke-gap[data-row="{mark}"] text').text_content() or ""

    def test_gaps_change_while_a_row_slides_and_one_undo_brings_it_back(self) -> None:
        begun = self.document()
        self.pick("6")
        at, before = self.dome("6"), self.gap("6")
        self.page.mouse.move(at["x"], at["y"])
        self.page.mouse.down()
        self.page.mouse.move(at["x"] + 20, at["y"], steps=4)
        expect(self.page.locator('.spoke-gap[data-row="6"] text')).not_to_have_text(before)
        self.assertGreater(float(self.gap("6")), float(before))
        self.assertEqual(self.document(), begun)
        self.page.mouse.up()
        expect(self.row("6")).to_contain_text("at ")
        self.assertEqual(self.document()["rows"][6]["distance"]["kind"], "walk")
        self.undo()
        expect(self.row("6")).to_contain_text("nested")
        self.assertEqual(self.document(), begun)

    def test_too_far_in_is_marked_unsafe(self) -> None:
        at = self.dome("5")
        self.page.mouse.move(at["x"], at["y"])
        self.page.mouse.down()
        self.page.mouse.move(at["x"] - 45, at["y"], steps=4)
        self.page.mouse.up()
        expect(self.page.locator('.spoke-gap.unsafe[data-row="5"]')).to_contain_text("▲")
        expect(self.summary()).to_contain_text("serious finding")

    def test_escape_calls_a_slide_off(self) -> None:
        begun = self.document()
        at = self.dome("6")
        self.page.mouse.move(at["x"], at["y"])
        self.page.mouse.down()
        self.page.mouse.move(at["x"] + 30, at["y"], steps=3)
        self.page.keyboard.press("Escape")
        self.page.mouse.up()
        expect(self.row("6")).to_contain_text("nested")
        self.assertEqual(self.document(), begun)

    def test_sliding_by_keys(self) -> None:
        self.pick("6")
        slider = self.page.get_by_role("slider", name="Row 6, distance from the centre")
        slider.focus()
        walk = float(slider.get_attribute("aria-valuenow") or 0)
        self.page.keyboard.press("PageUp")
        expect(self.row("6")).to_contain_text("at ")
        self.assertAlmostEqual(self.document()["rows"][6]["distance"]["walk"], walk + 1, delta=0.03)


class StoneTest(BrowserTestCase):
    def setUp(self) -> None:
        super().setUp()
        self.open_piece("Orrery round")
        box = self.page.locator(".stone").bounding_box()
        assert box is not None
        self.middle = (box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)

    def overlay(self) -> str:
        """How the stone lies, once it has been measured."""
        overlay = self.page.locator(".stone-overlay > g")
        expect(overlay).to_have_attribute("transform", re.compile(r"scale\((0\.\d*)?[1-9]"))
        return overlay.get_attribute("transform") or ""

    def test_guides_are_hidden_and_shown_by_button_and_key_and_stay_so(self) -> None:
        button = self.page.get_by_role("button", name="Guides", exact=True)
        canvas = self.page.locator(".stone-layers canvas").first
        expect(button).to_have_attribute("aria-pressed", "true")
        shown = canvas.screenshot()
        button.click()
        expect(button).to_have_attribute("aria-pressed", "false")
        self.assertNotEqual(canvas.screenshot(), shown)
        self.page.reload()
        expect(button).to_have_attribute("aria-pressed", "false")
        self.page.keyboard.press("F7")
        expect(button).to_have_attribute("aria-pressed", "true")
        self.part("Blank")
        expect(button).to_have_count(0)
        expect(self.page.locator(".stone-overlay path").first).to_be_attached()

    def test_pointing_at_a_dot_tells_of_it(self) -> None:
        self.page.mouse.move(*self.middle)
        expect(self.page.locator(".stone-note")).to_contain_text(
            re.compile(r"Centre, 16\.4 mm, Beech dowel 15, Heather dusk, 0 mm")
        )

    def test_clicking_a_dot_picks_its_row(self) -> None:
        self.page.mouse.click(*self.middle)
        expect(self.row("C")).to_have_attribute("aria-expanded", "true")
        expect(self.page.locator(".stone-picked .over")).to_have_count(1)

    def test_dragging_turns_the_stone(self) -> None:
        x, y = self.middle
        self.page.mouse.move(x + 150, y)
        self.page.mouse.down()
        self.page.mouse.move(x + 106, y + 106, steps=5)
        self.page.mouse.move(x, y + 150, steps=5)
        self.page.mouse.up()
        expect(self.page.locator(".stone-overlay > g")).to_have_attribute(
            "transform", re.compile(r"rotate\((89|90|91)")
        )

    def test_two_fingers_bring_it_nearer_and_turn_it(self) -> None:
        self.page = self.new_page(touch=True)
        self.open_piece("Orrery round")
        x, y = self.middle
        fingers = self.page.context.new_cdp_session(self.page)

        def touch(kind: str, *points: tuple[float, float]) -> None:
            touches = [{"x": x + dx, "y": y + dy, "id": k} for k, (dx, dy) in enumerate(points)]
            fingers.send("Input.dispatchTouchEvent", {"type": kind, "touchPoints": touches})

        at_home = self.overlay()
        touch("touchStart", (-40, 0), (40, 0))
        for step in range(1, 11):
            far = 40 + 4 * step
            lean = radians(4.5 * step)
            touch("touchMove", (-far * cos(lean), -far * sin(lean)), (far * cos(lean), far * sin(lean)))
        touch("touchEnd")
        overlay = self.page.locator(".stone-overlay > g")
        expect(overlay).to_have_attribute("transform", re.compile(r"rotate\((4[3-7]|-31[3-7])"))
        scale = re.search(r"scale\(([\d.]+)", overlay.get_attribute("transform") or "")
        home = re.search(r"scale\(([\d.]+)", at_home)
        assert scale and home
        self.assertAlmostEqual(float(scale[1]) / float(home[1]), 2.0, delta=0.15)

    def test_a_dot_of_a_group_is_told_with_the_tool_of_its_place(self) -> None:
        """The second place's dots are made with the second member's tool and take the second shade."""
        piece = self.first_design()
        ring = {
            "id": "ring", "gap": 1, "distance": {"kind": "walk", "walk": 30}, "start": {"kind": "on lines"},
            "count": {"kind": "absolute", "repeats": 2}, "group": {"kind": "pair"},
            "shades": piece["rows"][1]["shades"],
            "pattern": [
                {"id": "a", "diameter": 3.5, "tool": "ball-30"}, {"id": "b", "diameter": 6.8, "tool": "rod-6"},
            ],
        }  # fmt: skip
        state = self.ask("pieces", {"piece": {**piece, "name": "Pairs", "rows": [ring]}})
        self.visit(f"/piece/{state['id']}")
        expect(self.summary()).to_contain_text("1 row, 8 dots")
        for (right, down), said in (((-2.2, -30), "3.5 mm, Ball 3.0"), ((30, -3.9), "6.8 mm, Rod 6")):
            self.assertIn(said, self.told_at(right, down))

    def told_at(self, right: float, down: float) -> str:
        """What is said of the dot this far from the centre (mm); the stone may still be settling to its size."""
        note = self.page.locator(".stone-note")
        for _ in range(10):
            box = self.page.locator(".stone").bounding_box()
            scale = re.search(r"scale\(([\d.]+)", self.overlay())
            assert box and scale
            x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
            self.page.mouse.move(x, y)
            self.page.mouse.move(x + right * float(scale[1]), y + down * float(scale[1]))
            with suppress(AssertionError):
                expect(note).to_contain_text("mm", timeout=1000)
                return note.text_content() or ""
        return ""

    def test_wheel_and_keys_zoom_turn_and_bring_home(self) -> None:
        home = self.overlay()
        self.page.mouse.move(*self.middle)
        self.page.mouse.wheel(0, -400)
        expect(self.page.locator(".stone-overlay > g")).not_to_have_attribute("transform", home)
        self.page.locator(".stone").focus()
        self.page.keyboard.press("0")
        expect(self.page.locator(".stone-overlay > g")).to_have_attribute("transform", home)
        for _ in range(3):
            self.page.keyboard.press(".")
        expect(self.page.locator(".stone-overlay > g")).to_have_attribute("transform", re.compile(r"rotate\(15"))

    def test_one_key_lets_an_instrument_fill_the_screen(self) -> None:
        self.row("C").focus()
        for key, instrument in (("F8", "stone"), ("F9", "sheet"), ("F10", "spoke")):
            self.page.keyboard.press(key)
            expect(self.page.locator("main")).to_have_class(re.compile(f"fill-{instrument}"))
            self.page.keyboard.press(key)
            expect(self.page.locator("main")).not_to_have_class(re.compile("fill-"))
