-- Listings: only the seller's own words stand in own_… columns (null: the field follows). shown_… columns are what
-- core computed last, kept for lists and for the shop; they can be thrown away and made again.
CREATE TABLE listings (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    supplier_item_id bigint NOT NULL,
    agreed_words_id bigint NOT NULL,
    state varchar(12) NOT NULL,
    slug varchar(140) NOT NULL,
    own_title text,
    own_words text,
    own_pictures jsonb,
    own_names jsonb,
    shown_title varchar(400) DEFAULT '' NOT NULL,
    shown_from_minor bigint,
    changes_count integer DEFAULT 0 NOT NULL,
    shown_since timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    own_type varchar(60),
    own_tags jsonb DEFAULT '[]' NOT NULL,
    own_maker varchar(80),
    own_notes text,
    own_search_title varchar(120),
    own_search_words varchar(320),
    own_dropped jsonb DEFAULT '[]' NOT NULL,
    own_option_order jsonb DEFAULT '[]' NOT NULL,
    own_part jsonb,
    drafts jsonb DEFAULT '[]' NOT NULL,
    deleted_at timestamp(0),
    own_recipe jsonb,
    own_across jsonb,
    own_ladder jsonb,
    version bigint DEFAULT 1 NOT NULL,
    waiting jsonb DEFAULT '{}' NOT NULL,
    own_policies jsonb DEFAULT '{}' NOT NULL,
    supplier_gone boolean DEFAULT false NOT NULL,
    own_kept_back smallint,
    shown_keep_minor bigint,
    own_meant jsonb DEFAULT '[]' NOT NULL,
    wording_lacks smallint DEFAULT 0 NOT NULL,
    CONSTRAINT listings_stall_id_slug_unique UNIQUE (stall_id, slug),
    CONSTRAINT listings_agreed_words_id_foreign
        FOREIGN KEY (agreed_words_id) REFERENCES supplier_words(id) ON DELETE RESTRICT,
    CONSTRAINT listings_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT listings_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE RESTRICT
);
CREATE INDEX listings_agreed_words_id ON listings (agreed_words_id);
CREATE INDEX listings_by_keep ON listings (stall_id, state, shown_keep_minor DESC NULLS LAST, id DESC)
    WHERE (deleted_at IS NULL);
CREATE INDEX listings_by_title ON listings (stall_id, shown_title, id);
CREATE INDEX listings_stall_id_state_id_index ON listings (stall_id, state, id);
CREATE INDEX listings_supplier_item_id_index ON listings (supplier_item_id);
CREATE INDEX listings_tags ON listings USING gin (own_tags);
CREATE INDEX listings_title_words ON listings USING gin (shown_title gin_trgm_ops);
ALTER TABLE listings ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON listings USING (stall_id = (SELECT current_stall()));

-- Preparing: order on the bench, options dropped, items split and joined, second sources, pictures cropped, drafts,
-- and undo.
CREATE TABLE listing_items (
    id bigserial PRIMARY KEY,
    listing_id bigint NOT NULL,
    supplier_item_id bigint NOT NULL,
    agreed_words_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    CONSTRAINT listing_items_listing_id_supplier_item_id_unique UNIQUE (listing_id, supplier_item_id),
    CONSTRAINT listing_items_agreed_words_id_foreign
        FOREIGN KEY (agreed_words_id) REFERENCES supplier_words(id) ON DELETE RESTRICT,
    CONSTRAINT listing_items_listing_id_foreign FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT listing_items_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE RESTRICT
);
CREATE INDEX listing_items_agreed_words_id ON listing_items (agreed_words_id);
CREATE INDEX listing_items_supplier_item_id ON listing_items (supplier_item_id);
CREATE TRIGGER fill_stall BEFORE INSERT ON listing_items
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('listings', 'listing_id');
ALTER TABLE listing_items ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON listing_items USING (stall_id = (SELECT current_stall()));

-- A variant that is taken off its listing stands in none, and isn't gone: orders, what shoppers were asked and what
-- was said of it go on naming it, and when the step is taken back all of that is as it was.
CREATE TABLE listing_variants (
    id bigserial PRIMARY KEY,
    listing_id bigint,
    supplier_variant_id bigint NOT NULL,
    external_id varchar(80) NOT NULL,
    "position" integer NOT NULL,
    own_on boolean DEFAULT true NOT NULL,
    own_price_minor bigint,
    own_options jsonb,
    sold_variant_id bigint,
    own_recipe jsonb,
    own_was_minor bigint,
    own_under_floor boolean DEFAULT false NOT NULL,
    stall_id bigint NOT NULL,
    waiting_price_minor bigint,
    left_listing_id bigint,
    selling_id bigint GENERATED ALWAYS AS (COALESCE(sold_variant_id, supplier_variant_id)) STORED NOT NULL,
    CONSTRAINT listing_variants_listing_id_supplier_variant_id_unique UNIQUE (listing_id, supplier_variant_id),
    CONSTRAINT listing_variants_left_listing_id_foreign
        FOREIGN KEY (left_listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT listing_variants_listing_id_foreign FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT listing_variants_sold_variant_id_foreign
        FOREIGN KEY (sold_variant_id) REFERENCES supplier_variants(id) ON DELETE SET NULL,
    CONSTRAINT listing_variants_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE RESTRICT
);
CREATE INDEX listing_variants_left_listing_id_supplier_variant_id_index
    ON listing_variants (left_listing_id, supplier_variant_id);
CREATE INDEX listing_variants_selling ON listing_variants (selling_id);
CREATE INDEX listing_variants_sold_variant_id ON listing_variants (sold_variant_id);
CREATE INDEX listing_variants_supplier ON listing_variants (supplier_variant_id);
CREATE TRIGGER fill_stall BEFORE INSERT ON listing_variants
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('listings', 'listing_id');
ALTER TABLE listing_variants ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON listing_variants USING (stall_id = (SELECT current_stall()));

CREATE TABLE variant_sources (
    listing_variant_id bigint NOT NULL,
    supplier_variant_id bigint NOT NULL,
    "position" smallint NOT NULL,
    use boolean DEFAULT true NOT NULL,
    stall_id bigint NOT NULL,
    PRIMARY KEY (listing_variant_id, supplier_variant_id),
    CONSTRAINT variant_sources_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE CASCADE,
    CONSTRAINT variant_sources_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE CASCADE
);
CREATE INDEX variant_sources_supplier_variant_id_index ON variant_sources (supplier_variant_id);
CREATE TRIGGER fill_stall BEFORE INSERT ON variant_sources
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('listing_variants', 'listing_variant_id');
CREATE POLICY one_stall ON variant_sources USING (stall_id = (SELECT current_stall()));
ALTER TABLE variant_sources ENABLE ROW LEVEL SECURITY;

CREATE TABLE bench_changes (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    user_id bigint,
    words varchar(200) NOT NULL,
    undone_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    apart boolean DEFAULT false NOT NULL,
    CONSTRAINT bench_changes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT bench_changes_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE SET NULL
);
CREATE INDEX bench_changes_created_at_index ON bench_changes (created_at);
CREATE INDEX bench_changes_last ON bench_changes (stall_id, user_id, id DESC) WHERE (undone_at IS NULL);
CREATE INDEX bench_changes_stall_id_id_index ON bench_changes (stall_id, id);
CREATE INDEX bench_changes_user_id ON bench_changes (user_id);
ALTER TABLE bench_changes ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON bench_changes USING (stall_id = (SELECT current_stall()));

-- A step on the bench keeps how each listing stood in a row of its own, so that it can be taken back whole or
-- listing by listing.
CREATE TABLE bench_change_parts (
    change_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    listing_id bigint NOT NULL,
    before jsonb,
    undone_at timestamp(0),
    PRIMARY KEY (change_id, listing_id),
    CONSTRAINT bench_change_parts_change_id_foreign
        FOREIGN KEY (change_id) REFERENCES bench_changes(id) ON DELETE CASCADE,
    CONSTRAINT bench_change_parts_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX bench_change_parts_stall_id_listing_id_change_id_index
    ON bench_change_parts (stall_id, listing_id, change_id);
ALTER TABLE bench_change_parts ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON bench_change_parts USING (stall_id = (SELECT current_stall()));

-- Pictures that people send are made into sizes by the pictures worker; till then they lie where nobody outside can
-- reach them.
CREATE TABLE pictures (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    listing_id bigint,
    source varchar(600),
    path varchar(200),
    width integer,
    height integer,
    state varchar(10) NOT NULL,
    trouble text,
    alt varchar(200),
    created_at timestamp(0),
    updated_at timestamp(0),
    focal_x smallint DEFAULT 50 NOT NULL,
    focal_y smallint DEFAULT 50 NOT NULL,
    zoom smallint DEFAULT 100 NOT NULL,
    original varchar(240),
    alike char(22),
    shows varchar(120),
    incoming varchar(120),
    cut varchar(10) DEFAULT 'square' NOT NULL,
    seen_x smallint DEFAULT 50 NOT NULL,
    seen_y smallint DEFAULT 50 NOT NULL,
    logo boolean DEFAULT false NOT NULL,
    CONSTRAINT pictures_listing_id_source_unique UNIQUE (listing_id, source),
    CONSTRAINT pictures_listing_id_foreign FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT pictures_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX pictures_stall_id ON pictures (stall_id);
CREATE INDEX pictures_waiting ON pictures (updated_at) WHERE ((state)::text = 'waiting');
CREATE POLICY one_stall ON pictures USING (stall_id = (SELECT current_stall()));
ALTER TABLE pictures ENABLE ROW LEVEL SECURITY;

-- A seller's own words in letters, pieces of text for answers, mail that didn't arrive, and people who are the
-- same.
CREATE TABLE text_pieces (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    name varchar(60) NOT NULL,
    words text NOT NULL,
    CONSTRAINT text_pieces_stall_id_name_unique UNIQUE (stall_id, name),
    CONSTRAINT text_pieces_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON text_pieces USING (stall_id = (SELECT current_stall()));
ALTER TABLE text_pieces ENABLE ROW LEVEL SECURITY;

-- Shelves, and one narrow row for each of the goods in the window with all that rules, facets and orders look at.
-- What stands on which shelf is worked out from those rows; what waits to be worked in is noted with what changed
-- it.
CREATE TABLE goods_facts (
    listing_id bigint PRIMARY KEY,
    stall_id bigint NOT NULL,
    title text NOT NULL,
    type text NOT NULL,
    type_low text NOT NULL,
    tags text[] NOT NULL,
    tags_low text[] NOT NULL,
    suppliers bigint[] NOT NULL,
    price_minor bigint,
    price_to_minor bigint,
    keep_minor bigint,
    margin_bp integer,
    stock bigint NOT NULL,
    buyable boolean NOT NULL,
    shown_since timestamp,
    sold_at timestamp,
    sold_pieces integer DEFAULT 0 NOT NULL,
    options text[] NOT NULL,
    options_low text[] NOT NULL,
    choices text[] DEFAULT '{}'::text[] NOT NULL,
    printed boolean NOT NULL,
    posted_from text[] NOT NULL,
    days_min integer,
    days_max integer,
    was boolean NOT NULL,
    search tsvector NOT NULL,
    CONSTRAINT goods_facts_listing_id_fkey FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT goods_facts_stall_id_fkey FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX goods_facts_stall ON goods_facts (stall_id, listing_id);
ALTER TABLE goods_facts ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON goods_facts USING (stall_id = (SELECT current_stall()));

-- What shoppers search by: the words goods are called by, words that mean the same, and what was looked for.
CREATE TABLE shop_words (
    stall_id bigint NOT NULL,
    word varchar(60) NOT NULL,
    PRIMARY KEY (stall_id, word),
    CONSTRAINT shop_words_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON shop_words USING (stall_id = (SELECT current_stall()));
ALTER TABLE shop_words ENABLE ROW LEVEL SECURITY;

CREATE FUNCTION listings_titled(pattern text) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER PARALLEL SAFE
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT id FROM listings WHERE stall_id = (SELECT current_stall()) AND shown_title ILIKE pattern $$;

CREATE FUNCTION listings_without_pictures(waiting_since timestamp, most integer)
    RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, listing_id AS id, min(updated_at) AS due
FROM pictures
WHERE state = 'waiting'
  AND listing_id IS NOT NULL
  AND updated_at < waiting_since
GROUP BY stall_id, listing_id) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_bench_change_parts(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM bench_change_parts
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM bench_change_parts AS old
        WHERE EXISTS (SELECT 1 FROM bench_changes AS step WHERE step.id = old.change_id
            AND step.created_at < kept_since)
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;

CREATE FUNCTION thin_supplier_words(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM supplier_words
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM supplier_words AS old
        WHERE old.said_at < kept_since
AND NOT EXISTS (SELECT 1 FROM supplier_items AS item WHERE item.words_id = old.id)
AND NOT EXISTS (SELECT 1 FROM listings AS listing WHERE listing.agreed_words_id = old.id)
AND NOT EXISTS (SELECT 1 FROM listing_items AS joined WHERE joined.agreed_words_id = old.id)
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
