-- Sheets that go with a lot, each kept as it was issued.
CREATE TABLE IF NOT EXISTS travellers (
  id CHAR(36) NOT NULL,
  study_id CHAR(36) NOT NULL,
  number INT UNSIGNED NOT NULL,
  body JSON NOT NULL,
  issued_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  issued_by VARCHAR(80) NOT NULL,
  PRIMARY KEY (id),
  UNIQUE KEY travellers_number (study_id, number),
  CONSTRAINT travellers_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
