-- Connections, pulls, and what suppliers say.  supplier_words keeps every version of an item as said;
-- supplier_items and supplier_variants hold the latest in columns that can be searched, with the landed cost to the
-- stall's home market worked out at the pull.
-- A supplier sends the news of one account to one address, however many stalls it serves: whose account a
-- connection is of is known, and when its news came and was missed.
-- What moves fast, stock and cost, can be asked for more often than the rest.
CREATE TABLE supplier_connections (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    public_id uuid NOT NULL,
    kind varchar(20) NOT NULL,
    name varchar(80) NOT NULL,
    address varchar(300) NOT NULL,
    secrets text NOT NULL,
    pulled_at timestamp(0),
    trouble text,
    created_at timestamp(0),
    updated_at timestamp(0),
    settings jsonb DEFAULT '{}' NOT NULL,
    schedule varchar(10) DEFAULT 'nightly' NOT NULL,
    next_pull_at timestamp(0),
    failures smallint DEFAULT 0 NOT NULL,
    paused_at timestamp(0),
    disconnected_at timestamp(0),
    guards jsonb DEFAULT '{}' NOT NULL,
    policies jsonb DEFAULT '{}' NOT NULL,
    kept_back smallint DEFAULT 0 NOT NULL,
    landed_by text,
    moving_every smallint,
    moving_next_at timestamp(0),
    account uuid,
    heard_at timestamp(0),
    unheard_from timestamp(0),
    cut_off char(5),
    packs_from smallint DEFAULT 0 NOT NULL,
    packs_to smallint DEFAULT 0 NOT NULL,
    closed_days jsonb DEFAULT '[]' NOT NULL,
    returns_to varchar(400) DEFAULT '' NOT NULL,
    orders_to varchar(190),
    orders_at varchar(5) DEFAULT '15:00' NOT NULL,
    answers_read_at timestamp(0),
    most_pieces integer,
    extras json DEFAULT '[]' NOT NULL,
    pays varchar(8) DEFAULT 'at_once' NOT NULL,
    balance_minor bigint,
    balance_currency char(3),
    balance_at timestamp(0),
    warn_days smallint DEFAULT 3 NOT NULL,
    bill_days smallint DEFAULT 30 NOT NULL,
    account_next_at timestamp(0),
    CONSTRAINT supplier_connections_public_id_unique UNIQUE (public_id),
    CONSTRAINT supplier_connections_stall_id_kind_address_unique UNIQUE (stall_id, kind, address),
    CONSTRAINT supplier_connections_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX supplier_connections_account_index ON supplier_connections (account);
CREATE INDEX supplier_connections_moving_next_at_index ON supplier_connections (moving_next_at);
CREATE INDEX supplier_connections_next_pull_at_index ON supplier_connections (next_pull_at);
CREATE POLICY one_stall ON supplier_connections USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_connections ENABLE ROW LEVEL SECURITY;
ALTER TABLE runs
    ADD CONSTRAINT runs_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE;

-- An item of some hundred variants, each of which there are ten million, has more pieces than 32 bits count.
CREATE TABLE supplier_items (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    external_id varchar(80) NOT NULL,
    title varchar(400) NOT NULL,
    category varchar(120) NOT NULL,
    picture varchar(600),
    currency char(3) NOT NULL,
    content_hash char(32) NOT NULL,
    words_id bigint,
    rating smallint,
    variants_count integer DEFAULT 0 NOT NULL,
    stock bigint DEFAULT 0 NOT NULL,
    cost_minor bigint,
    skus text DEFAULT '' NOT NULL,
    gone_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    search tsvector GENERATED ALWAYS AS
        ((to_tsvector('english'::regconfig, (((title)::text || ' ') || (category)::text))
            || to_tsvector('simple'::regconfig, skus))) STORED,
    methods jsonb,
    raw_hash text,
    made_from_id bigint,
    CONSTRAINT supplier_items_connection_id_external_id_unique UNIQUE (connection_id, external_id),
    CONSTRAINT supplier_items_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT supplier_items_made_from_id_foreign
        FOREIGN KEY (made_from_id) REFERENCES supplier_items(id) ON DELETE SET NULL,
    CONSTRAINT supplier_items_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX supplier_items_made_from_id_index ON supplier_items (made_from_id);
CREATE INDEX supplier_items_search ON supplier_items USING gin (search);
CREATE INDEX supplier_items_stall_id_id_index ON supplier_items (stall_id, id);
CREATE INDEX supplier_items_stall_id_title_id_index ON supplier_items (stall_id, title, id);
CREATE INDEX supplier_items_title_words ON supplier_items USING gin (title gin_trgm_ops);
CREATE POLICY one_stall ON supplier_items USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_items ENABLE ROW LEVEL SECURITY;

-- Of a variant's pieces, those in warehouses from which nothing is sent to the stall's home market can't be sold
-- there.
-- Each pull recounts what is promised; few of a supplier's variants are.
-- What a supplier takes no order for, such as a print house's plain blank, has no pieces that can be sold; how many
-- there are to sell is worked out in one place.
CREATE TABLE supplier_variants (
    id bigserial PRIMARY KEY,
    supplier_item_id bigint NOT NULL,
    external_id varchar(80) NOT NULL,
    sku varchar(80) NOT NULL,
    barcode varchar(20),
    label varchar(300) NOT NULL,
    "position" integer NOT NULL,
    cost_minor bigint NOT NULL,
    stock integer NOT NULL,
    promised integer DEFAULT 0 NOT NULL,
    goods_minor bigint,
    delivery_minor bigint,
    landed_minor bigint,
    days_min smallint,
    days_max smallint,
    warehouse char(2),
    method varchar(40),
    gone_at timestamp(0),
    grams integer DEFAULT 0 NOT NULL,
    rrp_minor bigint,
    first_minor bigint,
    further_minor bigint,
    stall_id bigint NOT NULL,
    kept_back smallint DEFAULT 0 NOT NULL,
    out_of_reach integer DEFAULT 0 NOT NULL,
    to_order boolean DEFAULT true NOT NULL,
    available integer GENERATED ALWAYS AS (
CASE
    WHEN ((gone_at IS NOT NULL) OR (NOT to_order)) THEN 0
    ELSE (LEAST((2147483647)::bigint,
        GREATEST((0)::bigint, ((((stock)::bigint - out_of_reach) - promised) - kept_back))))::integer
END) STORED NOT NULL,
    CONSTRAINT supplier_variants_supplier_item_id_external_id_unique UNIQUE (supplier_item_id, external_id),
    CONSTRAINT supplier_variants_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE CASCADE
);
CREATE INDEX supplier_variants_barcode_index ON supplier_variants (barcode);
CREATE INDEX supplier_variants_promised ON supplier_variants (supplier_item_id) WHERE (promised <> 0);
CREATE INDEX supplier_variants_sku ON supplier_variants (lower((sku)::text) text_pattern_ops);
CREATE TRIGGER fill_stall BEFORE INSERT ON supplier_variants
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('supplier_items', 'supplier_item_id');
CREATE POLICY one_stall ON supplier_variants USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_variants ENABLE ROW LEVEL SECURITY;

CREATE TABLE supplier_words (
    id bigserial PRIMARY KEY,
    supplier_item_id bigint NOT NULL,
    content_hash char(32) NOT NULL,
    said json NOT NULL,
    said_at timestamp(0) NOT NULL,
    stall_id bigint NOT NULL,
    CONSTRAINT supplier_words_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE CASCADE
);
CREATE INDEX supplier_words_said_at_index ON supplier_words (said_at);
CREATE INDEX supplier_words_supplier_item_id_id_index ON supplier_words (supplier_item_id, id);
CREATE TRIGGER fill_stall BEFORE INSERT ON supplier_words
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('supplier_items', 'supplier_item_id');
CREATE POLICY one_stall ON supplier_words USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_words ENABLE ROW LEVEL SECURITY;

-- What a stall asks its suppliers for besides what they list: what was written, what they offered, what came of it.
CREATE TABLE supplier_offers (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    supplier_request_id bigint NOT NULL,
    external_id varchar(80) NOT NULL,
    cost_minor bigint NOT NULL,
    once_minor bigint NOT NULL,
    currency char(3) NOT NULL,
    pieces integer NOT NULL,
    days smallint NOT NULL,
    words varchar(600) NOT NULL,
    state varchar(9) NOT NULL,
    wanted_at timestamp(0),
    item varchar(60),
    "order" varchar(60),
    order_stands varchar(200) DEFAULT '' NOT NULL,
    at timestamp(0) NOT NULL,
    CONSTRAINT supplier_offers_supplier_request_id_external_id_unique UNIQUE (supplier_request_id, external_id),
    CONSTRAINT supplier_offers_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX supplier_offers_stall_id_index ON supplier_offers (stall_id);
CREATE POLICY one_stall ON supplier_offers USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_offers ENABLE ROW LEVEL SECURITY;

-- Baskets, orders, and what each supplier has to send for them.
CREATE TABLE supplier_events (
    connection_id bigint NOT NULL,
    event_id varchar(80) NOT NULL,
    kind varchar(40) NOT NULL,
    received_at timestamp(0) NOT NULL,
    stall_id bigint NOT NULL,
    PRIMARY KEY (connection_id, event_id),
    CONSTRAINT supplier_events_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE
);
CREATE INDEX supplier_events_received_at_index ON supplier_events (received_at);
CREATE TRIGGER fill_stall BEFORE INSERT ON supplier_events
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('supplier_connections', 'connection_id');
CREATE POLICY one_stall ON supplier_events USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_events ENABLE ROW LEVEL SECURITY;

CREATE TABLE delivery_quotes (
    connection_id bigint NOT NULL,
    warehouse char(2) NOT NULL,
    destination char(2) NOT NULL,
    grams integer NOT NULL,
    methods jsonb NOT NULL,
    quoted_at timestamp(0) NOT NULL,
    stall_id bigint NOT NULL,
    PRIMARY KEY (connection_id, warehouse, destination, grams),
    CONSTRAINT delivery_quotes_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE
);
CREATE TRIGGER fill_stall BEFORE INSERT ON delivery_quotes
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('supplier_connections', 'connection_id');
ALTER TABLE delivery_quotes ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON delivery_quotes USING (stall_id = (SELECT current_stall()));

-- People, stalls, who works in which, and what a stall's sales bear. Amounts are minor units of the stall's
-- currency.
CREATE TABLE exchange_rates (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    "from" char(3) NOT NULL,
    rate numeric(18,8) NOT NULL,
    cushion_bp integer DEFAULT 200 NOT NULL,
    day date NOT NULL,
    typed boolean DEFAULT true NOT NULL,
    CONSTRAINT exchange_rates_stall_id_from_unique UNIQUE (stall_id, "from"),
    CONSTRAINT exchange_rates_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
ALTER TABLE exchange_rates ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON exchange_rates USING (stall_id = (SELECT current_stall()));

-- Finding goods: what an item costs landed, market by market; the words that titles are made of, for forgiving
-- typos; searches worth keeping.
CREATE TABLE item_landings (
    supplier_item_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    landed_minor bigint,
    goods_minor bigint,
    delivery_minor bigint,
    stock bigint NOT NULL,
    variants integer NOT NULL,
    rating smallint,
    days_min smallint,
    days_max smallint,
    market char(2) NOT NULL,
    warehouse char(2),
    category varchar(120) NOT NULL,
    PRIMARY KEY (supplier_item_id, market),
    CONSTRAINT item_landings_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT item_landings_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT item_landings_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE CASCADE
);
CREATE INDEX item_landings_connection_id_index ON item_landings (connection_id);
CREATE INDEX item_landings_stall_id_market_index ON item_landings (stall_id, market);
ALTER TABLE item_landings ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON item_landings USING (stall_id = (SELECT current_stall()));

-- Pricing: what every sale costs, recipes, a price list for each market, what was asked when, and trials.
CREATE TABLE variant_landings (
    supplier_variant_id bigint NOT NULL,
    market char(2) NOT NULL,
    first_minor bigint NOT NULL,
    further_minor bigint NOT NULL,
    days_min smallint NOT NULL,
    days_max smallint NOT NULL,
    warehouse char(2) NOT NULL,
    method varchar(40) NOT NULL,
    stall_id bigint NOT NULL,
    PRIMARY KEY (supplier_variant_id, market),
    CONSTRAINT variant_landings_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE CASCADE
);
CREATE TRIGGER fill_stall BEFORE INSERT ON variant_landings
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('supplier_variants', 'supplier_variant_id');
CREATE POLICY one_stall ON variant_landings USING (stall_id = (SELECT current_stall()));
ALTER TABLE variant_landings ENABLE ROW LEVEL SECURITY;

CREATE TABLE saved_searches (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    name varchar(60) NOT NULL,
    query jsonb NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT saved_searches_stall_id_name_unique UNIQUE (stall_id, name),
    CONSTRAINT saved_searches_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON saved_searches USING (stall_id = (SELECT current_stall()));
ALTER TABLE saved_searches ENABLE ROW LEVEL SECURITY;

CREATE TABLE search_words (
    stall_id bigint NOT NULL,
    word varchar(60) NOT NULL,
    items integer NOT NULL,
    PRIMARY KEY (stall_id, word),
    CONSTRAINT search_words_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX search_words_alike ON search_words USING gin (word gin_trgm_ops);
CREATE POLICY one_stall ON search_words USING (stall_id = (SELECT current_stall()));
ALTER TABLE search_words ENABLE ROW LEVEL SECURITY;

-- What shoppers search by: the words goods are called by, words that mean the same, and what was looked for.
CREATE TABLE synonyms (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    word varchar(60) NOT NULL,
    means varchar(60) NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT synonyms_stall_id_word_means_unique UNIQUE (stall_id, word, means),
    CONSTRAINT synonyms_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON synonyms USING (stall_id = (SELECT current_stall()));
ALTER TABLE synonyms ENABLE ROW LEVEL SECURITY;

-- Pulls are judged before anything of them is used; those in which something is amiss are kept for a person.
CREATE TABLE set_aside_items (
    stall_id bigint NOT NULL,
    run_id bigint NOT NULL,
    external_id varchar(80) NOT NULL,
    said text,
    PRIMARY KEY (run_id, external_id),
    CONSTRAINT set_aside_items_run_id_foreign FOREIGN KEY (run_id) REFERENCES runs(id) ON DELETE CASCADE,
    CONSTRAINT set_aside_items_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX set_aside_items_stall_id_index ON set_aside_items (stall_id);
CREATE POLICY one_stall ON set_aside_items USING (stall_id = (SELECT current_stall()));
ALTER TABLE set_aside_items ENABLE ROW LEVEL SECURITY;

-- What was read already is known by its bytes, and what was said anew and isn't worked in yet is marked.
CREATE TABLE unsettled_items (
    supplier_item_id bigint PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    renamed boolean NOT NULL,
    CONSTRAINT unsettled_items_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT unsettled_items_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT unsettled_items_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE CASCADE
);
CREATE INDEX unsettled_items_connection_id_index ON unsettled_items (connection_id);
CREATE INDEX unsettled_items_stall_id_index ON unsettled_items (stall_id);
CREATE POLICY one_stall ON unsettled_items USING (stall_id = (SELECT current_stall()));
ALTER TABLE unsettled_items ENABLE ROW LEVEL SECURITY;

-- On what terms suppliers take orders: how they are paid, how much one may hold, what is laid in, what was bought
-- ahead.
CREATE TABLE bought_ahead (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    supplier_variant_id bigint NOT NULL,
    pieces integer NOT NULL,
    "left" integer NOT NULL,
    cost_minor bigint NOT NULL,
    currency char(3) NOT NULL,
    CONSTRAINT bought_ahead_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT bought_ahead_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT bought_ahead_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE CASCADE
);
CREATE INDEX bought_ahead_connection_id_index ON bought_ahead (connection_id);
CREATE INDEX bought_ahead_stall_id_supplier_variant_id_index ON bought_ahead (stall_id, supplier_variant_id);
CREATE INDEX bought_ahead_supplier_variant_id_index ON bought_ahead (supplier_variant_id);
ALTER TABLE bought_ahead ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON bought_ahead USING (stall_id = (SELECT current_stall()));

CREATE FUNCTION analyse_finding() RETURNS void
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
BEGIN
    ANALYZE item_landings;
    ANALYZE supplier_items;
END
$$;

CREATE FUNCTION connections_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, next_pull_at AS due
FROM supplier_connections AS connection
WHERE paused_at IS NULL
  AND disconnected_at IS NULL
  AND (
      next_pull_at <= at
      OR next_pull_at IS NULL
      AND pulled_at IS NOT NULL
      AND schedule <> 'by_hand'
      AND NOT EXISTS (
          SELECT 1 FROM runs WHERE runs.connection_id = connection.id AND runs.state IN ('waiting', 'running')
      )
  )) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

-- A supplier sends the news of one account to one address, however many stalls it serves: whose account a
-- connection is of is known, and when its news came and was missed.
CREATE FUNCTION connections_of_account(known_as uuid) RETURNS TABLE(stall bigint, connection bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM supplier_connections
    WHERE (account = known_as OR (account IS NULL AND public_id = known_as))
      AND disconnected_at IS NULL
    ORDER BY id
$$;

CREATE FUNCTION items_called(english text, prefix text) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER PARALLEL SAFE
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT id FROM supplier_items
WHERE stall_id = (SELECT current_stall())
  AND (search @@ websearch_to_tsquery('english', english) OR (prefix <> ''
      AND search @@ to_tsquery('simple', prefix))) $$;

CREATE FUNCTION items_titled(pattern text) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER PARALLEL SAFE
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT id FROM supplier_items WHERE stall_id = (SELECT current_stall()) AND title ILIKE pattern $$;

CREATE FUNCTION moving_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, moving_next_at AS due
FROM supplier_connections
WHERE moving_next_at <= at
  AND disconnected_at IS NULL
  AND paused_at IS NULL) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION stall_of_connection(known_as uuid) RETURNS bigint
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$SELECT stall_id FROM supplier_connections WHERE public_id = known_as$$;

CREATE FUNCTION supplier_accounts_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, account_next_at AS due,
               row_number() OVER (PARTITION BY stall_id ORDER BY account_next_at, id) AS turn
        FROM supplier_connections
        WHERE account_next_at <= at
          AND disconnected_at IS NULL
    ) AS in_turn
    ORDER BY turn, due, id
    LIMIT most
$$;

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_supplier_events(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM supplier_events
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM supplier_events AS old
        WHERE old.received_at < kept_since
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;

CREATE FUNCTION variants_coded(prefix text, beyond text) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER PARALLEL SAFE
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT id FROM supplier_variants
WHERE stall_id = (SELECT current_stall()) AND lower(sku) ~>=~ prefix AND lower(sku) ~<~ beyond $$;
