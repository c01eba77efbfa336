-- Small pictures belong to a look, which changes when pieces are drawn in another way; those of another look are made anew.
ALTER TABLE sketch ADD COLUMN look INTEGER NOT NULL DEFAULT 1 CHECK (look >= 1);
