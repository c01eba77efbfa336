-- What redo would bring, by branch: the edit taken back last is on top, so that undo and redo look at one line each,
-- however long the ledger is.
CREATE TABLE undone (
    branch TEXT NOT NULL REFERENCES branch (id),
    depth INTEGER NOT NULL CHECK (depth >= 1),
    edit TEXT NOT NULL REFERENCES edit (id),
    PRIMARY KEY (branch, depth)
) WITHOUT ROWID, STRICT;

-- From each tip back to the head: the tip was taken back first, so it lies deepest.
INSERT INTO undone (branch, depth, edit)
WITH RECURSIVE line (branch, head, depth, edit) AS (
    SELECT id, head, 1, tip FROM branch WHERE head <> tip
    UNION ALL
    SELECT l.branch, l.head, l.depth + 1, e.parent
    FROM line l JOIN edit e ON e.id = l.edit
    WHERE e.parent IS NOT NULL AND e.parent <> l.head
)
SELECT branch, depth, edit FROM line;
