-- What the team weighs routes by: one row for each criterion, 0 to 10. A criterion without a row keeps its first weight.
CREATE TABLE IF NOT EXISTS team_weights (
  criterion VARCHAR(20) NOT NULL,
  weight DOUBLE NOT NULL,
  changed_by VARCHAR(80) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (criterion),
  CONSTRAINT team_weights_range CHECK (weight >= 0 AND weight <= 10),
  CONSTRAINT team_weights_who CHECK (CHAR_LENGTH(changed_by) > 0)
) ENGINE = InnoDB
