-- Where a stall sends, by which ways and at what charge, and when its suppliers pack. A stall that stands already
-- sends to its own country as it did; where it is sold to besides it hasn't sent anything yet.
CREATE TABLE places (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    "position" integer NOT NULL,
    name varchar(80) NOT NULL,
    covers jsonb NOT NULL,
    ways jsonb NOT NULL,
    rules jsonb NOT NULL,
    CONSTRAINT places_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX places_stall_id_position_index ON places (stall_id, "position");
CREATE POLICY one_stall ON places USING (stall_id = (SELECT current_stall()));
ALTER TABLE places ENABLE ROW LEVEL SECURITY;
