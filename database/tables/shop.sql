-- Baskets, orders, and what each supplier has to send for them.
CREATE TABLE baskets (
    id uuid PRIMARY KEY,
    stall_id bigint NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    country char(2),
    part varchar(6),
    postcode varchar(20),
    way smallint,
    codes jsonb DEFAULT '[]' NOT NULL,
    link varchar(32),
    CONSTRAINT baskets_link_unique UNIQUE (link),
    CONSTRAINT baskets_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX baskets_stall_id ON baskets (stall_id);
CREATE INDEX baskets_updated_at_index ON baskets (updated_at);
ALTER TABLE baskets ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON baskets USING (stall_id = (SELECT current_stall()));

CREATE TABLE basket_lines (
    id bigserial PRIMARY KEY,
    basket_id uuid NOT NULL,
    listing_variant_id bigint NOT NULL,
    quantity integer NOT NULL,
    stall_id bigint NOT NULL,
    seen_minor bigint,
    seen_days varchar(40),
    seen_currency char(3),
    CONSTRAINT basket_lines_basket_id_listing_variant_id_unique UNIQUE (basket_id, listing_variant_id),
    CONSTRAINT basket_lines_basket_id_foreign FOREIGN KEY (basket_id) REFERENCES baskets(id) ON DELETE CASCADE,
    CONSTRAINT basket_lines_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE CASCADE
);
CREATE INDEX basket_lines_listing_variant_id ON basket_lines (listing_variant_id);
CREATE TRIGGER fill_stall BEFORE INSERT ON basket_lines
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('baskets', 'basket_id');
ALTER TABLE basket_lines ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON basket_lines USING (stall_id = (SELECT current_stall()));

-- Baskets whose shoppers went as far as the payment and no further: each is reminded of once, where its shopper
-- agreed to mail.
CREATE TABLE basket_reminders (
    basket_id uuid PRIMARY KEY,
    stall_id bigint NOT NULL,
    order_id bigint NOT NULL,
    email varchar(190) NOT NULL,
    sent_at timestamp(0) NOT NULL,
    CONSTRAINT basket_reminders_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX basket_reminders_order_id_index ON basket_reminders (order_id);
CREATE INDEX basket_reminders_stall_id_sent_at_index ON basket_reminders (stall_id, sent_at);
ALTER TABLE basket_reminders ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON basket_reminders USING (stall_id = (SELECT current_stall()));

-- What shoppers search by: the words goods are called by, words that mean the same, and what was looked for.
CREATE TABLE shop_searches (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    words varchar(80) NOT NULL,
    times integer NOT NULL,
    found integer NOT NULL,
    last_at timestamp(0) NOT NULL,
    waved boolean DEFAULT false NOT NULL,
    CONSTRAINT shop_searches_stall_id_words_unique UNIQUE (stall_id, words),
    CONSTRAINT shop_searches_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX shop_searches_stall_id_found_times_index ON shop_searches (stall_id, found, times);
CREATE POLICY one_stall ON shop_searches USING (stall_id = (SELECT current_stall()));
ALTER TABLE shop_searches ENABLE ROW LEVEL SECURITY;

-- What dressing a window needs besides the working copy: what was saved and by whom, versions with names and days
-- to come, addresses for others to look at it, looks that are kept, and the addresses shoppers leave.
CREATE TABLE sign_ups (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    email varchar(200) NOT NULL,
    consent varchar(200) NOT NULL,
    source varchar(60) NOT NULL,
    agreed_at timestamp(0) NOT NULL,
    CONSTRAINT sign_ups_stall_id_email_unique UNIQUE (stall_id, email),
    CONSTRAINT sign_ups_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON sign_ups USING (stall_id = (SELECT current_stall()));
ALTER TABLE sign_ups ENABLE ROW LEVEL SECURITY;
