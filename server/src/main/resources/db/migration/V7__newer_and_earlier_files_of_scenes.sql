-- Files that a scene had before, to go back to, and one that was sent to take its place and is not accepted yet. Their parts
-- lie beside those of the scene under kinds with the number of the revision.
CREATE TABLE scene_revision (
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  seq INT NOT NULL,
  owner BIGINT NOT NULL,
  proposed BOOLEAN NOT NULL,
  triangles INT NOT NULL,
  objects INT NOT NULL,
  notes JSON NOT NULL,
  bytes BIGINT NOT NULL,
  report LONGTEXT NULL,
  edits LONGTEXT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (scene, seq),
  CONSTRAINT scene_revision_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT scene_revision_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
