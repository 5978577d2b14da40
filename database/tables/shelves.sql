-- Shelves, and one narrow row for each of the goods in the window with all that rules, facets and orders look at.
-- What stands on which shelf is worked out from those rows; what waits to be worked in is noted with what changed
-- it.
CREATE TABLE shelves (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    name varchar(80) NOT NULL,
    slug varchar(80) NOT NULL,
    ruled boolean NOT NULL,
    rule jsonb,
    moves boolean DEFAULT false NOT NULL,
    standing varchar(12) NOT NULL,
    words text DEFAULT '' NOT NULL,
    search_title varchar(200),
    search_words varchar(400),
    cover_id bigint,
    version integer DEFAULT 0 NOT NULL,
    filled_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT shelves_stall_id_slug_unique UNIQUE (stall_id, slug),
    CONSTRAINT shelves_cover_id_foreign FOREIGN KEY (cover_id) REFERENCES listings(id) ON DELETE SET NULL,
    CONSTRAINT shelves_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX shelves_cover_id_index ON shelves (cover_id);
CREATE POLICY one_stall ON shelves USING (stall_id = (SELECT current_stall()));
ALTER TABLE shelves ENABLE ROW LEVEL SECURITY;

CREATE TABLE shelf_addresses (
    stall_id bigint NOT NULL,
    slug varchar(80) NOT NULL,
    shelf_id bigint NOT NULL,
    left_at timestamp(0) NOT NULL,
    PRIMARY KEY (stall_id, slug),
    CONSTRAINT shelf_addresses_shelf_id_foreign FOREIGN KEY (shelf_id) REFERENCES shelves(id) ON DELETE CASCADE,
    CONSTRAINT shelf_addresses_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX shelf_addresses_shelf_id_index ON shelf_addresses (shelf_id);
CREATE POLICY one_stall ON shelf_addresses USING (stall_id = (SELECT current_stall()));
ALTER TABLE shelf_addresses ENABLE ROW LEVEL SECURITY;

CREATE TABLE shelf_goods (
    shelf_id bigint NOT NULL,
    listing_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    PRIMARY KEY (shelf_id, listing_id),
    CONSTRAINT shelf_goods_shelf_id_foreign FOREIGN KEY (shelf_id) REFERENCES shelves(id) ON DELETE CASCADE
);
CREATE INDEX shelf_goods_stall_id_listing_id_index ON shelf_goods (stall_id, listing_id);
CREATE POLICY one_stall ON shelf_goods USING (stall_id = (SELECT current_stall()));
ALTER TABLE shelf_goods ENABLE ROW LEVEL SECURITY;

CREATE TABLE shelf_places (
    shelf_id bigint NOT NULL,
    listing_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    kind varchar(4) NOT NULL,
    "position" integer DEFAULT 0 NOT NULL,
    PRIMARY KEY (shelf_id, listing_id),
    CONSTRAINT shelf_places_listing_id_foreign FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT shelf_places_shelf_id_foreign FOREIGN KEY (shelf_id) REFERENCES shelves(id) ON DELETE CASCADE,
    CONSTRAINT shelf_places_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX shelf_places_listing_id_index ON shelf_places (listing_id);
CREATE INDEX shelf_places_stall_id_index ON shelf_places (stall_id);
CREATE POLICY one_stall ON shelf_places USING (stall_id = (SELECT current_stall()));
ALTER TABLE shelf_places ENABLE ROW LEVEL SECURITY;

CREATE TABLE shelf_waiting (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    listing_id bigint,
    since timestamp(0) NOT NULL,
    CONSTRAINT shelf_waiting_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX shelf_waiting_stall_id_index ON shelf_waiting (stall_id);
CREATE POLICY one_stall ON shelf_waiting USING (stall_id = (SELECT current_stall()));
ALTER TABLE shelf_waiting ENABLE ROW LEVEL SECURITY;

CREATE FUNCTION shelves_to_fill(before timestamp, turned timestamp, most integer)
    RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, stall_id AS id, min(since) AS due
FROM (
    SELECT stall_id, since FROM shelf_waiting WHERE since < before
    UNION ALL
    SELECT stall_id, filled_at FROM shelves WHERE moves AND filled_at < turned
    UNION ALL
    SELECT stall_id, updated_at FROM shelves WHERE filled_at IS NULL AND updated_at < before
) AS waiting
GROUP BY stall_id) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;
