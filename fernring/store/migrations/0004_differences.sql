-- A body may be kept as what differs from the body of another edit, its base, which is kept whole. The hash (SHA-256) is that
-- of the whole body; bodies from before this step have none.
ALTER TABLE edit ADD COLUMN base TEXT REFERENCES edit (id);

ALTER TABLE edit ADD COLUMN hash BLOB CHECK (hash IS NULL OR length(hash) = 32);

CREATE INDEX edit_by_base ON edit (base) WHERE base IS NOT NULL;

CREATE INDEX edit_by_parent ON edit (parent) WHERE parent IS NOT NULL;
