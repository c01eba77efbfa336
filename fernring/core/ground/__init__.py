"""The blank as geometry: its outline in place, its border line, its surface."""
