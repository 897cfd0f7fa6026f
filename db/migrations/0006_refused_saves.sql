-- A save that lost a race: kept whole until its author has chosen between it and the newer one.
CREATE TABLE IF NOT EXISTS refused_saves (
  id CHAR(36) NOT NULL,
  study_id CHAR(36) NOT NULL,
  base_version INT UNSIGNED NOT NULL,
  editor VARCHAR(64) NOT NULL,
  brief JSON NOT NULL,
  refused_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  settled_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  KEY refused_saves_study (study_id, settled_at),
  CONSTRAINT refused_saves_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
