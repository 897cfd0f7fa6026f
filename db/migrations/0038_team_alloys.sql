-- Alloys of the team's own: copied from one of the table (from_id), with what the team says otherwise, and where that was read.
CREATE TABLE IF NOT EXISTS team_alloys (
  id VARCHAR(40) NOT NULL,
  name VARCHAR(80) NOT NULL,
  from_id VARCHAR(60) NOT NULL,
  facts JSON NOT NULL,
  source VARCHAR(400) NOT NULL DEFAULT '',
  read_on DATE NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  archived_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  CONSTRAINT team_alloys_name CHECK (CHAR_LENGTH(name) > 0),
  CONSTRAINT team_alloys_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
