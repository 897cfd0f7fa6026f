-- The values a study is judged by, as a text that changes when any of them does: its quotes, the day they are compared on and
-- what they are compared by are among them.
CREATE OR REPLACE VIEW study_facts AS
SELECT s.id AS study_id,
       CONCAT_WS(' ', k.id, k.version, COALESCE(p.id, 'book'), COALESCE(p.version, 0), s.judged,
                 CASE s.judged
                   WHEN 'one' THEN CONCAT(f.id, ' ', f.version)
                   WHEN 'all' THEN (SELECT CONCAT(COUNT(*), ' ', COALESCE(SUM(a.version), 0))
                                      FROM foundries a WHERE a.archived_at IS NULL)
                   ELSE ''
                 END,
                 CONCAT('alloy ', t.version),
                 (SELECT CONCAT('price ', x.id)
                    FROM alloy_prices x
                   WHERE x.alloy_id = b.alloy AND x.withdrawn_at IS NULL
                   ORDER BY x.priced_on DESC, x.id DESC LIMIT 1),
                 (SELECT CONCAT('quotes ', CRC32(CONCAT_WS(' ', COUNT(*), SUM(q.version), COALESCE(MAX(y.as_of), CURRENT_DATE),
                                (SELECT MAX(c.changed_at) FROM scope_prices c WHERE c.study_id = s.id),
                                (SELECT MAX(e.changed_at) FROM exchange_rates e))))
                    FROM quotes q LEFT JOIN quote_settings y ON y.study_id = q.study_id
                   WHERE q.study_id = s.id
                  HAVING COUNT(*) > 0)) AS facts
  FROM studies s
  JOIN rate_sets k ON k.id = s.rate_set_id
  LEFT JOIN process_sets p ON p.id = s.process_set_id
  LEFT JOIN foundries f ON f.id = s.foundry_id
  LEFT JOIN briefs b ON b.study_id = s.id AND b.revision = s.revision
  LEFT JOIN team_alloys t ON t.id = b.alloy
