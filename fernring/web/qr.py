"""A QR code as a path of unit squares, to be drawn at any size."""

import segno


def qr_path(text: str, border: int = 4) -> tuple[str, int]:
    """The `d` of an SVG path of dark squares, and how many squares the picture is wide, its border included."""
    code = segno.make(text, error="m", micro=False)
    rows = [list(row) for row in code.matrix_iter(border=border)]
    squares = [f"M{x} {y}h1v1h-1z" for y, row in enumerate(rows) for x, dark in enumerate(row) if dark]
    return "".join(squares), len(rows)


def qr_text(text: str) -> str:
    """The code for a terminal: two squares a character."""
    code = segno.make(text, error="m", micro=False)
    rows = [list(row) for row in code.matrix_iter(border=2)]
    rows += [[0] * len(rows[0])] if len(rows) % 2 else []
    blocks = {(0, 0): "█", (0, 1): "▀", (1, 0): "▄", (1, 1): " "}  # light on a dark terminal
    return "\n".join(
        "".join(blocks[int(bool(up)), int(bool(down))] for up, down in zip(one, other, strict=True))
        for one, other in zip(rows[::2], rows[1::2], strict=True)
    )
