"""Pictures taken in."""

import io

import numpy as np
from PIL import ExifTags, Image

from fernring.vision.intake import picture
from fernring.vision.limits import MOST_BYTES, PictureError
from tests.assertions import FernTestCase
from tests.outside.vision.pictures import HEIC, encoded, halves

RED, BLUE = (200, 30, 30), (30, 30, 200)


class IntakeTest(FernTestCase):
    def test_every_kind_is_read(self) -> None:
        for kind in ("PNG", "JPEG", "WEBP"):
            found = picture(encoded(halves(RED, BLUE), kind))
            self.assertEqual(found.pixels.shape, (300, 400, 3), kind)
            self.assertTrue(np.allclose(found.pixels[150, 100], RED, atol=12), kind)
            self.assertIsNone(found.focal)

    def test_it_stands_upright_and_tells_its_focal_length_alone(self) -> None:
        exif = Image.Exif()
        exif[ExifTags.Base.Orientation] = 6  # the camera was turned: the left of the file is the top
        exif[ExifTags.Base.Artist] = "nobody"
        exif.get_ifd(ExifTags.IFD.Exif)[ExifTags.Base.FocalLengthIn35mmFilm] = 28
        found = picture(encoded(halves(RED, BLUE), "JPEG", exif=exif))
        self.assertEqual(found.pixels.shape, (400, 300, 3))
        self.assertTrue(np.allclose(found.pixels[100, 150], RED, atol=12))
        self.assertEqual(found.focal, 28.0)
        self.assertEqual(set(vars(found)), {"pixels", "focal"})

    def test_a_photograph_as_telephones_keep_it(self) -> None:
        found = picture(HEIC)
        self.assertEqual((found.pixels.shape, found.focal), ((48, 64, 3), 28.0))
        self.assertTrue(np.allclose(found.pixels[24, 10], RED, atol=12))
        self.assertTrue(np.allclose(found.pixels[24, 54], BLUE, atol=12))
        with self.assertRaisesRegex(PictureError, "damaged|not a picture"):
            picture(HEIC[:400])

    def test_focal_lengths_within_reason(self) -> None:
        for told, taken in ((4, None), (5, 5.0), (500, 500.0), (501, None)):
            exif = Image.Exif()
            exif.get_ifd(ExifTags.IFD.Exif)[ExifTags.Base.FocalLengthIn35mmFilm] = told
            self.assertEqual(picture(encoded(halves(RED, BLUE), "JPEG", exif=exif)).focal, taken, told)

    def test_what_can_be_seen_through_lies_on_white(self) -> None:
        clear = np.zeros((20, 30, 4))
        self.assertTrue((picture(encoded(clear)).pixels == 255).all())

    def test_it_is_made_smaller(self) -> None:
        self.assertEqual(picture(encoded(halves(RED, BLUE)), 100).pixels.shape, (75, 100, 3))

    def test_refusals(self) -> None:
        whole = encoded(halves(RED, BLUE), "JPEG")
        for data, words in (
            (b"no picture at all", "not a picture of a kind"),
            (whole[: len(whole) // 2], "damaged"),
            (b"\x89PNG\r\n\x1a\n" + b"\0" * 40, "not a picture|damaged"),
            (b"\0" * (MOST_BYTES + 1), "may have 40 MB"),
            (_huge(20_000, 10_000), "20000 by 10000, 200 megapixels"),
        ):
            with self.assertRaisesRegex(PictureError, words):
                picture(data)


def _huge(wide: int, high: int) -> bytes:
    """A PNG of a few kilobytes that would fill the memory."""
    out = io.BytesIO()
    Image.new("1", (wide, high)).save(out, "PNG")
    return out.getvalue()
