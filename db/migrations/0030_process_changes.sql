-- Who changed which process value of a set, when, from what to what. NULL = the book's value.
CREATE TABLE IF NOT EXISTS process_changes (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  process_set_id VARCHAR(40) NOT NULL,
  version INT UNSIGNED NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  why VARCHAR(400) NOT NULL,
  path VARCHAR(160) NOT NULL,
  was JSON NULL,
  became JSON NULL,
  PRIMARY KEY (id),
  KEY process_changes_set (process_set_id, id),
  CONSTRAINT process_changes_set FOREIGN KEY (process_set_id) REFERENCES process_sets (id) ON DELETE CASCADE
) ENGINE = InnoDB
