-- What dressing a window needs besides the working copy: what was saved and by whom, versions with names and days
-- to come, addresses for others to look at it, looks that are kept, and the addresses shoppers leave.
CREATE TABLE window_previews (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    secret_hash varchar(64) NOT NULL,
    "for" varchar(60) NOT NULL,
    made_by bigint,
    created_at timestamp(0) NOT NULL,
    ended_at timestamp(0),
    CONSTRAINT window_previews_secret_hash_unique UNIQUE (secret_hash),
    CONSTRAINT window_previews_made_by_foreign FOREIGN KEY (made_by) REFERENCES users(id) ON DELETE SET NULL,
    CONSTRAINT window_previews_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX window_previews_made_by_index ON window_previews (made_by);
CREATE INDEX window_previews_stall_id_id_index ON window_previews (stall_id, id);
CREATE POLICY one_stall ON window_previews USING (stall_id = (SELECT current_stall()));
ALTER TABLE window_previews ENABLE ROW LEVEL SECURITY;

-- The look and the homepage: one working copy, and every state that was ever published.
CREATE TABLE window_revisions (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    content jsonb NOT NULL,
    published_by bigint,
    published_at timestamp(0),
    name varchar(60),
    due_at timestamp(0),
    made_at timestamp(0),
    CONSTRAINT window_revisions_published_by_foreign
        FOREIGN KEY (published_by) REFERENCES users(id) ON DELETE SET NULL,
    CONSTRAINT window_revisions_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX window_revisions_published_by ON window_revisions (published_by);
CREATE INDEX window_revisions_stall_id_id_index ON window_revisions (stall_id, id);
CREATE POLICY one_stall ON window_revisions USING (stall_id = (SELECT current_stall()));
ALTER TABLE window_revisions ENABLE ROW LEVEL SECURITY;

CREATE TABLE windows (
    stall_id bigint PRIMARY KEY,
    working jsonb NOT NULL,
    version bigint DEFAULT 1 NOT NULL,
    published_id bigint,
    created_at timestamp(0),
    updated_at timestamp(0),
    turns_at timestamp(0),
    waved jsonb DEFAULT '[]' NOT NULL,
    sample_words jsonb DEFAULT '[]' NOT NULL,
    CONSTRAINT windows_published_id_foreign
        FOREIGN KEY (published_id) REFERENCES window_revisions(id) ON DELETE SET NULL,
    CONSTRAINT windows_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX windows_published_id ON windows (published_id);
CREATE INDEX windows_turns_at_index ON windows (turns_at);
CREATE POLICY one_stall ON windows USING (stall_id = (SELECT current_stall()));
ALTER TABLE windows ENABLE ROW LEVEL SECURITY;

-- Who runs a stall and how it takes things back; what its policies said and when; pages of its own.
-- Written pages are dressed in the galley: of sections, saved and laid together as the front page is.
CREATE TABLE written_pages (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    kind varchar(12) NOT NULL,
    title varchar(80) NOT NULL,
    slug varchar(80) NOT NULL,
    search_title varchar(200),
    search_words varchar(400),
    hidden boolean DEFAULT false NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    shown json,
    shown_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    sections json DEFAULT '[]' NOT NULL,
    waved jsonb DEFAULT '[]' NOT NULL,
    CONSTRAINT written_pages_stall_id_slug_unique UNIQUE (stall_id, slug),
    CONSTRAINT written_pages_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON written_pages USING (stall_id = (SELECT current_stall()));
ALTER TABLE written_pages ENABLE ROW LEVEL SECURITY;

CREATE TABLE window_saves (
    stall_id bigint NOT NULL,
    version bigint NOT NULL,
    content jsonb NOT NULL,
    saved_by bigint,
    saved_at timestamp(0) NOT NULL,
    page_id bigint,
    CONSTRAINT window_saves_page_id_foreign FOREIGN KEY (page_id) REFERENCES written_pages(id) ON DELETE CASCADE,
    CONSTRAINT window_saves_saved_by_foreign FOREIGN KEY (saved_by) REFERENCES users(id) ON DELETE SET NULL,
    CONSTRAINT window_saves_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX window_saves_page_id_index ON window_saves (page_id);
CREATE INDEX window_saves_saved_by_index ON window_saves (saved_by);
CREATE UNIQUE INDEX window_saves_one ON window_saves (stall_id, COALESCE(page_id, (0)::bigint), version);
CREATE POLICY one_stall ON window_saves USING (stall_id = (SELECT current_stall()));
ALTER TABLE window_saves ENABLE ROW LEVEL SECURITY;

CREATE TABLE stall_looks (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    look jsonb NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT stall_looks_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX stall_looks_stall_id_id_index ON stall_looks (stall_id, id);
CREATE POLICY one_stall ON stall_looks USING (stall_id = (SELECT current_stall()));
ALTER TABLE stall_looks ENABLE ROW LEVEL SECURITY;

-- Films of the stall's own, as they were sent.
CREATE TABLE films (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    path varchar(120) NOT NULL,
    name varchar(120) NOT NULL,
    bytes bigint NOT NULL,
    created_at timestamp(0) NOT NULL,
    CONSTRAINT films_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX films_stall_id_id_index ON films (stall_id, id);
ALTER TABLE films ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON films USING (stall_id = (SELECT current_stall()));

CREATE TABLE policy_versions (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    kind varchar(12) NOT NULL,
    number integer NOT NULL,
    words json NOT NULL,
    published_by bigint,
    published_at timestamp(0) NOT NULL,
    words_there jsonb DEFAULT '{}' NOT NULL,
    CONSTRAINT policy_versions_stall_id_kind_number_unique UNIQUE (stall_id, kind, number),
    CONSTRAINT policy_versions_published_by_foreign
        FOREIGN KEY (published_by) REFERENCES users(id) ON DELETE SET NULL,
    CONSTRAINT policy_versions_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX policy_versions_published_by_index ON policy_versions (published_by);
CREATE POLICY one_stall ON policy_versions USING (stall_id = (SELECT current_stall()));
ALTER TABLE policy_versions ENABLE ROW LEVEL SECURITY;

-- Which pages of a shop went stale is written with what changed it, and how far its pages are turned stands apart
-- from the stall's settings, as does its next order number: neither waits for whoever changes those.
CREATE TABLE page_turns (
    stall_id bigint NOT NULL,
    revision bigint NOT NULL,
    generation bigint NOT NULL,
    turned_at timestamp(0) DEFAULT CURRENT_TIMESTAMP NOT NULL,
    keys text[] NOT NULL,
    PRIMARY KEY (stall_id, revision)
);
CREATE TRIGGER told AFTER INSERT ON page_turns FOR EACH ROW EXECUTE FUNCTION tell_of_pages();
CREATE POLICY one_stall ON page_turns USING (stall_id = (SELECT current_stall()));
ALTER TABLE page_turns ENABLE ROW LEVEL SECURITY;

CREATE TABLE shop_state (
    stall_id bigint PRIMARY KEY,
    revision bigint DEFAULT 1 NOT NULL,
    generation bigint DEFAULT 1 NOT NULL,
    frame varchar(32),
    CONSTRAINT shop_state_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON shop_state USING (stall_id = (SELECT current_stall()));
ALTER TABLE shop_state ENABLE ROW LEVEL SECURITY;

CREATE TABLE stale_pages (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    keys text[] NOT NULL
);
CREATE INDEX stale_pages_stall_id_index ON stale_pages (stall_id);
CREATE TRIGGER told AFTER INSERT ON stale_pages FOR EACH ROW EXECUTE FUNCTION tell_of_pages();
CREATE POLICY one_stall ON stale_pages USING (stall_id = (SELECT current_stall()));
ALTER TABLE stale_pages ENABLE ROW LEVEL SECURITY;

CREATE FUNCTION shops_to_turn(most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, stall_id
    FROM stale_pages
    GROUP BY stall_id
    ORDER BY min(id)
    LIMIT most
$$;

CREATE FUNCTION windows_to_turn(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, stall_id
    FROM windows
    WHERE turns_at <= at
    ORDER BY turns_at
    LIMIT most
$$;
