-- A team's own sets of process values. They hold only what differs from the book; `version` rises with every save.
CREATE TABLE IF NOT EXISTS process_sets (
  id VARCHAR(40) NOT NULL,
  name VARCHAR(120) NOT NULL,
  copied_from VARCHAR(40) NOT NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by VARCHAR(80) NOT NULL,
  archived_at DATETIME(3) NULL,
  PRIMARY KEY (id),
  CONSTRAINT process_sets_name CHECK (CHAR_LENGTH(name) > 0),
  CONSTRAINT process_sets_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
