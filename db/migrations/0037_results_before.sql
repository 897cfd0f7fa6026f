-- What was listed of each study before edition 2 of the tables: kept once, so that what changed can be told.
CREATE TABLE IF NOT EXISTS results_before (
  study_id CHAR(36) NOT NULL,
  core_version VARCHAR(20) NOT NULL,
  quantity DOUBLE NULL,
  leader VARCHAR(60) NULL,
  PRIMARY KEY (study_id),
  CONSTRAINT results_before_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
AS SELECT study_id, core_version, quantity, leader FROM study_results WHERE core_version LIKE '1.%'
