-- A picture of a plant as it stands in one garden.
CREATE TABLE plant_picture (
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  plant_id text NOT NULL,
  drawing_id text NOT NULL REFERENCES drawing (id) ON DELETE CASCADE,
  PRIMARY KEY (garden_id, plant_id)
);
