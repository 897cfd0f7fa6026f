-- Bought parts as a purchase ledger tells them, to be screened for those that a casting might save most on.
CREATE TABLE IF NOT EXISTS bought_parts (
  id VARCHAR(60) NOT NULL,
  name VARCHAR(120) NOT NULL,
  material VARCHAR(60) NOT NULL,
  form ENUM('bar', 'plate', 'tube') NOT NULL,
  x_mm DOUBLE NOT NULL,
  y_mm DOUBLE NOT NULL,
  z_mm DOUBLE NOT NULL,
  finished_kg DOUBLE NOT NULL,
  today_usd DOUBLE NOT NULL,
  per_year DOUBLE NOT NULL,
  way VARCHAR(20) NOT NULL,
  pieces INT UNSIGNED NOT NULL DEFAULT 1,
  toothed BOOLEAN NOT NULL DEFAULT FALSE,
  guessed JSON NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  PRIMARY KEY (id),
  CONSTRAINT bought_parts_size CHECK (x_mm > 0 AND y_mm > 0 AND z_mm > 0 AND finished_kg > 0 AND today_usd > 0),
  CONSTRAINT bought_parts_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
