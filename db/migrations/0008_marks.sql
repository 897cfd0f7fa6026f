-- Things done once to this database, such as putting in the demo studies.
CREATE TABLE IF NOT EXISTS marks (
  name VARCHAR(60) NOT NULL,
  set_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (name)
) ENGINE = InnoDB
