-- Decisions may be signed by that policy too.
ALTER TABLE decisions MODIFY school ENUM('published', 'shop', 'specialist') NOT NULL
