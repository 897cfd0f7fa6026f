-- No piece is taken any more once a part file is being checked whole.
ALTER TABLE part_files ADD COLUMN IF NOT EXISTS sealed BOOLEAN NOT NULL DEFAULT FALSE
