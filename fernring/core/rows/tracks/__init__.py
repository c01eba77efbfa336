"""Tracks that are no rings: each module answers where the places of its track lie."""
