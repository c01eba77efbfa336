"""Frozen Pydantic models of everything an artist writes down: piece, kit and shelf."""
