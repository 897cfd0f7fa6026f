-- Requests for quotation: what was asked of whom on a day, as it was asked.
CREATE TABLE IF NOT EXISTS quote_requests (
  id CHAR(36) NOT NULL,
  study_id CHAR(36) NOT NULL,
  number INT UNSIGNED NOT NULL,
  asked JSON NOT NULL,
  answer_by DATE NULL,
  sent_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  sent_by VARCHAR(80) NOT NULL,
  PRIMARY KEY (id),
  UNIQUE KEY quote_requests_number (study_id, number),
  CONSTRAINT quote_requests_study FOREIGN KEY (study_id) REFERENCES studies (id) ON DELETE CASCADE
) ENGINE = InnoDB
