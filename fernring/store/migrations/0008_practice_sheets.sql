-- Practice sheets, by the number that stands on them, and what was read off photographs of them. What was taken back
-- stays, so that it can be brought again. body is JSON.
CREATE TABLE practice_sheet (
    number INTEGER PRIMARY KEY CHECK (number BETWEEN 1 AND 9999),
    body TEXT NOT NULL CHECK (length(body) <= 4000),
    told_at TEXT NOT NULL
) STRICT;
CREATE TABLE practice_reading (
    number INTEGER PRIMARY KEY,
    id TEXT NOT NULL UNIQUE CHECK (length(id) = 32),
    sheet INTEGER NOT NULL REFERENCES practice_sheet (number),
    body TEXT NOT NULL CHECK (length(body) <= 120000),
    told_at TEXT NOT NULL,
    taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
CREATE INDEX practice_reading_sheet ON practice_reading (sheet);
