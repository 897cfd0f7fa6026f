-- Rate sets: the shipped one is read-only; later copies are a shop's own.
CREATE TABLE IF NOT EXISTS rate_sets (
  id VARCHAR(40) NOT NULL,
  name VARCHAR(120) NOT NULL,
  shipped BOOLEAN NOT NULL,
  currency CHAR(3) NOT NULL,
  figures JSON NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (id),
  CONSTRAINT rate_sets_name CHECK (CHAR_LENGTH(name) > 0)
) ENGINE = InnoDB
