-- Which way is up, and what the file's numbers are in where its format does not say so; asked until somebody has answered.
ALTER TABLE scene
  ADD COLUMN up_axis CHAR(1) CHARACTER SET ascii NOT NULL DEFAULT 'Y',
  ADD COLUMN unit VARCHAR(6) CHARACTER SET ascii NULL,
  ADD COLUMN asked BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN bytes BIGINT NOT NULL DEFAULT 0,
  -- Deleted, but for a while it can be brought back.
  ADD COLUMN deleted_at DATETIME(3) NULL;

UPDATE scene s SET bytes = (SELECT COALESCE(SUM(f.size), 0) FROM scene_file f WHERE f.scene = s.id);

-- A small picture of each scene: as it came, then as it was seen last.
CREATE TABLE scene_cover (
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  owner BIGINT NOT NULL,
  version INT NOT NULL,
  type VARCHAR(20) NOT NULL,
  data MEDIUMBLOB NOT NULL,
  CONSTRAINT scene_cover_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT scene_cover_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
