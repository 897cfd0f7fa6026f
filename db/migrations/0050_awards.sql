-- Which quote of a study was awarded, why, and which is held in reserve; the latest stands.
CREATE TABLE IF NOT EXISTS awards (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  study_id CHAR(36) NOT NULL,
  quote_id VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL,
  runner_up_id VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL,
  why VARCHAR(2000) NOT NULL,
  per_good_part DOUBLE NULL,
  quantity DOUBLE NULL,
  currency CHAR(3) NOT NULL,
  awarded_by VARCHAR(80) NOT NULL,
  awarded_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (id),
  KEY awards_study (study_id, id),
  CONSTRAINT awards_of_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE,
  CONSTRAINT awards_of_quote FOREIGN KEY (quote_id) REFERENCES quotes (id) ON DELETE CASCADE,
  CONSTRAINT awards_runner_up FOREIGN KEY (runner_up_id) REFERENCES quotes (id) ON DELETE SET NULL
) ENGINE = InnoDB
