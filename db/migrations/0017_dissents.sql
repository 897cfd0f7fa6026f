-- Who does not agree with a decision, and why: kept beside it, never changed.
CREATE TABLE IF NOT EXISTS dissents (
  id CHAR(36) NOT NULL,
  decision_id CHAR(36) NOT NULL,
  who VARCHAR(80) NOT NULL,
  words TEXT NOT NULL,
  written_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (id),
  KEY dissents_decision (decision_id, written_at),
  CONSTRAINT dissents_of FOREIGN KEY (decision_id) REFERENCES decisions (id),
  CONSTRAINT dissents_words CHECK (CHAR_LENGTH(who) > 0 AND CHAR_LENGTH(words) > 0)
) ENGINE = InnoDB
