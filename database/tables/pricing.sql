-- Pricing: what every sale costs, recipes, a price list for each market, what was asked when, and trials.
CREATE TABLE price_recipes (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    name varchar(80) NOT NULL,
    "position" smallint NOT NULL,
    conditions jsonb DEFAULT '{}' NOT NULL,
    recipe jsonb NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT price_recipes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX price_recipes_stall_id_position_index ON price_recipes (stall_id, "position");
CREATE POLICY one_stall ON price_recipes USING (stall_id = (SELECT current_stall()));
ALTER TABLE price_recipes ENABLE ROW LEVEL SECURITY;

-- What may be sold, said once: whether a price is under its floor and which variant sells are columns, and the rule
-- made of them a function, as `Core\Bench\MayBeSold` has it.
CREATE TABLE prices (
    listing_variant_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    shown_minor bigint,
    price_minor bigint,
    recipe_minor bigint,
    goods_minor bigint,
    delivery_minor bigint,
    duty_minor bigint,
    handling_minor bigint,
    landed_minor bigint,
    keep_minor bigint,
    above_floor_minor bigint,
    since timestamp(6),
    recipe_id bigint,
    margin_bp integer,
    floor_over_cap boolean DEFAULT false NOT NULL,
    market char(2) NOT NULL,
    currency char(3) NOT NULL,
    priced_by varchar(10) NOT NULL,
    rate varchar(24),
    price_rate varchar(24),
    offered boolean DEFAULT true NOT NULL,
    under_floor boolean GENERATED ALWAYS AS
        (((COALESCE(above_floor_minor, (0)::bigint) < 0) OR (COALESCE(keep_minor, (0)::bigint) < 0))) STORED NOT NULL,
    PRIMARY KEY (listing_variant_id, market),
    CONSTRAINT prices_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE CASCADE,
    CONSTRAINT prices_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
) WITH (fillfactor='50');
CREATE INDEX prices_stall_id_market_listing_variant_id_index ON prices (stall_id, market, listing_variant_id);
CREATE INDEX prices_under_floor ON prices (stall_id, market) WHERE under_floor;
CREATE POLICY one_stall ON prices USING (stall_id = (SELECT current_stall()));
ALTER TABLE prices ENABLE ROW LEVEL SECURITY;

CREATE TABLE price_history (
    id bigserial PRIMARY KEY,
    listing_variant_id bigint NOT NULL,
    market char(2) NOT NULL,
    price_minor bigint NOT NULL,
    asked_at timestamp(6) NOT NULL,
    stall_id bigint NOT NULL,
    CONSTRAINT price_history_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE CASCADE
);
CREATE INDEX price_history_asked_at_index ON price_history (asked_at);
CREATE INDEX price_history_listing_variant_id_market_asked_at_index
    ON price_history (listing_variant_id, market, asked_at);
CREATE TRIGGER fill_stall BEFORE INSERT ON price_history
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('listing_variants', 'listing_variant_id');
CREATE POLICY one_stall ON price_history USING (stall_id = (SELECT current_stall()));
ALTER TABLE price_history ENABLE ROW LEVEL SECURITY;

CREATE TABLE pricing_changes (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    user_id bigint,
    words varchar(200) DEFAULT '' NOT NULL,
    changes jsonb DEFAULT '{}' NOT NULL,
    before jsonb,
    figures jsonb,
    applied_at timestamp(6),
    undone_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT pricing_changes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT pricing_changes_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE SET NULL
);
CREATE INDEX pricing_changes_stall_id_id_index ON pricing_changes (stall_id, id);
CREATE INDEX pricing_changes_user_id ON pricing_changes (user_id);
CREATE POLICY one_stall ON pricing_changes USING (stall_id = (SELECT current_stall()));
ALTER TABLE pricing_changes ENABLE ROW LEVEL SECURITY;

-- Rates of tax besides each market's standard one: for parts of countries and postcodes, for goods at reduced
-- rates, from a day on; which goods have which class; how a market's delivery is taxed and its tax rounded. Orders
-- keep their tax by rate.
CREATE TABLE tax_classes (
    stall_id bigint NOT NULL,
    by varchar(8) NOT NULL,
    value varchar(120) NOT NULL,
    class varchar(8) NOT NULL,
    PRIMARY KEY (stall_id, by, value),
    CONSTRAINT tax_classes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON tax_classes USING (stall_id = (SELECT current_stall()));
ALTER TABLE tax_classes ENABLE ROW LEVEL SECURITY;

CREATE TABLE tax_rates (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    country char(2) NOT NULL,
    parts jsonb DEFAULT '[]' NOT NULL,
    postcodes text,
    class varchar(8) NOT NULL,
    rate_millionths integer NOT NULL,
    from_day date NOT NULL,
    source varchar(200) DEFAULT '' NOT NULL,
    turned boolean DEFAULT true NOT NULL,
    CONSTRAINT tax_rates_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX tax_rates_stall_id_index ON tax_rates (stall_id);
CREATE INDEX tax_rates_to_turn ON tax_rates (from_day) WHERE (NOT turned);
CREATE POLICY one_stall ON tax_rates USING (stall_id = (SELECT current_stall()));
ALTER TABLE tax_rates ENABLE ROW LEVEL SECURITY;

-- What goods in the window cost in markets abroad, as their shoppers find and sort them; and orders in the currency
-- of the market they were placed in.
CREATE TABLE goods_abroad (
    listing_id bigint NOT NULL,
    market char(2) NOT NULL,
    stall_id bigint NOT NULL,
    price_minor bigint NOT NULL,
    price_to_minor bigint NOT NULL,
    buyable boolean NOT NULL,
    was boolean NOT NULL,
    days_min integer,
    days_max integer,
    PRIMARY KEY (listing_id, market),
    CONSTRAINT goods_abroad_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX goods_abroad_stall_id_market_listing_id_index ON goods_abroad (stall_id, market, listing_id);
ALTER TABLE goods_abroad ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON goods_abroad USING (stall_id = (SELECT current_stall()));

CREATE FUNCTION taxes_due(at timestamptz, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT rate.stall_id, rate.stall_id
    FROM tax_rates AS rate
    JOIN stalls AS stall ON stall.id = rate.stall_id
    WHERE NOT rate.turned
      AND rate.from_day <= (at AT TIME ZONE stall.zone)::date
    GROUP BY rate.stall_id
    ORDER BY min(rate.from_day), rate.stall_id
    LIMIT most
$$;

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_price_history(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM price_history
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM price_history AS old
        WHERE old.asked_at < kept_since
AND EXISTS (
    SELECT 1
    FROM price_history AS later
    WHERE later.listing_variant_id = old.listing_variant_id
      AND later.market = old.market
      AND later.id > old.id
      AND later.asked_at <= kept_since
)
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
