"""The plan of a piece in the terminal: python -m commands.plan FILE.json."""

import sys
from pathlib import Path

from fernring.core.document.piece import Piece
from fernring.core.errors import FernError
from fernring.core.plan import plan
from fernring.core.words.lengths import plain
from fernring.formats.piece_json import parse_document
from fernring.formats.plan_text import plan_text


def main(file: Path) -> int:
    try:
        piece = parse_document(file.read_bytes())
        if not isinstance(piece, Piece):
            print(f"{file} holds no piece.", file=sys.stderr)
            return 1
        print(plan_text(plan(piece)), end="")
    except FernError as error:
        print(plain(error.message), file=sys.stderr)
        return 1
    except OSError as error:
        print(f"{file} cannot be read: {error.strerror}.", file=sys.stderr)
        return 1
    return 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
