-- Who was asked by a request, on which route, and what came of it.
CREATE TABLE IF NOT EXISTS quote_request_lines (
  id CHAR(36) NOT NULL,
  request_id CHAR(36) NOT NULL,
  foundry_id VARCHAR(40) NOT NULL,
  route VARCHAR(40) NOT NULL,
  variant VARCHAR(40) NOT NULL,
  state ENUM('open', 'answered', 'declined', 'closed') NOT NULL DEFAULT 'open',
  by_desk BOOLEAN NOT NULL DEFAULT FALSE,
  desk_state VARCHAR(200) NOT NULL DEFAULT '',
  reply JSON NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (id),
  UNIQUE KEY quote_request_lines_once (request_id, foundry_id, route, variant),
  KEY quote_request_lines_open (state, changed_at),
  CONSTRAINT quote_request_lines_request FOREIGN KEY (request_id) REFERENCES quote_requests (id) ON DELETE CASCADE,
  CONSTRAINT quote_request_lines_foundry FOREIGN KEY (foundry_id) REFERENCES foundries (id)
) ENGINE = InnoDB
