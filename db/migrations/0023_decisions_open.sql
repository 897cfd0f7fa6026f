-- The latest decision of a study, and those that stand, without reading what they froze.
ALTER TABLE decisions ADD INDEX IF NOT EXISTS decisions_latest (study_id, created_at, id, reopened_at, lane_id, signed_on)
