-- Whether a signed decision still stands, worked out in the background: with which rates, by which core.
CREATE TABLE IF NOT EXISTS decision_standings (
  decision_id CHAR(36) NOT NULL,
  rate_set_id VARCHAR(40) NOT NULL,
  rate_version INT UNSIGNED NOT NULL,
  core_version VARCHAR(20) NOT NULL,
  state VARCHAR(20) NOT NULL,
  standing JSON NOT NULL,
  made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (decision_id),
  CONSTRAINT decision_standings_decision FOREIGN KEY (decision_id) REFERENCES decisions (id) ON DELETE CASCADE
) ENGINE = InnoDB
