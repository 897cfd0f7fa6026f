-- What the list tells of a study, worked out in the background: of which version of it, of its rates and of the core.
CREATE TABLE IF NOT EXISTS study_results (
  study_id CHAR(36) NOT NULL,
  version INT UNSIGNED NOT NULL,
  rate_set_id VARCHAR(40) NOT NULL,
  rate_version INT UNSIGNED NOT NULL,
  core_version VARCHAR(20) NOT NULL,
  quantity DOUBLE NULL,
  leader VARCHAR(60) NULL,
  made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (study_id),
  CONSTRAINT study_results_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
