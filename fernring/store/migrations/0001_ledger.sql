-- Documents (pieces, the kit, the shelf), their branches, and the ledger of every finished edit.

CREATE TABLE document (
    id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 64),
    kind TEXT NOT NULL CHECK (kind IN ('piece', 'kit', 'shelf')),
    name TEXT NOT NULL,
    main TEXT NOT NULL,
    created_at TEXT NOT NULL,
    deleted_at TEXT
) STRICT;

-- body: the whole document after the edit, JSON compressed with zlib; parent: the edit it was made on.
CREATE TABLE edit (
    id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 64),
    document TEXT NOT NULL REFERENCES document (id),
    branch TEXT NOT NULL,
    parent TEXT REFERENCES edit (id),
    label TEXT NOT NULL,
    mark TEXT NOT NULL,
    body BLOB NOT NULL,
    made_at TEXT NOT NULL
) STRICT;

CREATE INDEX edit_by_document ON edit (document, made_at);

-- head: where the branch stands; tip: how far redo can go.
CREATE TABLE branch (
    id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 64),
    document TEXT NOT NULL REFERENCES document (id),
    head TEXT NOT NULL REFERENCES edit (id),
    tip TEXT NOT NULL REFERENCES edit (id),
    created_at TEXT NOT NULL,
    closed_at TEXT
) STRICT;

CREATE INDEX branch_by_document ON branch (document);

CREATE TABLE revision (
    id INTEGER PRIMARY KEY,
    document TEXT NOT NULL REFERENCES document (id),
    edit TEXT NOT NULL REFERENCES edit (id),
    reason TEXT NOT NULL CHECK (reason IN ('left', 'printed', 'idle', 'asked', 'brought back')),
    made_at TEXT NOT NULL
) STRICT;

CREATE INDEX revision_by_document ON revision (document, id);

CREATE TABLE setting (
    key TEXT PRIMARY KEY CHECK (length(key) BETWEEN 1 AND 40),
    value TEXT NOT NULL CHECK (length(value) <= 4000)
) STRICT;
