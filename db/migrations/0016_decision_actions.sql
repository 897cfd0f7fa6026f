-- What a decision asks to be done, by whom and by when, as it was signed.
ALTER TABLE decisions ADD COLUMN IF NOT EXISTS actions JSON NOT NULL DEFAULT (JSON_ARRAY())
