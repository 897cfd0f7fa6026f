-- A size with one end made by a core: the core's shift enters its tolerance.
ALTER TABLE features ADD COLUMN IF NOT EXISTS across_core BOOLEAN NOT NULL DEFAULT FALSE
