-- What became of a quote: received, corrected, withdrawn, with who and why.
CREATE TABLE IF NOT EXISTS quote_changes (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  quote_id VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  version INT UNSIGNED NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  what ENUM('received', 'corrected', 'withdrawn', 'restored') NOT NULL,
  why VARCHAR(400) NOT NULL,
  was JSON NULL,
  PRIMARY KEY (id),
  KEY quote_changes_of (quote_id, id),
  CONSTRAINT quote_changes_quote FOREIGN KEY (quote_id) REFERENCES quotes (id) ON DELETE CASCADE
) ENGINE = InnoDB
