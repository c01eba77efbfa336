"""The print room's routes."""

import json
from base64 import b64decode
from io import BytesIO
from zipfile import ZipFile

import pypdfium2
from defusedxml.ElementTree import fromstring
from PIL import Image

from tests import samples
from tests.web.client import WebTestCase

PAPER = {"across": 150.0, "along": 200.0}


class PrintTest(WebTestCase):
    def json(self, **blank: object) -> dict[str, object]:
        piece: dict[str, object] = samples.five_rows().model_dump(mode="json")
        piece["blank"]["outline"].update(blank)  # type: ignore[index]
        return piece

    def test_each_kind_comes_in_its_files(self) -> None:
        kinds = self.client.post("/api/print/sheets", json={"piece": self.json()}).json()
        self.assertEqual([kind["id"] for kind in kinds][:3], ["guide", "placement", "transfer"])
        for kind in kinds:
            body = {"piece": self.json(), "kind": kind["id"]}
            sheet = pypdfium2.PdfDocument(self.client.post("/api/print/pdf", json=body).content)
            self.assertIn(kind["title"], sheet[0].get_textpage().get_text_range())
            drawn = fromstring(self.client.post("/api/print/svg", json=body).text)
            self.assertGreaterEqual(len(list(drawn.iter())), 3)
            if kind["cutter"]:
                self.assertIn("LWPOLYLINE" if kind["id"] == "slotted" else "CIRCLE", self.client.post(
                    "/api/print/dxf", json=body).text)  # fmt: skip
                self.assertGreater(self.client.post("/api/print/cutter", json=body).json()["length"], 100)

    def test_a_page_is_a_picture_of_the_file(self) -> None:
        body = {"piece": self.json(diameter=300.0), "number": 3, "paper": "Letter", "pixels": 400}
        page = self.client.post("/api/print/page", json=body).json()
        self.assertEqual((page["pages"], page["place"]), (4, "A2"))
        self.assertEqual(max(Image.open(BytesIO(b64decode(page["image"]))).size), 400)

    def test_the_bundle_is_told_line_by_line(self) -> None:
        lines = self.client.post("/api/print/bundle", json={"piece": self.json()}).text.splitlines()
        told = [json.loads(line) for line in lines]
        self.assertEqual([one["done"] for one in told[:-1]], list(range(1, len(told))))
        archive = ZipFile(BytesIO(b64decode(told[-1]["zip"])))
        self.assertEqual(archive.namelist(), [one["name"] for one in told[:-1]])
        self.assertEqual(json.loads(archive.read("piece.json")), self.json())
        self.assertIn(" mm", archive.read("pattern.html").decode())
        self.assertIn("Sample", pypdfium2.PdfDocument(archive.read("pattern.pdf"))[0].get_textpage().get_text_range())

    def test_the_booklet_in_both_kinds(self) -> None:
        page, document = (
            self.client.post("/api/print/booklet", json={"piece": self.json(), "format": kind}).content
            for kind in ("html", "pdf")
        )
        self.assertIn(b"Row 4: 24 dots of 1.5 mm", page)
        text = " ".join(one.get_textpage().get_text_range() for one in pypdfium2.PdfDocument(document))
        self.assertIn("Row 4: 24 dots of 1.5 mm", text)

    def test_the_printer_is_kept_in_the_studio(self) -> None:
        self.assertEqual(self.client.get("/api/studio").json()["printer"], PAPER)
        measured = {"across": 149.2, "along": 201.0}
        self.assertEqual(self.client.put("/api/studio/printer", json=measured).json()["printer"], measured)
        self.assertEqual(self.client.get("/api/studio").json()["printer"], measured)

    def test_what_cannot_be_printed_is_refused_in_a_sentence(self) -> None:
        big = self.json(diameter=1000.0)
        for body, code, words in (
            ({"piece": big, "overlap": 165.0}, "pages", "would take"),
            ({"piece": self.json(), "overlap": 399.0}, "fit", "may overlap by at most"),
            ({"piece": self.json(), "printer": {"across": 100.0, "along": 200.0}}, "value", "136.3"),
            ({"piece": self.json(), "kind": "strips"}, "fit", "no “strips” sheet"),
            ({"piece": self.json(), "kind": "backing", "margin": 40.0, "count": 2}, None, ""),
            ({"piece": self.json(diameter=60.0), "kind": "backing", "margin": 30.0}, "fit", "leaves nothing"),
        ):
            answer = self.client.post("/api/print/pdf", json=body)
            if code is None:
                self.assertEqual(answer.status_code, 200)
                continue
            self.assertEqual((answer.status_code, answer.json()["code"]), (422, code))
            self.assertIn(words, answer.json()["message"])

    def test_the_cutter_says_why_it_will_not(self) -> None:
        open_line = '<svg xmlns="http://www.w3.org/2000/svg" width="9mm" height="9mm"><path d="M1 1L5 5"/></svg>'
        answer = self.client.post("/api/print/cutter/file", json={"format": "svg", "text": open_line})
        self.assertEqual((answer.status_code, answer.json()["code"]), (422, "cutter"))
