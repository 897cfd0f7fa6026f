-- Patterns of like holes of a brief, in the order of its table.
CREATE TABLE IF NOT EXISTS holes (
  study_id CHAR(36) NOT NULL,
  revision INT UNSIGNED NOT NULL,
  place SMALLINT UNSIGNED NOT NULL,
  dia_mm DOUBLE NOT NULL,
  depth_mm DOUBLE NOT NULL,
  count INT NOT NULL,
  thread BOOLEAN NOT NULL,
  through BOOLEAN NOT NULL,
  tol_mm DOUBLE NULL,
  PRIMARY KEY (study_id, revision, place),
  CONSTRAINT holes_brief FOREIGN KEY (study_id, revision) REFERENCES briefs (study_id, revision) ON DELETE CASCADE,
  CONSTRAINT holes_sizes CHECK (dia_mm > 0 AND depth_mm > 0 AND count > 0)
) ENGINE = InnoDB
