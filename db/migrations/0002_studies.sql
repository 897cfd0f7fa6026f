-- A study: one part and its choice. `version` rises with every save and is what a save must name to be taken.
CREATE TABLE IF NOT EXISTS studies (
  id CHAR(36) NOT NULL,
  title VARCHAR(120) NOT NULL,
  school ENUM('published', 'shop') NOT NULL DEFAULT 'published',
  rate_set_id VARCHAR(40) NOT NULL,
  revision INT UNSIGNED NOT NULL,
  version INT UNSIGNED NOT NULL,
  demo BOOLEAN NOT NULL DEFAULT FALSE,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  archived_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  KEY studies_changed (archived_at, changed_at),
  CONSTRAINT studies_rate_set FOREIGN KEY (rate_set_id) REFERENCES rate_sets (id),
  CONSTRAINT studies_title CHECK (CHAR_LENGTH(title) > 0)
) ENGINE = InnoDB
