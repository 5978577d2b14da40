-- Baskets, orders, and what each supplier has to send for them.
CREATE TABLE orders (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    number integer NOT NULL,
    token varchar(43) NOT NULL,
    basket_id uuid NOT NULL,
    basket_hash varchar(64) NOT NULL,
    state varchar(20) NOT NULL,
    email varchar(190) NOT NULL,
    name varchar(120) NOT NULL,
    street varchar(200) NOT NULL,
    town varchar(120) NOT NULL,
    postcode varchar(20) NOT NULL,
    country char(2) NOT NULL,
    currency char(3) NOT NULL,
    goods_minor bigint NOT NULL,
    delivery_minor bigint NOT NULL,
    tax_minor bigint NOT NULL,
    total_minor bigint NOT NULL,
    tax_bp integer NOT NULL,
    fee_bp integer NOT NULL,
    fee_fixed_minor bigint NOT NULL,
    payment_id varchar(60),
    payment_trouble text,
    paid_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    tax_on_top boolean DEFAULT false NOT NULL,
    platform_bp integer DEFAULT 0 NOT NULL,
    returns_bp integer DEFAULT 0 NOT NULL,
    advertising_minor bigint DEFAULT 0 NOT NULL,
    duty_minor bigint DEFAULT 0 NOT NULL,
    handling_minor bigint DEFAULT 0 NOT NULL,
    settling_until timestamp(0),
    reserved_until timestamp(0),
    awaited_since timestamp(0),
    pay_at varchar(600),
    policies jsonb DEFAULT '{}' NOT NULL,
    way varchar(80) DEFAULT '' NOT NULL,
    part varchar(6) DEFAULT '' NOT NULL,
    discount_minor bigint DEFAULT 0 NOT NULL,
    home_currency char(3) NOT NULL,
    rate numeric(20,10) DEFAULT '1'::numeric NOT NULL,
    pay_method varchar(12) DEFAULT 'card' NOT NULL,
    pay_live boolean DEFAULT false NOT NULL,
    pending_since timestamp(0),
    disputed_at timestamp(0),
    taxes jsonb DEFAULT '[]' NOT NULL,
    company varchar(120) DEFAULT '' NOT NULL,
    tax_number varchar(20) DEFAULT '' NOT NULL,
    reverse_charge boolean DEFAULT false NOT NULL,
    language varchar(2) DEFAULT 'en' NOT NULL,
    payment_trouble_name varchar(255),
    phone varchar(40) DEFAULT '' NOT NULL,
    collected varchar(160) DEFAULT '' NOT NULL,
    wallet varchar(80) DEFAULT '' NOT NULL,
    shared json,
    sought text GENERATED ALWAYS AS
        (lower(
            (((((((((name)::text || ' ') || (email)::text) || ' ')
            || (town)::text) || ' ') || (postcode)::text) || ' ')
            || replace((postcode)::text, ' ', '')))) STORED,
    held_at timestamp(0),
    doubts json DEFAULT '[]' NOT NULL,
    exchange_of bigint,
    whose text GENERATED ALWAYS AS (lower((email)::text)) STORED,
    CONSTRAINT orders_payment_id_unique UNIQUE (payment_id),
    CONSTRAINT orders_stall_id_number_unique UNIQUE (stall_id, number),
    CONSTRAINT orders_token_unique UNIQUE (token),
    CONSTRAINT orders_exchange_of_foreign FOREIGN KEY (exchange_of) REFERENCES orders(id) ON DELETE SET NULL,
    CONSTRAINT orders_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX orders_basket_id_basket_hash_index ON orders (basket_id, basket_hash);
CREATE INDEX orders_disputed ON orders (stall_id) WHERE (disputed_at IS NOT NULL);
CREATE INDEX orders_exchange_of_index ON orders (exchange_of);
CREATE INDEX orders_held ON orders (stall_id) WHERE (held_at IS NOT NULL);
CREATE INDEX orders_last_paid ON orders (stall_id, paid_at DESC, id DESC) WHERE (paid_at IS NOT NULL);
CREATE INDEX orders_latest ON orders (stall_id, id DESC);
CREATE INDEX orders_left ON orders (created_at)
    WHERE ((state)::text = ANY ((ARRAY['awaiting_payment', 'payment_lapsed'])::text[]));
CREATE INDEX orders_name_words ON orders USING gin (name gin_trgm_ops, email gin_trgm_ops);
CREATE INDEX orders_of_customer ON orders (stall_id, lower((email)::text));
CREATE INDEX orders_paid ON orders (stall_id, paid_at) WHERE ((state)::text = 'paid');
CREATE INDEX orders_refund_waits ON orders (stall_id) WHERE (payment_trouble = 'refund_waits');
CREATE INDEX orders_reserved ON orders (reserved_until) WHERE (reserved_until IS NOT NULL);
CREATE INDEX orders_sought ON orders USING gin (sought gin_trgm_ops) WITH (fastupdate=off);
CREATE INDEX orders_stall_id_state_id_index ON orders (stall_id, state, id);
CREATE INDEX orders_to_settle ON orders (updated_at)
    WHERE ((state)::text = ANY ((ARRAY['awaiting_payment', 'refunding'])::text[]));
CREATE INDEX orders_whose ON orders (stall_id, whose);
CREATE POLICY one_stall ON orders USING (stall_id = (SELECT current_stall()));
ALTER TABLE orders ENABLE ROW LEVEL SECURITY;
ALTER TABLE basket_reminders
    ADD CONSTRAINT basket_reminders_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE;

-- Suppliers that take their orders by mail: one table a day at a set hour, and what they answer.
CREATE TABLE order_batches (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    day date NOT NULL,
    sheet text NOT NULL,
    orders integer NOT NULL,
    made_at timestamp(0) NOT NULL,
    CONSTRAINT order_batches_connection_id_day_unique UNIQUE (connection_id, day),
    CONSTRAINT order_batches_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT order_batches_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX order_batches_stall_id_index ON order_batches (stall_id);
CREATE POLICY one_stall ON order_batches USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_batches ENABLE ROW LEVEL SECURITY;

-- Codes and offers at the till, what they took off which orders, and codes for one use each.
CREATE TABLE order_codes (
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    code_id bigint,
    code varchar(40) NOT NULL,
    off_minor bigint NOT NULL,
    CONSTRAINT order_codes_order_id_code_id_unique UNIQUE (order_id, code_id),
    CONSTRAINT order_codes_code_id_foreign FOREIGN KEY (code_id) REFERENCES codes(id) ON DELETE SET NULL,
    CONSTRAINT order_codes_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT order_codes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX order_codes_code_id_index ON order_codes (code_id);
CREATE INDEX order_codes_stall_id_index ON order_codes (stall_id);
CREATE POLICY one_stall ON order_codes USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_codes ENABLE ROW LEVEL SECURITY;

-- What shoppers were mailed about their orders: of each kind one for an order, or for each of its parcels.
CREATE TABLE order_mails (
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    kind varchar(12) NOT NULL,
    of bigint DEFAULT 0 NOT NULL,
    told_at timestamp(0) NOT NULL,
    failed_at timestamp(0),
    trouble varchar(300) DEFAULT '' NOT NULL,
    PRIMARY KEY (order_id, kind, of),
    CONSTRAINT order_mails_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT order_mails_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX order_mails_failed ON order_mails (stall_id) WHERE (failed_at IS NOT NULL);
CREATE INDEX order_mails_stall_id_index ON order_mails (stall_id);
CREATE POLICY one_stall ON order_mails USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_mails ENABLE ROW LEVEL SECURITY;

-- Which pages of a shop went stale is written with what changed it, and how far its pages are turned stands apart
-- from the stall's settings, as does its next order number: neither waits for whoever changes those.
CREATE TABLE order_numbers (
    stall_id bigint PRIMARY KEY,
    next integer DEFAULT 1001 NOT NULL,
    CONSTRAINT order_numbers_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON order_numbers USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_numbers ENABLE ROW LEVEL SECURITY;

-- Orders are found by name, mail, place and postcode among very many; some are held until a person has looked.
CREATE TABLE order_searches (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    name varchar(60) NOT NULL,
    query json NOT NULL,
    CONSTRAINT order_searches_stall_id_name_unique UNIQUE (stall_id, name),
    CONSTRAINT order_searches_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON order_searches USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_searches ENABLE ROW LEVEL SECURITY;

-- Invoices and credit notes, numbered without gaps for each stall and year, with what they said when they were
-- written.
CREATE TABLE paper_numbers (
    stall_id bigint NOT NULL,
    kind varchar(8) NOT NULL,
    year smallint NOT NULL,
    last integer NOT NULL,
    PRIMARY KEY (stall_id, kind, year),
    CONSTRAINT paper_numbers_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON paper_numbers USING (stall_id = (SELECT current_stall()));
ALTER TABLE paper_numbers ENABLE ROW LEVEL SECURITY;

-- How a stall is paid: its account with the payment service, tried out or for real, and by which methods. An order
-- knows by which it is paid, whether for real, and whether its money is under way or disputed.
CREATE TABLE payment_connections (
    stall_id bigint PRIMARY KEY,
    public_id uuid NOT NULL,
    live boolean DEFAULT false NOT NULL,
    keys text,
    methods jsonb DEFAULT '[]' NOT NULL,
    heard_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT payment_connections_public_id_unique UNIQUE (public_id),
    CONSTRAINT payment_connections_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON payment_connections USING (stall_id = (SELECT current_stall()));
ALTER TABLE payment_connections ENABLE ROW LEVEL SECURITY;

-- What a seller notes of people, by their mail address; and all of somebody's orders found at once.
CREATE TABLE people_notes (
    stall_id bigint NOT NULL,
    email varchar(190) NOT NULL,
    words text NOT NULL,
    said_at timestamp(0) NOT NULL,
    PRIMARY KEY (stall_id, email),
    CONSTRAINT people_notes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON people_notes USING (stall_id = (SELECT current_stall()));
ALTER TABLE people_notes ENABLE ROW LEVEL SECURITY;

-- Money given back in parts: each refund with what it is of, who bears it, and its own credit note; and what an
-- order was expected to cost beside what its suppliers charged.
CREATE TABLE refunds (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    key varchar(40) NOT NULL,
    pieces json NOT NULL,
    figures json,
    total_minor bigint NOT NULL,
    tax_minor bigint NOT NULL,
    bears varchar(10) NOT NULL,
    borne_minor bigint DEFAULT 0 NOT NULL,
    why varchar(300) DEFAULT '' NOT NULL,
    user_id bigint,
    asked_at timestamp(0) NOT NULL,
    tries smallint DEFAULT 0 NOT NULL,
    next_try_at timestamp(0) NOT NULL,
    done_at timestamp(0),
    credited boolean DEFAULT false NOT NULL,
    CONSTRAINT refunds_order_id_key_unique UNIQUE (order_id, key),
    CONSTRAINT refunds_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT refunds_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT refunds_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE SET NULL
);
CREATE INDEX refunds_stall_id_index ON refunds (stall_id);
CREATE INDEX refunds_to_give ON refunds (next_try_at) WHERE (done_at IS NULL);
CREATE INDEX refunds_user_id_index ON refunds (user_id);
CREATE POLICY one_stall ON refunds USING (stall_id = (SELECT current_stall()));
ALTER TABLE refunds ENABLE ROW LEVEL SECURITY;

CREATE TABLE order_papers (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    kind varchar(8) NOT NULL,
    year smallint NOT NULL,
    number integer NOT NULL,
    said json NOT NULL,
    issued_at timestamp(0) NOT NULL,
    refund_id bigint,
    CONSTRAINT order_papers_order_id_kind_refund_id_unique UNIQUE NULLS NOT DISTINCT (order_id, kind, refund_id),
    CONSTRAINT order_papers_stall_id_kind_year_number_unique UNIQUE (stall_id, kind, year, number),
    CONSTRAINT order_papers_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE RESTRICT,
    CONSTRAINT order_papers_refund_id_foreign FOREIGN KEY (refund_id) REFERENCES refunds(id) ON DELETE RESTRICT,
    CONSTRAINT order_papers_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX order_papers_refund_id_index ON order_papers (refund_id);
CREATE POLICY one_stall ON order_papers USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_papers ENABLE ROW LEVEL SECURITY;

-- What shoppers ask to send back, what they were answered, and what became of it.
-- A return may be answered with other pieces: an order of its own, paid by what is credited for what comes back.
CREATE TABLE order_returns (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    pieces json NOT NULL,
    reason varchar(12) NOT NULL,
    words varchar(1000) DEFAULT '' NOT NULL,
    picture varchar(120),
    state varchar(12) NOT NULL,
    "to" varchar(400) DEFAULT '' NOT NULL,
    answer varchar(1000) DEFAULT '' NOT NULL,
    refund_id bigint,
    asked_at timestamp(0) NOT NULL,
    answered_at timestamp(0),
    settled_at timestamp(0),
    instead json DEFAULT '{}' NOT NULL,
    exchange_id bigint,
    CONSTRAINT order_returns_exchange_id_foreign FOREIGN KEY (exchange_id) REFERENCES orders(id) ON DELETE SET NULL,
    CONSTRAINT order_returns_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT order_returns_refund_id_foreign FOREIGN KEY (refund_id) REFERENCES refunds(id) ON DELETE SET NULL,
    CONSTRAINT order_returns_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX order_returns_exchange_id_index ON order_returns (exchange_id);
CREATE INDEX order_returns_order_id_index ON order_returns (order_id);
CREATE INDEX order_returns_refund_id_index ON order_returns (refund_id);
CREATE INDEX order_returns_stall_id_state_index ON order_returns (stall_id, state);
CREATE POLICY one_stall ON order_returns USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_returns ENABLE ROW LEVEL SECURITY;

-- How a stall has its orders shared out over suppliers, and why each went where it did.
CREATE TABLE supplier_orders (
    id bigserial PRIMARY KEY,
    order_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    idempotency_key uuid NOT NULL,
    state varchar(12) NOT NULL,
    external_id varchar(80),
    goods_minor bigint NOT NULL,
    delivery_minor bigint NOT NULL,
    cost_confirmed boolean DEFAULT false NOT NULL,
    carrier varchar(60),
    tracking varchar(60),
    refusal text,
    trouble text,
    tries integer DEFAULT 0 NOT NULL,
    next_try_at timestamp(0),
    asked_at timestamp(0),
    sent_at timestamp(0),
    accepted_at timestamp(0),
    posted_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    stall_id bigint NOT NULL,
    sending_until timestamp(0),
    unsure boolean DEFAULT false NOT NULL,
    expected_goods_minor bigint,
    expected_delivery_minor bigint,
    extras_minor bigint DEFAULT 0 NOT NULL,
    expected_extras_minor bigint DEFAULT 0 NOT NULL,
    settled_at timestamp(0),
    CONSTRAINT supplier_orders_idempotency_key_unique UNIQUE (idempotency_key),
    CONSTRAINT supplier_orders_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE RESTRICT,
    CONSTRAINT supplier_orders_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE
);
CREATE INDEX supplier_orders_connection_id ON supplier_orders (connection_id);
CREATE INDEX supplier_orders_connection_id_sent_at_index ON supplier_orders (connection_id, sent_at);
CREATE INDEX supplier_orders_open ON supplier_orders (stall_id, id DESC)
    WHERE ((state)::text = ANY ((ARRAY['to_send', 'sent', 'accepted', 'refused'])::text[]));
CREATE INDEX supplier_orders_order_id_index ON supplier_orders (order_id);
CREATE INDEX supplier_orders_state_id_index ON supplier_orders (state, id);
CREATE INDEX supplier_orders_to_ask ON supplier_orders (asked_at)
    WHERE ((state)::text = ANY ((ARRAY['sent', 'accepted'])::text[]));
CREATE TRIGGER fill_stall BEFORE INSERT ON supplier_orders
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('orders', 'order_id');
CREATE POLICY one_stall ON supplier_orders USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_orders ENABLE ROW LEVEL SECURITY;

CREATE TABLE order_lines (
    id bigserial PRIMARY KEY,
    order_id bigint NOT NULL,
    supplier_order_id bigint,
    listing_variant_id bigint,
    supplier_variant_id bigint NOT NULL,
    title varchar(400) NOT NULL,
    label varchar(300) NOT NULL,
    picture varchar(200),
    quantity integer NOT NULL,
    unit_minor bigint NOT NULL,
    total_minor bigint,
    stall_id bigint NOT NULL,
    promised_from date,
    promised_to date,
    discount_minor bigint DEFAULT 0 NOT NULL,
    tax_rate integer,
    withdrawn integer DEFAULT 0 NOT NULL,
    warehouse char(2),
    placing_id bigint,
    placing_revision integer,
    CONSTRAINT order_lines_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE SET NULL,
    CONSTRAINT order_lines_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT order_lines_supplier_order_id_foreign
        FOREIGN KEY (supplier_order_id) REFERENCES supplier_orders(id) ON DELETE SET NULL,
    CONSTRAINT order_lines_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE RESTRICT
);
CREATE INDEX order_lines_listing_variant_id ON order_lines (listing_variant_id);
CREATE INDEX order_lines_order_id ON order_lines (order_id);
CREATE INDEX order_lines_supplier_order_id ON order_lines (supplier_order_id);
CREATE INDEX order_lines_supplier_variant_id ON order_lines (supplier_variant_id);
CREATE TRIGGER fill_stall BEFORE INSERT ON order_lines
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('orders', 'order_id');
CREATE POLICY one_stall ON order_lines USING (stall_id = (SELECT current_stall()));
ALTER TABLE order_lines ENABLE ROW LEVEL SECURITY;

-- Each parcel of an order, followed by what its carrier tells until it is there.
CREATE TABLE parcels (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    supplier_order_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    country char(2) NOT NULL,
    number smallint NOT NULL,
    pieces json NOT NULL,
    carrier varchar(60) NOT NULL,
    tracking varchar(60),
    promised_to date,
    posted_at timestamp(0) NOT NULL,
    stands varchar(12),
    place varchar(120) DEFAULT '' NOT NULL,
    moved_at timestamp(0) NOT NULL,
    there_at timestamp(0),
    asked_at timestamp(0),
    next_ask_at timestamp(0),
    CONSTRAINT parcels_order_id_number_unique UNIQUE (order_id, number),
    CONSTRAINT parcels_supplier_order_id_tracking_unique UNIQUE NULLS NOT DISTINCT (supplier_order_id, tracking),
    CONSTRAINT parcels_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT parcels_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE CASCADE,
    CONSTRAINT parcels_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT parcels_supplier_order_id_foreign
        FOREIGN KEY (supplier_order_id) REFERENCES supplier_orders(id) ON DELETE CASCADE
);
CREATE INDEX parcels_connection_id_country_there_at_index ON parcels (connection_id, country, there_at);
CREATE INDEX parcels_there ON parcels (stall_id, there_at DESC) WHERE (there_at IS NOT NULL);
CREATE INDEX parcels_to_follow ON parcels (next_ask_at) WHERE (next_ask_at IS NOT NULL);
CREATE INDEX parcels_tracking ON parcels (stall_id, tracking);
CREATE INDEX parcels_under_way ON parcels (stall_id, promised_to) WHERE (there_at IS NULL);
CREATE POLICY one_stall ON parcels USING (stall_id = (SELECT current_stall()));
ALTER TABLE parcels ENABLE ROW LEVEL SECURITY;

CREATE TABLE parcel_events (
    stall_id bigint NOT NULL,
    parcel_id bigint NOT NULL,
    key varchar(80) NOT NULL,
    kind varchar(12) NOT NULL,
    place varchar(120) NOT NULL,
    at timestamp(0) NOT NULL,
    PRIMARY KEY (parcel_id, key),
    CONSTRAINT parcel_events_parcel_id_foreign FOREIGN KEY (parcel_id) REFERENCES parcels(id) ON DELETE CASCADE,
    CONSTRAINT parcel_events_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX parcel_events_stall_id_index ON parcel_events (stall_id);
CREATE POLICY one_stall ON parcel_events USING (stall_id = (SELECT current_stall()));
ALTER TABLE parcel_events ENABLE ROW LEVEL SECURITY;

-- What a stall asks its suppliers for besides what they list: what was written, what they offered, what came of it.
CREATE TABLE supplier_requests (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    key uuid NOT NULL,
    kind varchar(8) NOT NULL,
    supplier_item_id bigint,
    supplier_variant_id bigint,
    pieces integer,
    wished_minor bigint,
    told_minor bigint,
    told_currency char(3),
    words text NOT NULL,
    link varchar(300),
    picture varchar(200),
    state varchar(8) NOT NULL,
    external_id varchar(80),
    trouble varchar(500),
    asking_until timestamp(0),
    next_ask_at timestamp(0),
    read_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT supplier_requests_stall_id_key_unique UNIQUE (stall_id, key),
    CONSTRAINT supplier_requests_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT supplier_requests_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT supplier_requests_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE SET NULL,
    CONSTRAINT supplier_requests_supplier_variant_id_foreign
        FOREIGN KEY (supplier_variant_id) REFERENCES supplier_variants(id) ON DELETE SET NULL
);
CREATE INDEX supplier_requests_connection_id_index ON supplier_requests (connection_id);
CREATE INDEX supplier_requests_due ON supplier_requests (next_ask_at) WHERE (next_ask_at IS NOT NULL);
CREATE INDEX supplier_requests_stall_id_updated_at_index ON supplier_requests (stall_id, updated_at);
CREATE INDEX supplier_requests_supplier_item_id_index ON supplier_requests (supplier_item_id);
CREATE INDEX supplier_requests_supplier_variant_id_index ON supplier_requests (supplier_variant_id);
CREATE POLICY one_stall ON supplier_requests USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_requests ENABLE ROW LEVEL SECURITY;
ALTER TABLE supplier_offers
    ADD CONSTRAINT supplier_offers_supplier_request_id_foreign
        FOREIGN KEY (supplier_request_id) REFERENCES supplier_requests(id) ON DELETE CASCADE;

CREATE TABLE supplier_request_messages (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    supplier_request_id bigint NOT NULL,
    external_id varchar(80),
    key uuid,
    theirs boolean NOT NULL,
    words text NOT NULL,
    at timestamp(0) NOT NULL,
    sent_at timestamp(0),
    CONSTRAINT supplier_request_messages_supplier_request_id_external_id_uniqu
        UNIQUE (supplier_request_id, external_id),
    CONSTRAINT supplier_request_messages_supplier_request_id_key_unique UNIQUE (supplier_request_id, key),
    CONSTRAINT supplier_request_messages_stall_id_foreign
        FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT supplier_request_messages_supplier_request_id_foreign
        FOREIGN KEY (supplier_request_id) REFERENCES supplier_requests(id) ON DELETE CASCADE
);
CREATE INDEX supplier_request_messages_stall_id_index ON supplier_request_messages (stall_id);
CREATE POLICY one_stall ON supplier_request_messages USING (stall_id = (SELECT current_stall()));
ALTER TABLE supplier_request_messages ENABLE ROW LEVEL SECURITY;

-- What shoppers write to a stall on its page, with what is answered.
CREATE TABLE letters (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint,
    name varchar(120) NOT NULL,
    email varchar(200) NOT NULL,
    hash varchar(32) NOT NULL,
    open boolean DEFAULT true NOT NULL,
    last_at timestamp(0) NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    language varchar(2) DEFAULT 'en' NOT NULL,
    whose text GENERATED ALWAYS AS (lower((email)::text)) STORED,
    CONSTRAINT letters_order_id_foreign FOREIGN KEY (order_id) REFERENCES orders(id) ON DELETE SET NULL,
    CONSTRAINT letters_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX letters_order_id_index ON letters (order_id);
CREATE INDEX letters_stall_id_hash_index ON letters (stall_id, hash);
CREATE INDEX letters_stall_id_open_last_at_index ON letters (stall_id, open, last_at);
CREATE INDEX letters_whose ON letters (stall_id, whose);
ALTER TABLE letters ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON letters USING (stall_id = (SELECT current_stall()));

CREATE TABLE letter_lines (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    letter_id bigint NOT NULL,
    user_id bigint,
    ours boolean NOT NULL,
    words text NOT NULL,
    said_at timestamp(0) NOT NULL,
    CONSTRAINT letter_lines_letter_id_foreign FOREIGN KEY (letter_id) REFERENCES letters(id) ON DELETE CASCADE,
    CONSTRAINT letter_lines_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT letter_lines_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE SET NULL
);
CREATE INDEX letter_lines_letter_id_index ON letter_lines (letter_id);
CREATE INDEX letter_lines_stall_id_index ON letter_lines (stall_id);
CREATE INDEX letter_lines_user_id_index ON letter_lines (user_id);
ALTER TABLE letter_lines ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON letter_lines USING (stall_id = (SELECT current_stall()));

-- A seller's own words in letters, pieces of text for answers, mail that didn't arrive, and people who are the
-- same.
CREATE TABLE letter_words (
    stall_id bigint NOT NULL,
    kind varchar(12) NOT NULL,
    language char(2) NOT NULL,
    subject varchar(200) NOT NULL,
    words text NOT NULL,
    said_at timestamp(0) NOT NULL,
    PRIMARY KEY (stall_id, kind, language),
    CONSTRAINT letter_words_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
ALTER TABLE letter_words ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON letter_words USING (stall_id = (SELECT current_stall()));

CREATE FUNCTION order_answers_due(asked_before timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT connection.stall_id, connection.id
    FROM supplier_connections AS connection
    WHERE connection.orders_to IS NOT NULL
      AND connection.disconnected_at IS NULL
      AND (connection.answers_read_at IS NULL OR connection.answers_read_at < asked_before)
      AND EXISTS (
          SELECT 1 FROM supplier_orders AS sent
          WHERE sent.connection_id = connection.id AND sent.state IN ('sent', 'accepted')
      )
    ORDER BY connection.answers_read_at NULLS FIRST, connection.id
    LIMIT most
$$;

CREATE FUNCTION order_mails_due(at timestamptz, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT connection.stall_id, connection.id
    FROM supplier_connections AS connection
    JOIN stalls ON stalls.id = connection.stall_id
    CROSS JOIN LATERAL (SELECT at AT TIME ZONE stalls.zone AS clock) AS local
    WHERE connection.orders_to IS NOT NULL
      AND connection.disconnected_at IS NULL
      AND to_char(local.clock, 'HH24:MI') >= connection.orders_at
      AND NOT EXISTS (
          SELECT 1 FROM order_batches AS batch
          WHERE batch.connection_id = connection.id AND batch.day = local.clock::date
      )
      AND EXISTS (
          SELECT 1 FROM supplier_orders AS sent
          WHERE sent.connection_id = connection.id AND sent.state = 'to_send'
      )
    ORDER BY connection.id
    LIMIT most
$$;

CREATE FUNCTION orders_for(pattern text) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER PARALLEL SAFE
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT id FROM orders
        WHERE stall_id = (SELECT current_stall())
          AND (name ILIKE pattern OR email ILIKE pattern) $$;

-- Finds orders by some of their words with the index. Behind row-level security PostgreSQL must not use it for
-- LIKE, which isn't leakproof (https://www.postgresql.org/docs/15/rules-privileges.html); the function looks within
-- the stall only and says no more than which orders they are. The index is kept whole, without the list of what
-- came last that each search would read through.
CREATE FUNCTION orders_sought(words text, most integer) RETURNS SETOF bigint
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT id
    FROM orders
    WHERE stall_id = (SELECT current_stall())
      AND sought LIKE words
    LIMIT most
$$;

-- Money and supplier orders without locks: whoever settles something has it for a stated time (a lease), asks
-- outside with nothing locked, and writes what was said by statements that only fit the state it began with. And
-- the ways in which the sweeps, which belong to no stall, learn which rows of which stalls wait.
CREATE FUNCTION orders_to_settle(silent_since timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, updated_at AS due
FROM orders
WHERE state IN ('awaiting_payment')
  AND payment_id IS NOT NULL
  AND updated_at < silent_since) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION parcels_to_follow(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, next_ask_at AS due,
               row_number() OVER (PARTITION BY stall_id ORDER BY next_ask_at, id) AS turn
        FROM parcels
        WHERE next_ask_at <= at
    ) AS in_turn
    ORDER BY turn, due, id
    LIMIT most
$$;

CREATE FUNCTION payment_connection_of(known_as uuid) RETURNS bigint
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id FROM payment_connections WHERE public_id = known_as
$$;

CREATE FUNCTION refunds_to_give(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, next_try_at AS due
FROM refunds
WHERE done_at IS NULL
  AND next_try_at <= at) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION reminders_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT left_order.stall_id, left_order.id,
               row_number() OVER (PARTITION BY left_order.stall_id ORDER BY left_order.created_at) AS turn,
               left_order.created_at AS due
        FROM orders AS left_order
        JOIN stalls AS stall ON stall.id = left_order.stall_id AND stall.reminder_words IS NOT NULL
        WHERE left_order.state IN ('awaiting_payment', 'payment_lapsed')
          AND left_order.pending_since IS NULL
          AND left_order.created_at BETWEEN at - interval '3 days'
              AND at - make_interval(hours => stall.reminder_hours)
          AND EXISTS (
              SELECT 1
              FROM sign_ups
              WHERE sign_ups.stall_id = left_order.stall_id AND sign_ups.email = lower(left_order.email)
          )
          AND NOT EXISTS (
              SELECT 1 FROM basket_reminders AS told WHERE told.basket_id = left_order.basket_id
          )
          AND NOT EXISTS (
              SELECT 1
              FROM orders AS later
              WHERE later.stall_id = left_order.stall_id
                AND lower(later.email) = lower(left_order.email)
                AND (later.id > left_order.id OR later.paid_at > left_order.created_at)
          )
    ) AS in_turn
    ORDER BY turn, due
    LIMIT most
$$;

-- Orders whose pieces were taken aside for longer than that may last, and which nobody has in hand.
CREATE FUNCTION reservations_over(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, reserved_until AS due
FROM orders
WHERE reserved_until < at
  AND (settling_until IS NULL OR settling_until < at)) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION supplier_orders_to_ask(silent_since timestamp, most integer)
    RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, asked_at AS due
FROM supplier_orders
WHERE state IN ('sent', 'accepted')
  AND asked_at < silent_since) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION supplier_orders_to_send(at timestamp, made_before timestamp, most integer)
    RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, COALESCE(next_try_at, created_at) AS due
FROM supplier_orders
WHERE state = 'to_send'
  AND (next_try_at IS NULL OR next_try_at <= at)
  AND created_at < made_before
  AND (sending_until IS NULL OR sending_until < at)) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION supplier_requests_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, next_ask_at AS due,
               row_number() OVER (PARTITION BY stall_id ORDER BY next_ask_at, id) AS turn
        FROM supplier_requests
        WHERE next_ask_at <= at
    ) AS in_turn
    ORDER BY turn, due, id
    LIMIT most
$$;

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_baskets(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM baskets
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM baskets AS old
        WHERE old.updated_at < kept_since
AND NOT EXISTS (
    SELECT 1 FROM orders WHERE orders.basket_id = old.id AND orders.state = 'awaiting_payment'
)
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
