-- What the quotes of a study are compared by: the day (today where none is said).
CREATE TABLE IF NOT EXISTS quote_settings (
  study_id CHAR(36) NOT NULL,
  as_of DATE NULL,
  changed_by VARCHAR(80) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (study_id),
  CONSTRAINT quote_settings_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
