-- Pieces of a part file, each a piece of one gzip stream.
CREATE TABLE IF NOT EXISTS part_file_chunks (
  file_id CHAR(36) NOT NULL,
  seq INT UNSIGNED NOT NULL,
  data MEDIUMBLOB NOT NULL,
  PRIMARY KEY (file_id, seq),
  CONSTRAINT part_file_chunks_file FOREIGN KEY (file_id) REFERENCES part_files (id) ON DELETE CASCADE
) ENGINE = InnoDB
