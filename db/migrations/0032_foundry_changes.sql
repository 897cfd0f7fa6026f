-- Who changed which value of a foundry's profile, when, from what to what. NULL = not said.
CREATE TABLE IF NOT EXISTS foundry_changes (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  foundry_id VARCHAR(40) NOT NULL,
  version INT UNSIGNED NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  why VARCHAR(400) NOT NULL,
  path VARCHAR(160) NOT NULL,
  was JSON NULL,
  became JSON NULL,
  PRIMARY KEY (id),
  KEY foundry_changes_foundry (foundry_id, id),
  CONSTRAINT foundry_changes_foundry FOREIGN KEY (foundry_id) REFERENCES foundries (id) ON DELETE CASCADE
) ENGINE = InnoDB
