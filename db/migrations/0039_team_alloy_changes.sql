-- Who changed which value of an alloy, when, from what to what. NULL = as in the alloy it was copied from.
CREATE TABLE IF NOT EXISTS team_alloy_changes (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  alloy_id VARCHAR(40) NOT NULL,
  version INT UNSIGNED NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  why VARCHAR(400) NOT NULL,
  path VARCHAR(160) NOT NULL,
  was JSON NULL,
  became JSON NULL,
  PRIMARY KEY (id),
  KEY team_alloy_changes_alloy (alloy_id, id),
  CONSTRAINT team_alloy_changes_alloy FOREIGN KEY (alloy_id) REFERENCES team_alloys (id) ON DELETE CASCADE
) ENGINE = InnoDB
