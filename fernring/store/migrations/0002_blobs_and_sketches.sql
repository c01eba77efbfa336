-- Kinds of documents are the program's to know, not the file's: the table is made anew without that CHECK.
CREATE TABLE document_anew (
    id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 64),
    kind TEXT NOT NULL CHECK (length(kind) BETWEEN 1 AND 40),
    name TEXT NOT NULL,
    main TEXT NOT NULL,
    created_at TEXT NOT NULL,
    deleted_at TEXT
) STRICT;

INSERT INTO document_anew (id, kind, name, main, created_at, deleted_at)
SELECT id, kind, name, main, created_at, deleted_at FROM document ORDER BY rowid;

DROP TABLE document;

ALTER TABLE document_anew RENAME TO document;

-- Pictures and other large things by the hash of their bytes, so that each is kept once and one file holds all.
CREATE TABLE blob (
    hash TEXT PRIMARY KEY CHECK (length(hash) = 64),
    media TEXT NOT NULL CHECK (length(media) BETWEEN 1 AND 80),
    bytes INTEGER NOT NULL CHECK (bytes BETWEEN 1 AND 12000000),
    body BLOB NOT NULL CHECK (length(body) = bytes),
    made_at TEXT NOT NULL
) STRICT;

-- Which edits name a blob: it stays for as long as one does.
CREATE TABLE blob_use (
    edit TEXT NOT NULL REFERENCES edit (id),
    hash TEXT NOT NULL,
    PRIMARY KEY (edit, hash)
) WITHOUT ROWID, STRICT;

CREATE INDEX blob_use_by_hash ON blob_use (hash);

-- What the list of pieces shows of the state after an edit: measures and words as JSON, and a small picture once it was
-- asked for (JSON compressed with zlib). Both can be made anew at any time.
CREATE TABLE sketch (
    edit TEXT PRIMARY KEY REFERENCES edit (id),
    summary TEXT NOT NULL CHECK (length(summary) <= 4000),
    picture BLOB
) WITHOUT ROWID, STRICT;
