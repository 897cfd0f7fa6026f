-- A third tolerance policy: what a shop that does little else claims.
ALTER TABLE studies MODIFY school ENUM('published', 'shop', 'specialist') NOT NULL DEFAULT 'published'
