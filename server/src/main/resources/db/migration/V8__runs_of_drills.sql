CREATE TABLE drill_run (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  owner BIGINT NOT NULL,
  drill VARCHAR(40) NOT NULL,
  seconds DOUBLE NOT NULL,
  metres DOUBLE NOT NULL,
  back INT NOT NULL,
  lost INT NOT NULL,
  course MEDIUMTEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY drill_run_owner (owner, drill, id),
  CONSTRAINT drill_run_account FOREIGN KEY (owner) REFERENCES account (id) ON DELETE CASCADE
);
