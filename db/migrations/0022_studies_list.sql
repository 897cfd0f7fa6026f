-- The list by title, and open decisions by study.
ALTER TABLE studies ADD INDEX IF NOT EXISTS studies_by_title (archived_at, title, id)
