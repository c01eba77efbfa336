-- What was told at the table, in the order of its arrival, with the moment it happened (seconds since 1970, by the clock of
-- this machine). The id is made by the sender: told twice, it is kept once. body is JSON.
CREATE TABLE happening (
    number INTEGER PRIMARY KEY,
    id TEXT NOT NULL UNIQUE CHECK (length(id) = 32),
    document TEXT NOT NULL REFERENCES document (id),
    at REAL NOT NULL,
    body TEXT NOT NULL CHECK (length(body) <= 40000)
) STRICT;

CREATE INDEX happening_by_document ON happening (document, number);

-- Devices that were paired: of the secret that each holds only its hash (SHA-256) is kept.
CREATE TABLE device (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 120),
    hash BLOB NOT NULL UNIQUE CHECK (length(hash) = 32),
    paired_at TEXT NOT NULL,
    revoked_at TEXT
) STRICT;
