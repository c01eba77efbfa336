"""Who may ask, how much, and what a page may load."""

from collections.abc import Iterator

from fernring.web.security import POLICY
from tests.web.client import WebTestCase


class SecurityTest(WebTestCase):
    def test_other_host_names_are_refused(self) -> None:
        for host in ("evil.example", "127.0.0.1.evil.example", "", "[::1"):
            self.refused(self.client.get("/api/studio", headers={"host": host}), 400, "host", "this machine only")
        self.assertEqual(self.client.get("/api/studio", headers={"host": "localhost:8437"}).status_code, 200)

    def test_pages_of_other_sites_may_not_change_anything(self) -> None:
        for origin in ("http://evil.example", "null", "http://127.0.0.1:9999"):
            answer = self.client.post("/api/plan", json=self.json(), headers={"origin": origin})
            self.refused(answer, 403, "origin", "another site")
        answer = self.client.post("/api/plan", json=self.json(), headers={"sec-fetch-site": "cross-site"})
        self.refused(answer, 403, "origin", "another site")
        own = self.client.post("/api/plan", json=self.json(), headers={"origin": "http://127.0.0.1:8437"})
        self.assertEqual(own.status_code, 200)

    def test_pages_of_other_sites_may_read_the_page_but_nothing_of_the_studio(self) -> None:
        for site in ("cross-site", "same-site"):
            headers = {"sec-fetch-site": site}
            self.refused(self.client.get("/api/pieces", headers=headers), 403, "origin", "another site")
            self.assertNotEqual(self.client.get("/", headers=headers).status_code, 403)
        self.refused(self.client.get("/api/pieces", headers={"origin": "http://evil.example"}), 403, "origin", "site")
        for site in ("same-origin", "none"):
            self.assertEqual(self.client.get("/api/pieces", headers={"sec-fetch-site": site}).status_code, 200)

    def test_a_large_body_is_refused_by_its_length(self) -> None:
        answer = self.client.post("/api/plan", content=b"x", headers={"content-length": str(10**9)})
        self.refused(answer, 413, "too large", "A request here holds at most 4,000,000 bytes")

    def test_a_large_body_without_a_length_is_cut_off(self) -> None:
        def endless() -> Iterator[bytes]:
            for _ in range(80):
                yield b"x" * 100_000

        answer = self.client.post("/api/plan", content=endless(), headers={"content-type": "application/json"})
        self.refused(answer, 413, "too large", "A request here holds at most 4,000,000 bytes")

    def test_every_answer_carries_the_policy(self) -> None:
        for answer in (
            self.client.get("/api/studio"),
            self.client.get("/nowhere"),
            self.client.get("/", headers={"host": "x"}),
        ):
            self.assertEqual(answer.headers["content-security-policy"], POLICY)
            self.assertEqual(answer.headers["x-content-type-options"], "nosniff")

    def test_nothing_foreign_and_no_inline_script(self) -> None:
        self.assertIn("default-src 'none'", POLICY)
        self.assertIn("script-src 'self';", POLICY)
        self.assertNotIn("http", POLICY)
        self.assertNotIn("*", POLICY)

    def test_unknown_addresses_and_methods(self) -> None:
        self.refused(self.client.get("/api/nothing"), 404, "request", "Not Found")
        self.refused(self.client.get("/api/plan"), 405, "request", "Method Not Allowed")

    def test_an_origin_that_is_no_address_is_foreign(self) -> None:
        for origin in ("http://[", "null", "http://127.0.0.1:8437.evil.example"):
            answer = self.client.put("/api/studio", json={}, headers={"origin": origin})
            self.refused(answer, 403, "origin", "another site")

    def test_deeply_nested_bodies_are_answered(self) -> None:
        for depth in (300, 980, 1020, 5000):
            nested = b'{"a":' * depth + b"1" + b"}" * depth
            for body in (nested, b'{"format": "fernring.piece", "name": ' + nested + b"}", b"[" * depth + b"]" * depth):
                answer = self.client.post("/api/plan", content=body, headers={"content-type": "application/json"})
                self.assertEqual(answer.status_code, 422, (depth, answer.text[:200]))
                self.assertLess(len(answer.content), 1000)

    def test_only_what_is_there_is_kept_for_ever(self) -> None:
        for path in ("/assets/gone.js", "/api/pictures/4/" + "0" * 32, "/api/alive"):
            self.assertEqual(self.client.get(path).headers["cache-control"], "no-store", path)
        state = self.begin()
        answer = self.client.get(f"/api/pictures/4/{state['head']}")
        self.assertEqual(answer.headers["cache-control"], "private, max-age=31536000, immutable")
