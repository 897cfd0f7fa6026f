-- What a study takes for work that quotes leave out, a piece, in its currency; the model's own where none is said.
CREATE TABLE IF NOT EXISTS scope_prices (
  study_id CHAR(36) NOT NULL,
  line VARCHAR(80) NOT NULL,
  price DOUBLE NOT NULL,
  basis VARCHAR(200) NOT NULL,
  changed_by VARCHAR(80) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (study_id, line),
  CONSTRAINT scope_prices_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE,
  CONSTRAINT scope_prices_price CHECK (price >= 0)
) ENGINE = InnoDB
