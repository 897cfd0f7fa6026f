-- What was ticked on a traveller: the last word of each item, by when it was said beside the furnace.
CREATE TABLE IF NOT EXISTS traveller_ticks (
  traveller_id CHAR(36) NOT NULL,
  item VARCHAR(80) NOT NULL,
  done TINYINT UNSIGNED NOT NULL,
  note VARCHAR(200) NOT NULL,
  who VARCHAR(80) NOT NULL,
  ticked_at DATETIME(3) NOT NULL,
  PRIMARY KEY (traveller_id, item),
  CONSTRAINT traveller_ticks_traveller FOREIGN KEY (traveller_id) REFERENCES travellers (id) ON DELETE CASCADE
) ENGINE = InnoDB
