-- Who changed which coefficient of a rate set, when, from what to what. NULL = the shipped figure.
CREATE TABLE IF NOT EXISTS rate_changes (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  rate_set_id VARCHAR(40) NOT NULL,
  version INT UNSIGNED NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  why VARCHAR(400) NOT NULL,
  path VARCHAR(160) NOT NULL,
  was JSON NULL,
  became JSON NULL,
  PRIMARY KEY (id),
  KEY rate_changes_set (rate_set_id, id),
  CONSTRAINT rate_changes_set FOREIGN KEY (rate_set_id) REFERENCES rate_sets (id) ON DELETE CASCADE,
  CONSTRAINT rate_changes_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
