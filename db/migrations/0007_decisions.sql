-- A signed choice: brief, rates, results and core version frozen as they were.
CREATE TABLE IF NOT EXISTS decisions (
  id CHAR(36) NOT NULL,
  study_id CHAR(36) NOT NULL,
  revision INT UNSIGNED NOT NULL,
  lane_id VARCHAR(60) NOT NULL,
  quantity INT UNSIGNED NOT NULL,
  school ENUM('published', 'shop') NOT NULL,
  rate_set_id VARCHAR(40) NOT NULL,
  core_version VARCHAR(20) NOT NULL,
  why TEXT NOT NULL,
  signed_by VARCHAR(80) NOT NULL,
  signed_on DATE NOT NULL,
  frozen JSON NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  reopened_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  KEY decisions_study (study_id, created_at),
  CONSTRAINT decisions_brief FOREIGN KEY (study_id, revision) REFERENCES briefs (study_id, revision),
  CONSTRAINT decisions_rate_set FOREIGN KEY (rate_set_id) REFERENCES rate_sets (id),
  CONSTRAINT decisions_quantity CHECK (quantity > 0),
  CONSTRAINT decisions_words CHECK (CHAR_LENGTH(why) > 0 AND CHAR_LENGTH(signed_by) > 0)
) ENGINE = InnoDB
