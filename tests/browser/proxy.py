"""A bad line between page and server: passes everything on, but for what its mood does to saved edits."""

import threading
from collections.abc import Callable
from http.client import HTTPConnection, HTTPException
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from urllib.parse import urlsplit

FAULT = b'{"code": "fault", "field": "", "message": "The line answered with a fault."}'
REFUSAL = b'{"code": "value", "field": "segments", "message": "The line refuses these segments."}'
DELAY_S = 0.05
ITS_OWN = {"host", "origin", "connection", "transfer-encoding", "content-length", "date", "server"}

# What may become of a request: "pass" it on, "drop" it, "lose" its answer, pass it "twice", "delay" it, answer with a
# "fault", or "refuse" it.
Mood = Callable[[], str]


class Proxy(ThreadingHTTPServer):
    """`mood` is asked about each edit that is saved; `away` drops every request of any kind."""

    daemon_threads = True

    def __init__(self, upstream: str) -> None:
        super().__init__(("127.0.0.1", 0), Handler)
        self.upstream = urlsplit(upstream).netloc
        self.address = f"http://127.0.0.1:{self.server_port}"
        self.mood: Mood = lambda: "pass"
        self.away = False
        threading.Thread(target=self.serve_forever, daemon=True).start()

    def handle_error(self, *_: object) -> None:
        """A page that is gone does not hear its answer; the tests say what went wrong."""

    def close(self) -> None:
        self.shutdown()
        self.server_close()


class Handler(BaseHTTPRequestHandler):
    server: Proxy

    def pass_on(self) -> None:
        body = self.rfile.read(int(self.headers.get("content-length", 0)))
        saves = self.command == "POST" and self.path.endswith("/edits")
        act = "drop" if self.server.away else self.server.mood() if saves else "pass"
        if act == "delay":
            threading.Event().wait(DELAY_S)
        if act == "fault":
            self.answer(500, [("content-type", "application/json")], FAULT)
        elif act == "refuse":
            self.answer(422, [("content-type", "application/json")], REFUSAL)
        elif act != "drop":
            status, headers, data = self.ask(body)
            if act == "twice":
                status, headers, data = self.ask(body)
            if act != "lose":
                self.answer(status, headers, data)
        self.close_connection = True

    do_GET = do_POST = do_PUT = do_DELETE = pass_on  # noqa: N815

    def ask(self, body: bytes) -> tuple[int, list[tuple[str, str]], bytes]:
        """The server's own answer; 502 when it does not answer."""
        upstream = HTTPConnection(self.server.upstream, timeout=60)
        headers = {name: value for name, value in self.headers.items() if name.lower() not in ITS_OWN}
        try:
            upstream.request(self.command, self.path, body, headers)
            found = upstream.getresponse()
            return found.status, found.getheaders(), found.read()
        except (OSError, HTTPException):
            return 502, [], b""
        finally:
            upstream.close()

    def answer(self, status: int, headers: list[tuple[str, str]], data: bytes) -> None:
        self.send_response(status)
        for name, value in headers:
            if name.lower() not in ITS_OWN:
                self.send_header(name, value)
        self.send_header("content-length", str(len(data)))
        self.end_headers()
        self.wfile.write(data)

    def log_message(self, *_: object) -> None:
        """The tests say what went wrong."""
