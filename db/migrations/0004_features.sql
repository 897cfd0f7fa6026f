-- Toleranced dimensions of a brief, in the order of its table. tol_mm is the whole width of the zone.
CREATE TABLE IF NOT EXISTS features (
  study_id CHAR(36) NOT NULL,
  revision INT UNSIGNED NOT NULL,
  place SMALLINT UNSIGNED NOT NULL,
  feature_id VARCHAR(40) NOT NULL,
  name VARCHAR(80) NOT NULL,
  kind ENUM('dim', 'face', 'bore', 'ream', 'drill', 'tap', 'turn', 'grind') NOT NULL,
  nominal_mm DOUBLE NOT NULL,
  tol_mm DOUBLE NOT NULL,
  across_parting BOOLEAN NOT NULL,
  may_machine BOOLEAN NOT NULL,
  must_machine BOOLEAN NOT NULL,
  critical BOOLEAN NULL,
  area_cm2 DOUBLE NULL,
  depth_mm DOUBLE NULL,
  count INT NULL,
  ra_um DOUBLE NULL,
  PRIMARY KEY (study_id, revision, place),
  CONSTRAINT features_brief FOREIGN KEY (study_id, revision) REFERENCES briefs (study_id, revision) ON DELETE CASCADE,
  CONSTRAINT features_sizes CHECK (nominal_mm > 0 AND tol_mm > 0)
) ENGINE = InnoDB
