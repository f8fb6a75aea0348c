-- Runs of drills that somebody made go with the drill, and with the scene it is in.
ALTER TABLE drill_run
  ADD COLUMN own CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NULL AFTER drill;
UPDATE drill_run r JOIN own_drill d ON d.id = CONVERT(r.drill USING ascii) COLLATE ascii_bin AND d.owner = r.owner SET r.own = d.id;
-- Names of the drills that are there for everybody are words, and shorter than an id.
DELETE FROM drill_run WHERE own IS NULL AND CHAR_LENGTH(drill) = 22;
ALTER TABLE drill_run
  ADD CONSTRAINT drill_run_own FOREIGN KEY (own) REFERENCES own_drill (id) ON DELETE CASCADE;
