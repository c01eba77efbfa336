"""The studio's memory: SQLite through sqlite3 and plain SQL."""
