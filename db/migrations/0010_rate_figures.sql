-- A shop's own figures, one row a coefficient. A choice has its likely value only; an uncertain one all three.
CREATE TABLE IF NOT EXISTS rate_figures (
  rate_set_id VARCHAR(40) NOT NULL,
  path VARCHAR(160) NOT NULL,
  low DOUBLE NULL,
  likely DOUBLE NOT NULL,
  high DOUBLE NULL,
  PRIMARY KEY (rate_set_id, path),
  CONSTRAINT rate_figures_set FOREIGN KEY (rate_set_id) REFERENCES rate_sets (id) ON DELETE CASCADE,
  CONSTRAINT rate_figures_ordered CHECK ((low IS NULL AND high IS NULL) OR (low <= likely AND likely <= high))
) ENGINE = InnoDB
