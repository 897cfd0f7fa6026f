-- What one of a currency is worth in another, by day; the latest up to the day of a comparison is taken.
CREATE TABLE IF NOT EXISTS exchange_rates (
  of_currency CHAR(3) NOT NULL,
  in_currency CHAR(3) NOT NULL,
  seen_on DATE NOT NULL,
  rate DOUBLE NOT NULL,
  source VARCHAR(200) NOT NULL,
  changed_by VARCHAR(80) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (of_currency, in_currency, seen_on),
  CONSTRAINT exchange_rates_above_zero CHECK (rate > 0),
  CONSTRAINT exchange_rates_other CHECK (of_currency <> in_currency)
) ENGINE = InnoDB
