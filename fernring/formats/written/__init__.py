"""The written pattern: a booklet from which another artist, with other tools, can paint the piece."""
