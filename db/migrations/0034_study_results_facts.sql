-- What a result was worked out with: versions of rates, process values and foundries, as the view study_facts tells them.
ALTER TABLE study_results
  ADD COLUMN IF NOT EXISTS facts VARCHAR(200) NOT NULL DEFAULT ''
