"""Figures, words and masks put on the blank, filled, dotted round and taken off, as a person does it."""

import json
from itertools import groupby
from typing import Any

from playwright.sync_api import Locator, expect

from tests.browser.studio import BrowserTestCase

OVAL = {"kind": "oval", "length": 140.0, "width": 90.0}


class AreaTestCase(BrowserTestCase):
    def begin_bare(self, name: str, outline: dict[str, Any] | None = None, rows: tuple[Any, ...] = ()) -> None:
        """A piece without rows, or with these, open at its areas."""
        bare = {**self.ask("begin/piece"), "name": name, "rows": rows}
        bare["blank"] = {**bare["blank"], **({"outline": outline} if outline else {})}
        made = self.ask("pieces", {"piece": bare})
        self.visit(f"/piece/{made['id']}")
        self.part("Areas")

    def put_figure(self, form: str) -> Locator:
        self.press("A figure…")
        self.page.get_by_role("menuitem", name=form, exact=True).click()
        return self.card(form.capitalize())

    def put_word(self, text: str, letters: str) -> Locator:
        self.press("A word…")
        self.page.get_by_label("Words", exact=True).fill(text)
        self.page.get_by_label("Letters", exact=True).select_option(label=letters)
        self.press("Put it there, as large as fits")
        return self.card(text)

    def card(self, name: str) -> Locator:
        found = self.page.get_by_role("group", name=name, exact=True)
        expect(found).to_be_visible()
        return found

    def measure(self, card: Locator, **values: str) -> None:
        for label, value in values.items():
            field = card.get_by_label(label.replace("_", " "), exact=True)
            field.fill(value)
            field.press("Enter")

    def choose_rows(self, card: Locator, words: str) -> None:
        card.get_by_label("Rows", exact=True).select_option(label=words)

    def paint(self, card: Locator, what: str, rows: int) -> None:
        """A row about an area; it opens on the sheet as so many rows stand there."""
        card.get_by_role("button", name="Paint there…").click()
        self.page.get_by_role("menuitem", name=what, exact=True).click()
        expect(self.page.locator(".row-line")).to_have_count(rows)
        expect(self.page.locator(".row-line").last).to_have_attribute("aria-expanded", "true")

    def all_paints(self) -> None:
        self.press("In one step…")
        self.page.get_by_role("menuitem", name="All paints in turn").click()
        expect(self.page.get_by_role("button", name="Drop shade 2")).to_be_visible()

    def planned(self) -> dict[str, Any]:
        """The plan of the piece as it is saved, without a serious finding."""
        plan: dict[str, Any] = self.ask("plan", self.document())
        self.assertEqual([one["text"] for one in plan["verdicts"] if one["severity"] == "serious"], [])
        return plan


class AreasTest(AreaTestCase):
    def test_a_fish_in_a_dial_filled_with_small_dots_and_surrounded_by_large_ones(self) -> None:
        self.begin_bare("Pond")
        fish = self.put_figure("fish")
        self.measure(fish, Turn="20", Across="30", Down="18")
        self.press("Inside the edge")
        self.choose_rows(self.card("Inside the edge"), "rows go on over it")
        self.paint(self.card("Inside the edge"), "Dots along its edge", 1)
        self.choose("Lies", "inside it")
        self.part("Areas")
        self.paint(self.card("Fish"), "Dots along its edge", 2)
        self.choose("Lies", "on the line")
        for number, what in enumerate(("Fill its inside", "Fill what lies round it"), 3):
            self.part("Areas")
            self.paint(self.card("Fish"), what, number)
        plan = self.planned()
        self.assertTrue(all(row["painted"] > 10 for row in plan["rows"]), [row["painted"] for row in plan["rows"]])
        # Another one like it, and its steps size by size.
        self.fill("Another one like it", "2")
        self.page.keyboard.press("F8")
        expect(self.page.get_by_label("Another one like it", exact=True)).to_have_value("3")
        self.expect_saved()
        piece = self.document()
        self.assertEqual(piece["rows"][3]["track"]["seed"], 3)
        steps = [step for step in self.ask("work", {"piece": piece})["steps"] if step["row"] == piece["rows"][3]["id"]]
        told = sum(len(step["dots"]) for step in steps)
        self.assertEqual(told, self.ask("plan", piece)["rows"][3]["painted"])

    def test_a_word_on_an_oblong_stone_with_shades_from_the_word_to_the_edge(self) -> None:
        self.begin_bare("Welcome", OVAL)
        word = self.put_word("Leonie", "script, joined")
        self.measure(word, Height_of_capitals="20", Below_the_centre="-4")
        self.paint(word, "Fill what lies round it", 1)
        self.all_paints()
        self.choose("Shades go", "from what lies in it")
        expect(self.summary()).to_contain_text("1 row,")
        plan = self.planned()
        self.assertGreater(plan["rows"][0]["painted"], 150)
        self.choose("Bands of", "equal area")
        expect(self.summary()).to_contain_text("1 row,")
        # Each shade is finished before the next is mixed.
        steps = self.ask("work", {"piece": self.document()})["steps"]
        shades = [step["shade"] for step in steps if step["kind"] == "dots"]
        self.assertEqual(len(list(groupby(shades))), len(set(shades)))
        # The word can be rubbed on.
        self.page.get_by_role("link", name="Print").click()
        self.press("Transfer sheet, mirrored")
        expect(self.page.get_by_role("img", name="Page 1")).to_be_visible()

    def test_a_ribbon_loop_with_two_fills_from_light_to_dark(self) -> None:
        self.begin_bare("Ribbon")
        loop = self.put_figure("ribbon loop")
        self.measure(loop, Across="44", Down="60")
        for number, (what, way) in enumerate(
            (("Fill its inside", "from top to bottom"), ("Fill what lies round it", "from the centre outward")), 1
        ):
            self.part("Areas")
            self.paint(self.card("Ribbon loop"), what, number)
            self.all_paints()
            self.choose("Shades go", way)
        self.choose("Dots lie", "airy")
        plan = self.planned()
        self.assertEqual([row["noroom"] for row in plan["rows"]], ["", ""])

    def test_a_heart_with_threaded_lines(self) -> None:
        self.begin_bare("Valentine")
        heart = self.put_figure("heart")
        self.choose_rows(heart, "rows go on over it")
        self.paint(heart, "Dots along its edge", 1)
        self.part("Areas")
        self.paint(self.card("Heart"), "Lines across it", 2)
        self.fill("Lines", "7")
        self.fill("Apart", "5")
        self.fill("Slant", "35")
        plan = self.planned()
        self.assertGreater(plan["rows"][1]["painted"], 12)

    def test_a_fruit_with_rows_from_its_edge_and_from_a_disc_that_meet(self) -> None:
        self.begin_bare("Orchard")
        fruit = self.put_figure("fruit")
        self.measure(fruit, Across="70", Down="66")
        self.choose_rows(fruit, "rows go on over it")
        self.press("A disc")
        disc = self.card("Disc")
        self.measure(disc, Right_of_the_centre="6", Below_the_centre="4", Across="8")
        self.choose_rows(disc, "rows go on over it")
        self.paint(disc, "Dots along its edge", 1)
        self.fill("Lines, one in the other", "3")
        self.all_paints()
        self.part("Areas")
        self.paint(self.card("Fruit"), "Dots along its edge", 2)
        self.choose("Lies", "inside it")
        self.fill("Lines, one in the other", "30")
        self.all_paints()
        plan = self.planned()
        self.assertGreater(plan["rows"][1]["painted"], 100)

    def test_falling_snow(self) -> None:
        self.begin_bare("First snow")
        self.press("Inside the edge")
        card = self.card("Inside the edge")
        self.choose_rows(card, "rows go on over it")
        self.paint(card, "Fill its inside", 1)
        self.choose("Dots lie", "scattered")
        self.fill("Dot 1 at most", "5")
        plan = self.planned()
        sizes = [2 * r for r in plan["dots"]["r"]]
        self.assertLessEqual(sum(size > max(sizes) - 1e-6 for size in sizes), 5)
        self.assertGreater(len(sizes), 30)

    def test_the_ends_of_an_oval_are_filled_by_themselves(self) -> None:
        self.begin_bare("Two ends", OVAL)
        self.press("Its ends or corners")
        ends = self.card("Ends")
        expect(ends.get_by_label("Beyond a circle", exact=True)).to_have_value("90")
        self.measure(ends, Only_number="2")
        self.paint(ends, "Fill its inside", 1)
        plan = self.planned()
        self.assertGreater(len(plan["dots"]["x"]), 20)
        self.assertLess(max(plan["dots"]["x"]), 0)  # clockwise from straight up the second is the left one

    def test_a_name_on_the_back(self) -> None:
        self.begin_bare("Gift", OVAL)
        self.press("A piece for its back")
        expect(self.page.get_by_label("Name of the piece")).to_have_value("Gift, back")
        self.part("Areas")
        name = self.put_word("für Mia", "written with a pen")
        self.measure(name, Height_of_capitals="22")
        self.paint(name, "Dots along its strokes", 1)
        self.planned()


class MaskTest(AreaTestCase):
    def test_a_silhouette_mask_and_the_piece_that_comes_off(self) -> None:
        self.begin_bare("Night bird")
        bird = self.put_figure("bird")
        bird.get_by_label("Rows", exact=True).select_option(label="a peel-off mask lies on it")
        self.press("Inside the edge")
        self.paint(self.card("Inside the edge"), "Fill its inside", 1)
        stays = self.planned()["totals"]["dots"]
        self.part("Areas")
        self.card("Bird").get_by_role("button", name="A piece of what comes off").click()
        expect(self.page.get_by_label("Name of the piece")).to_have_value("Night bird, what comes off")
        off = self.planned()
        self.assertTrue(0 < off["totals"]["dots"] < stays)
        self.assertEqual(len(off["covers"]), 1)
        # At the table it is laid and peeled.
        self.page.get_by_role("link", name="Steps").click()
        expect(self.page.get_by_text("Take the mask Bird off").first).to_be_visible()


class DraggedTest(AreaTestCase):
    def test_an_area_is_dragged_sized_and_turned_on_the_stone_and_moved_by_keys(self) -> None:
        self.begin_bare("Drift")
        self.put_figure("leaf")
        shape = self.page.get_by_role("button", name="Leaf: arrows move it")
        self.drag(shape, 60, 20)
        expect(self.page.get_by_role("button", name="Undo: Move Leaf")).to_be_enabled()
        area = self.area()
        self.assertGreater(area["x"], 3)
        self.assertGreater(area["y"], 1)
        self.drag(self.page.locator("[data-area-handle=size]"), 30, 30)
        expect(self.page.get_by_role("group", name="Leaf").get_by_label("Across", exact=True)).not_to_have_value("36")
        self.assertGreater(self.area()["across"], area["across"] * 1.1)
        self.drag(self.page.locator("[data-area-handle=turn]"), 40, 20)
        self.expect_saved()
        self.assertGreater(self.area()["turn"], 5)
        # Escape lets it fall back; arrows move it, one edit for as long as they are held.
        before = self.area()
        box = shape.bounding_box()
        assert box
        self.page.mouse.move(box["x"] + box["width"] / 2, box["y"] + box["height"] / 2)
        self.page.mouse.down()
        self.page.mouse.move(box["x"], box["y"], steps=3)
        self.page.keyboard.press("Escape")
        self.page.mouse.up()
        self.assertEqual(self.area(), before)
        shape.focus()
        self.page.keyboard.press("ArrowLeft")
        self.page.keyboard.press("Shift+ArrowUp")
        expect(self.page.get_by_role("button", name="Undo: Move Leaf")).to_be_enabled()
        after = self.area()
        self.assertAlmostEqual(after["x"], before["x"] - 0.5, places=6)
        self.assertAlmostEqual(after["y"], before["y"] - 5.0, places=6)

    def area(self) -> dict[str, Any]:
        value: dict[str, Any] = self.document()["bare"][0]["area"]
        return json.loads(json.dumps(value))

    def drag(self, what: Locator, dx: float, dy: float) -> None:
        box = what.bounding_box()
        assert box
        x, y = box["x"] + box["width"] / 2, box["y"] + box["height"] / 2
        self.page.mouse.move(x, y)
        self.page.mouse.down()
        self.page.mouse.move(x + dx, y + dy, steps=6)
        self.page.mouse.up()
        self.expect_saved()

    def test_letters_that_no_font_has_and_words_without_room_are_told(self) -> None:
        self.begin_bare("Kanji")
        self.press("A word…")
        self.page.get_by_label("Words", exact=True).fill("日本")
        self.press("Put it there, as large as fits")
        expect(self.page.get_by_text("no letters here have them")).to_be_visible()
        self.assertEqual(self.document()["bare"], [])
