CREATE TABLE account (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  password_hash VARCHAR(100) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  UNIQUE KEY account_name (name)
);

CREATE TABLE failed_sign_in (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  address VARCHAR(60) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY failed_by_name (name, at),
  KEY failed_by_address (address, at)
);

CREATE TABLE scene (
  id CHAR(22) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  owner BIGINT NOT NULL,
  name VARCHAR(200) NOT NULL,
  triangles INT NOT NULL,
  objects INT NOT NULL,
  notes JSON NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  opened_at DATETIME(3) NULL,
  KEY scene_owner (owner, created_at),
  CONSTRAINT scene_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);

-- Files of a scene, immutable: geometry, edges, hierarchies.
CREATE TABLE scene_file (
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(12) NOT NULL,
  owner BIGINT NOT NULL,
  sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
  size BIGINT NOT NULL,
  PRIMARY KEY (scene, kind),
  CONSTRAINT scene_file_scene FOREIGN KEY (scene) REFERENCES scene (id) ON DELETE CASCADE
);

-- Rows of at most a megabyte stream well and need no large packets.
CREATE TABLE scene_chunk (
  scene CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(12) NOT NULL,
  seq INT NOT NULL,
  data MEDIUMBLOB NOT NULL,
  PRIMARY KEY (scene, kind, seq),
  CONSTRAINT scene_chunk_file FOREIGN KEY (scene, kind) REFERENCES scene_file (scene, kind) ON DELETE CASCADE
);

-- What is kept for a user with a version: a workspace per scene, the keymap, the habits.
CREATE TABLE kept (
  owner BIGINT NOT NULL,
  topic VARCHAR(20) NOT NULL,
  subject CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version INT NOT NULL,
  body JSON NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (owner, topic, subject),
  CONSTRAINT kept_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);

CREATE TABLE import_job (
  owner BIGINT NOT NULL,
  id VARCHAR(40) NOT NULL,
  words VARCHAR(100) NOT NULL,
  part DOUBLE NOT NULL,
  cancelled BOOLEAN NOT NULL DEFAULT FALSE,
  changed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (owner, id),
  CONSTRAINT import_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
