-- Exactly one transaction can put the row in: whoever creates the first account.
CREATE TABLE first_account (
  one TINYINT PRIMARY KEY
);

-- Sessions of the database were in the machine's zone and what they wrote was read as UTC; from now on they are in UTC.
UPDATE account SET created_at = CONVERT_TZ(created_at, 'SYSTEM', '+00:00');
UPDATE scene SET created_at = CONVERT_TZ(created_at, 'SYSTEM', '+00:00'), opened_at = CONVERT_TZ(opened_at, 'SYSTEM', '+00:00');
UPDATE scene_version SET created_at = CONVERT_TZ(created_at, 'SYSTEM', '+00:00');
DELETE FROM failed_sign_in;
DELETE FROM import_job;

-- The database's own check of JSON stops at 32 levels; what a document may hold is checked before.
ALTER TABLE kept MODIFY body LONGTEXT NOT NULL;
ALTER TABLE scene_version MODIFY body LONGTEXT NOT NULL;

-- An import whose server is gone is told by its silence; one that has stored its scene can no longer be cancelled.
ALTER TABLE import_job ADD COLUMN stored BOOLEAN NOT NULL DEFAULT FALSE;

-- Windows in which a scene is open, whatever the machine; each says by when it will be heard from again.
CREATE TABLE open_window (
  owner BIGINT NOT NULL,
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  until DATETIME(3) NOT NULL,
  PRIMARY KEY (owner, scene, id),
  CONSTRAINT open_window_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT open_window_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
