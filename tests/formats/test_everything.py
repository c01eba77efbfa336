"""Everything of a studio as open files, and back."""

import csv
import io
import zipfile

from fernring.core.document.kit import Kit
from fernring.core.document.reading import Document
from fernring.core.document.shelf import Shelf
from fernring.core.errors import DocumentError
from fernring.formats import everything
from fernring.formats.everything import parts, unpacked
from fernring.formats.piece_json import document_bytes
from fernring.formats.zipped import zipped as made
from tests import samples, worst
from tests.assertions import FernTestCase


def zipped(files: dict[str, bytes]) -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, data in files.items():
            archive.writestr(name, data)
    return out.getvalue()


def packed(documents: list[tuple[str, Document]], pictures: list[tuple[str, str, bytes]]) -> bytes:
    *told, (_, whole) = made(parts(documents, pictures))
    assert whole is not None and all(name for name, _ in told)
    return whole


class EverythingTest(FernTestCase):
    def test_there_and_back(self) -> None:
        named = samples.five_rows().model_copy(update={"name": "../Tide: 星"})
        documents = [("a1", named), ("kit", Kit(tools=samples.tools())), ("shelf", Shelf(paints=(samples.PALE,)))]
        data = packed(documents, [("f" * 64, "image/png", b"\x89PNG")])
        self.assertEqual(data, packed(documents, [("f" * 64, "image/png", b"\x89PNG")]))
        archive = zipfile.ZipFile(io.BytesIO(data))
        names = [
            "pieces/Tide 星 a1.json",
            "pieces/Tide 星 a1.csv",
            "kit.json",
            "shelf.json",
            f"pictures/{'f' * 64}.png",
        ]
        self.assertEqual(archive.namelist(), names)
        table = list(csv.reader(io.StringIO(archive.read(names[1]).decode())))
        self.assertEqual(len(table), 1 + len(named.rows))
        self.assertEqual(unpacked(data), [document for _, document in documents])

    def test_a_piece_too_large_to_plan_is_there_without_its_table(self) -> None:
        large = samples.five_rows().__class__.model_validate(worst.WORST["top dots on top dots"]())
        archive = zipfile.ZipFile(io.BytesIO(packed([("a1", large)], [])))
        self.assertEqual(len(archive.namelist()), 1)

    def refused(self, words: str, data: bytes) -> None:
        with self.assertRaisesRegex(DocumentError, words):
            unpacked(data)

    def test_what_is_no_such_file(self) -> None:
        good = document_bytes(samples.five_rows())
        self.refused("no ZIP", b"PK but not really")
        self.refused("no Fern Ring document", zipped({"read me.txt": b"hello"}))
        self.refused("^etc passwd json: This file is not readable JSON", zipped({"../../etc/passwd.json": b"{"}))
        whole = zipped({"good.json": good})
        for at in range(45, len(whole) - 120, 60):  # wherever it is spoilt inside
            self.refused("good json cannot be unpacked|not readable|no ZIP", self.spoilt(whole, at))
        bomb = zipped({"bomb.json": b" " * (everything.MOST_BYTES + 1)})
        self.assertLess(len(bomb), 10_000)
        self.refused("bomb json holds more than is unpacked", bomb)
        self.refused("at most 5,000 files", zipped({f"{k}.txt": b"" for k in range(5001)}))

    def spoilt(self, data: bytes, at: int) -> bytes:
        return data[:at] + bytes(255 - byte for byte in data[at : at + 9]) + data[at + 9 :]
