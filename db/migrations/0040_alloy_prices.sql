-- What metals cost: a price of ingot of an alloy, of the table or of the team's own, on a day, USD/kg. The latest day that is
-- not withdrawn is in force.
CREATE TABLE IF NOT EXISTS alloy_prices (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT,
  alloy_id VARCHAR(60) NOT NULL,
  low DOUBLE NOT NULL,
  likely DOUBLE NOT NULL,
  high DOUBLE NOT NULL,
  priced_on DATE NOT NULL,
  source VARCHAR(400) NOT NULL,
  entered_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  entered_by VARCHAR(80) NOT NULL,
  withdrawn_at DATETIME(3) NULL,
  withdrawn_by VARCHAR(80) NULL,
  PRIMARY KEY (id),
  KEY alloy_prices_alloy (alloy_id, priced_on, id),
  CONSTRAINT alloy_prices_order CHECK (0 < low AND low <= likely AND likely <= high)
) ENGINE = InnoDB
