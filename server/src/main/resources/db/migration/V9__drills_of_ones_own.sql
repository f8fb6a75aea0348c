CREATE TABLE own_drill (
  id CHAR(22) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  owner BIGINT NOT NULL,
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(80) NOT NULL,
  body MEDIUMTEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY own_drill_owner (owner, scene, created_at),
  CONSTRAINT own_drill_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT own_drill_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
