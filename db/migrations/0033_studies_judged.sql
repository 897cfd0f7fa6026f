-- By whose values a study is judged: a set of process values (NULL = the book's), and the book, one foundry or all of them.
ALTER TABLE studies
  ADD COLUMN IF NOT EXISTS process_set_id VARCHAR(40) NULL,
  ADD COLUMN IF NOT EXISTS judged ENUM('book', 'one', 'all') NOT NULL DEFAULT 'book',
  ADD COLUMN IF NOT EXISTS foundry_id VARCHAR(40) NULL,
  ADD CONSTRAINT studies_process_set FOREIGN KEY IF NOT EXISTS (process_set_id) REFERENCES process_sets (id),
  ADD CONSTRAINT studies_foundry FOREIGN KEY IF NOT EXISTS (foundry_id) REFERENCES foundries (id)
