-- Copies of a rate set: a shop's own. They hold only what differs; `version` rises with every save.
ALTER TABLE rate_sets
  MODIFY figures JSON NULL,
  ADD COLUMN IF NOT EXISTS copied_from VARCHAR(40) NULL,
  ADD COLUMN IF NOT EXISTS version INT UNSIGNED NOT NULL DEFAULT 1,
  ADD COLUMN IF NOT EXISTS holidays JSON NULL,
  ADD COLUMN IF NOT EXISTS changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  ADD COLUMN IF NOT EXISTS changed_by VARCHAR(80) NULL,
  ADD COLUMN IF NOT EXISTS archived_at DATETIME(3) NULL
