-- The picture of the part as it was when the decision was signed, PNG.
ALTER TABLE decisions ADD COLUMN IF NOT EXISTS still MEDIUMBLOB NULL
