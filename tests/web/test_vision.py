"""Pictures through the API."""

from unittest.mock import patch

from fernring.vision import asked
from fernring.vision.intake import picture
from fernring.vision.stages import CARD
from fernring.vision.stone_asked import StoneAsked
from fernring.web.stages import MOST, Stages
from tests.outside.vision.pictures import HEIC, encoded, halves, swab
from tests.outside.vision.test_intake import _huge
from tests.web.client import WebTestCase

WHERE = "x=0.25&y=0.5&white_x=0.75&white_y=0.5"


class PhotoRouteTest(WebTestCase):
    def sent(self, path: str, data: bytes) -> tuple[int, object]:
        answer = self.client.post(
            f"/api/photo/{path}", content=data, headers={"content-type": "application/octet-stream"}
        )
        return answer.status_code, answer.json()

    def test_a_colour_beside_white(self) -> None:
        status, colour = self.sent(f"colour?{WHERE}", encoded(swab("#2f6fb3", (0.8, 0.7, 0.5)), "PNG"))
        self.assertEqual(status, 200)
        assert isinstance(colour, str)
        for k in (1, 3, 5):
            self.assertLess(abs(int(colour[k : k + 2], 16) - int("#2f6fb3"[k : k + 2], 16)), 4)

    def test_main_colours(self) -> None:
        status, found = self.sent("palette?count=2", encoded(halves((200, 40, 40), (30, 60, 180), 300), "PNG"))
        self.assertEqual((status, sorted(found)), (200, ["#1e3cb4", "#c82828"]))  # type: ignore[call-overload]

    def test_a_kind_that_browsers_do_not_show_is_made_one_that_they_do(self) -> None:
        answer = self.client.post(
            "/api/photo/shown", content=HEIC, headers={"content-type": "application/octet-stream"}
        )
        self.assertEqual((answer.status_code, answer.headers["content-type"]), (200, "image/jpeg"))
        self.assertNotIn(b"nobody", answer.content)
        shown = picture(answer.content)
        self.assertEqual((shown.pixels.shape, shown.focal), ((48, 64, 3), None))

    def test_what_cannot_be_read_is_said(self) -> None:
        for path, data, words in (
            (f"colour?{WHERE}", b"no picture", "not a picture of a kind"),
            ("shown", b"no picture", "not a picture of a kind"),
            ("palette", _huge(20_000, 10_000), "200 megapixels"),
            (f"colour?{WHERE}", encoded(halves((90, 60, 30), (20, 20, 20))), "too dark"),
            ("palette?count=99", b"", "12"),
            ("colour?x=2&y=0&white_x=0&white_y=0", b"", "1"),
        ):
            status, answer = self.sent(path, data)
            self.assertEqual(status, 422, words)
            self.assertIn(words, answer["message"])  # type: ignore[index, call-overload]

    def test_a_picture_that_takes_too_long_is_given_up(self) -> None:
        with patch.object(asked, "SECONDS", 0.01):
            status, answer = self.sent("palette?count=2", encoded(halves((200, 40, 40), (30, 60, 180))))
        self.assertEqual((status, answer["message"]), (422, "Reading this picture took longer than 0.01 s."))  # type: ignore[index, call-overload]

    def test_what_is_being_done_is_told_meanwhile(self) -> None:
        """Of a picture without a card the last that was done is the look for it; of other readings nothing is known."""
        token = "5" * 32
        question = f"stone?asked={StoneAsked(widest=8.0).model_dump_json()}&reading={token}"
        status, _ = self.sent(question, encoded(halves((90, 60, 30), (20, 60, 120))))
        self.assertEqual(status, 422)
        self.assertEqual(self.client.get(f"/api/photo/stage?reading={token}").json(), {"stage": CARD})
        self.assertEqual(self.client.get(f"/api/photo/stage?reading={'6' * 32}").json(), {"stage": ""})
        self.assertEqual(self.client.get("/api/photo/stage?reading=7").status_code, 422)

    def test_the_oldest_readings_make_way(self) -> None:
        stages = Stages()
        for number in range(MOST + 1):
            stages.teller(f"{number:032x}")(f"stage {number}")
        self.assertEqual((stages.now(f"{0:032x}"), stages.now(f"{1:032x}")), ("", "stage 1"))
        stages.teller(None)("nobody hears")
