-- States of a scene's changes to return to: those a person named, and those kept by themselves while editing went on.
CREATE TABLE scene_version (
  owner BIGINT NOT NULL,
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  seq INT NOT NULL,
  name VARCHAR(200) NOT NULL,
  automatic BOOLEAN NOT NULL,
  body JSON NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (scene, seq),
  CONSTRAINT scene_version_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT scene_version_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
