-- What was measured of a part file, packed, in pieces: by how it was measured (core version, unit, draw, mended or not).
CREATE TABLE IF NOT EXISTS part_measures (
  file_id CHAR(36) NOT NULL,
  made_by VARCHAR(160) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  seq INT UNSIGNED NOT NULL,
  data MEDIUMBLOB NOT NULL,
  made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (file_id, made_by, seq),
  CONSTRAINT part_measures_file FOREIGN KEY (file_id) REFERENCES part_files (id) ON DELETE CASCADE
) ENGINE = InnoDB
