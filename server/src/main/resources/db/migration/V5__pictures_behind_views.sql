-- Pictures that were brought behind views, encoded anew; where they lie is kept with the scene's changes.
CREATE TABLE picture (
  id CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  owner BIGINT NOT NULL,
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(200) NOT NULL,
  type VARCHAR(20) NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  data MEDIUMBLOB NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY picture_scene (scene),
  CONSTRAINT picture_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE,
  CONSTRAINT picture_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
