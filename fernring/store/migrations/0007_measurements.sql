-- Dots that were measured, as they were told; what was taken back stays, so that it can be brought again. The id is made by
-- the sender: told twice, it is kept once. body is JSON.
CREATE TABLE measurement (
    number INTEGER PRIMARY KEY,
    id TEXT NOT NULL UNIQUE CHECK (length(id) = 32),
    body TEXT NOT NULL CHECK (length(body) <= 8000),
    told_at TEXT NOT NULL,
    taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
