-- A part's own file: kept as it came, byte for byte, in compressed pieces. whole = all pieces are there and their hash is right.
CREATE TABLE IF NOT EXISTS part_files (
  id CHAR(36) NOT NULL,
  name VARCHAR(200) NOT NULL,
  bytes BIGINT UNSIGNED NOT NULL,
  sha256 CHAR(64) NOT NULL,
  chunks INT UNSIGNED NOT NULL,
  whole BOOLEAN NOT NULL DEFAULT FALSE,
  still MEDIUMBLOB NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (id),
  KEY part_files_sha (sha256, whole),
  CONSTRAINT part_files_name CHECK (CHAR_LENGTH(name) > 0),
  CONSTRAINT part_files_bytes CHECK (bytes > 0 AND chunks > 0)
) ENGINE = InnoDB
