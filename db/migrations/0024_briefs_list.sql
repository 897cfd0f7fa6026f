-- What the list sorts and searches by of a brief, without reading the brief.
ALTER TABLE briefs ADD INDEX IF NOT EXISTS briefs_list (study_id, revision, alloy, per_year, years)
