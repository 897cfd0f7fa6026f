-- Foundries and what each is said, seen or supposed to be able to do: every value of a profile with its basis and date.
CREATE TABLE IF NOT EXISTS foundries (
  id VARCHAR(40) NOT NULL,
  name VARCHAR(120) NOT NULL,
  note VARCHAR(1000) NOT NULL DEFAULT '',
  profile JSON NOT NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  archived_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  CONSTRAINT foundries_name CHECK (CHAR_LENGTH(name) > 0),
  CONSTRAINT foundries_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
