-- Own process values, one row a value: a figure has `likely`, a band all three, a word or a list `words`.
CREATE TABLE IF NOT EXISTS process_values (
  process_set_id VARCHAR(40) NOT NULL,
  path VARCHAR(160) NOT NULL,
  low DOUBLE NULL,
  likely DOUBLE NULL,
  high DOUBLE NULL,
  words VARCHAR(400) NULL,
  known ENUM('claimed', 'measured', 'assumed') NOT NULL,
  source VARCHAR(400) NOT NULL,
  seen_on DATE NULL,
  PRIMARY KEY (process_set_id, path),
  CONSTRAINT process_values_set FOREIGN KEY (process_set_id) REFERENCES process_sets (id) ON DELETE CASCADE,
  CONSTRAINT process_values_one CHECK ((likely IS NULL) <> (words IS NULL)),
  CONSTRAINT process_values_ordered CHECK ((low IS NULL AND high IS NULL) OR (low <= likely AND likely <= high))
) ENGINE = InnoDB
