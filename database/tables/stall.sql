-- People, stalls, who works in which, and what a stall's sales bear. Amounts are minor units of the stall's
-- currency.
-- A stall's own row is behind the wall like all its others: its terms, rules and hours are shown within it only.
-- What has to be known before one is entered (its number, address and name) two functions tell.
CREATE TABLE stalls (
    id bigserial PRIMARY KEY,
    name varchar(60) NOT NULL,
    handle varchar(40) NOT NULL,
    country char(2) NOT NULL,
    home_market char(2) NOT NULL,
    currency char(3) NOT NULL,
    vat_bp integer NOT NULL,
    flat_delivery_minor bigint DEFAULT 0 NOT NULL,
    payment_fee_bp integer NOT NULL,
    payment_fee_fixed_minor bigint NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    promise_days smallint DEFAULT 10 NOT NULL,
    tax_on_top boolean DEFAULT false NOT NULL,
    platform_fee_bp integer DEFAULT 0 NOT NULL,
    returns_bp integer DEFAULT 0 NOT NULL,
    advertising_minor bigint DEFAULT 0 NOT NULL,
    handling_minor bigint DEFAULT 0 NOT NULL,
    rate_tolerance_bp integer DEFAULT 200 NOT NULL,
    free_over_minor bigint,
    sample_listing_id bigint,
    built_in_minor bigint,
    drift_policies jsonb DEFAULT '{}' NOT NULL,
    digest_hour smallint,
    digest_sent_on date,
    open boolean DEFAULT false NOT NULL,
    opened_at timestamp(0),
    zone varchar(64) DEFAULT 'UTC' NOT NULL,
    closed_days jsonb DEFAULT '[]' NOT NULL,
    delivery_tax varchar(8) DEFAULT 'shared' NOT NULL,
    tax_rounding varchar(5) DEFAULT 'order' NOT NULL,
    reminder_words varchar(1000),
    reminder_hours smallint DEFAULT 20 NOT NULL,
    straight_to_checkout boolean DEFAULT false NOT NULL,
    language varchar(2) DEFAULT 'en' NOT NULL,
    sharing json,
    dearer_bp integer DEFAULT 1000 NOT NULL,
    CONSTRAINT stalls_handle_unique UNIQUE (handle)
);
CREATE POLICY one_stall ON stalls USING ((id = (SELECT current_stall())));
ALTER TABLE stalls ENABLE ROW LEVEL SECURITY;

CREATE TABLE users (
    id bigserial PRIMARY KEY,
    name varchar(80) NOT NULL,
    email varchar(190) NOT NULL,
    password varchar(255) NOT NULL,
    remember_token varchar(100),
    created_at timestamp(0),
    updated_at timestamp(0),
    current_stall_id bigint,
    single_keys boolean DEFAULT true NOT NULL,
    explained jsonb DEFAULT '[]' NOT NULL,
    CONSTRAINT users_email_unique UNIQUE (email),
    CONSTRAINT users_current_stall_id_foreign FOREIGN KEY (current_stall_id) REFERENCES stalls(id) ON DELETE SET NULL
);
CREATE INDEX users_current_stall_id ON users (current_stall_id);

CREATE TABLE memberships (
    stall_id bigint NOT NULL,
    user_id bigint NOT NULL,
    PRIMARY KEY (user_id, stall_id),
    CONSTRAINT memberships_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT memberships_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE CASCADE
);
CREATE INDEX memberships_stall_id ON memberships (stall_id);

-- Where a person is signed in, so that they can see and end it; and links to a new password.
CREATE TABLE sign_ins (
    id uuid PRIMARY KEY,
    user_id bigint NOT NULL,
    agent varchar(300) DEFAULT '' NOT NULL,
    address varchar(45) DEFAULT '' NOT NULL,
    seen_at timestamp(0) NOT NULL,
    created_at timestamp(0) NOT NULL,
    CONSTRAINT sign_ins_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE CASCADE
);
CREATE INDEX sign_ins_user_id_seen_at_index ON sign_ins (user_id, seen_at);

CREATE TABLE password_reset_tokens (
    email varchar(190) PRIMARY KEY,
    token varchar(255) NOT NULL,
    created_at timestamp(0)
);

-- A seller's own words in letters, pieces of text for answers, mail that didn't arrive, and people who are the
-- same.
CREATE TABLE people_joined (
    stall_id bigint NOT NULL,
    email varchar(190) NOT NULL,
    person varchar(190) NOT NULL,
    joined_at timestamp(0) NOT NULL,
    PRIMARY KEY (stall_id, email),
    CONSTRAINT people_joined_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX people_joined_stall_id_person_index ON people_joined (stall_id, person);
CREATE POLICY one_stall ON people_joined USING (stall_id = (SELECT current_stall()));
ALTER TABLE people_joined ENABLE ROW LEVEL SECURITY;

-- Tokens by which programs read a stall, in the shape Sanctum keeps them. Only hashes are stored.
CREATE TABLE personal_access_tokens (
    id bigserial PRIMARY KEY,
    tokenable_type varchar(255) NOT NULL,
    tokenable_id bigint NOT NULL,
    name text NOT NULL,
    token varchar(64) NOT NULL,
    abilities text,
    last_used_at timestamp(0),
    expires_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT personal_access_tokens_token_unique UNIQUE (token)
);
CREATE INDEX personal_access_tokens_expires_at_index ON personal_access_tokens (expires_at);
CREATE INDEX personal_access_tokens_tokenable_type_tokenable_id_index
    ON personal_access_tokens (tokenable_type, tokenable_id);

-- Finding goods: what an item costs landed, market by market; the words that titles are made of, for forgiving
-- typos; searches worth keeping.
CREATE TABLE markets (
    stall_id bigint NOT NULL,
    market char(2) NOT NULL,
    landed_at timestamp(0),
    prices varchar(12) DEFAULT 'conversion' NOT NULL,
    currency char(3),
    ending jsonb,
    duty_bp integer DEFAULT 0 NOT NULL,
    duty_on varchar(20) DEFAULT 'goods_and_delivery' NOT NULL,
    tax_bp integer,
    tax_on_top boolean DEFAULT false NOT NULL,
    charged_minor bigint,
    sold boolean DEFAULT false NOT NULL,
    delivery_tax varchar(8) DEFAULT 'shared' NOT NULL,
    tax_rounding varchar(5) DEFAULT 'order' NOT NULL,
    reverse_charge boolean DEFAULT false NOT NULL,
    tax_threshold_minor bigint,
    PRIMARY KEY (stall_id, market),
    CONSTRAINT markets_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
ALTER TABLE markets ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON markets USING (stall_id = (SELECT current_stall()));

-- Languages that shops speak: which in which market, and the seller's words in them. Orders and letters keep the
-- language they were written in, and what stood in the way of a payment is kept as a fact, not as a sentence.
CREATE TABLE market_languages (
    stall_id bigint NOT NULL,
    market char(2) NOT NULL,
    language varchar(2) NOT NULL,
    "position" smallint NOT NULL,
    PRIMARY KEY (stall_id, market, language),
    CONSTRAINT market_languages_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
ALTER TABLE market_languages ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON market_languages USING (stall_id = (SELECT current_stall()));

-- Who runs a stall and how it takes things back; what its policies said and when; pages of its own.
CREATE TABLE particulars (
    stall_id bigint PRIMARY KEY,
    trader varchar(120),
    street varchar(120),
    town varchar(80),
    postcode varchar(20),
    email varchar(200),
    phone varchar(40),
    register varchar(120),
    tax_number varchar(40),
    return_days smallint,
    return_by varchar(10),
    keep_years smallint,
    besides jsonb DEFAULT '{}' NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT particulars_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON particulars USING (stall_id = (SELECT current_stall()));
ALTER TABLE particulars ENABLE ROW LEVEL SECURITY;

CREATE TABLE phrases (
    stall_id bigint NOT NULL,
    language varchar(2) NOT NULL,
    phrase text NOT NULL,
    hash char(32) GENERATED ALWAYS AS (md5(phrase)) STORED NOT NULL,
    said text NOT NULL,
    drafted boolean DEFAULT false NOT NULL,
    said_at timestamp(0) NOT NULL,
    search tsvector GENERATED ALWAYS AS ((
CASE language
    WHEN 'de' THEN to_tsvector('german'::regconfig, said)
    WHEN 'fr' THEN to_tsvector('french'::regconfig, said)
    WHEN 'nl' THEN to_tsvector('dutch'::regconfig, said)
    WHEN 'es' THEN to_tsvector('spanish'::regconfig, said)
    WHEN 'en' THEN to_tsvector('english'::regconfig, said)
    ELSE to_tsvector('simple'::regconfig, said)
END || to_tsvector('simple'::regconfig, said))) STORED NOT NULL,
    PRIMARY KEY (stall_id, language, hash),
    CONSTRAINT phrases_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX phrases_search ON phrases USING gin (search);
CREATE POLICY one_stall ON phrases USING (stall_id = (SELECT current_stall()));
ALTER TABLE phrases ENABLE ROW LEVEL SECURITY;

-- The hour of the digest is one of the seller's own clock, in winter and in summer.
CREATE FUNCTION digests_due(at timestamptz, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT id AS stall_id, id, digest_sent_on AS due
FROM stalls
CROSS JOIN LATERAL (SELECT at AT TIME ZONE zone AS clock) AS local
WHERE digest_hour <= extract(hour FROM local.clock)
  AND (digest_sent_on IS NULL OR digest_sent_on < local.clock::date)) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

-- A stall's own row is behind the wall like all its others: its terms, rules and hours are shown within it only.
-- What has to be known before one is entered (its number, address and name) two functions tell.
CREATE FUNCTION stall_called(address text) RETURNS bigint
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$SELECT id FROM stalls WHERE handle = address$$;

CREATE FUNCTION stalls_of(person bigint) RETURNS TABLE(number bigint, handle text, name text)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stalls.id, stalls.handle, stalls.name
    FROM memberships
    JOIN stalls ON stalls.id = memberships.stall_id
    WHERE memberships.user_id = person
    ORDER BY stalls.id
$$;
