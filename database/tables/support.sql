CREATE EXTENSION IF NOT EXISTS pg_trgm;

-- The second wall between stalls: every row knows its stall, and the database shows only those of the stall that
-- was entered (docs/architecture.md, One stall at a time). A condition that somebody forgets shows nothing instead
-- of everything.
CREATE FUNCTION current_stall() RETURNS bigint
    LANGUAGE sql STABLE PARALLEL SAFE
    RETURN (NULLIF(current_setting('stall.id', true), ''))::bigint;

CREATE FUNCTION fill_stall() RETURNS trigger
    LANGUAGE plpgsql
    AS $_$
BEGIN
    EXECUTE format('SELECT stall_id FROM %I WHERE id = ($1).%I', TG_ARGV[0], TG_ARGV[1]) INTO NEW.stall_id USING NEW;
    RETURN NEW;
END
$_$;

-- The rule of what may be sold, as core says it in Bench\MayBeSold; a test holds the two together.
CREATE FUNCTION may_be_offered(switched_on boolean, price_minor bigint, under_floor boolean, knowingly boolean)
    RETURNS boolean
    LANGUAGE sql IMMUTABLE PARALLEL SAFE
    RETURN (switched_on AND (COALESCE(price_minor, (0)::bigint) > 0)
        AND (knowingly OR (NOT COALESCE(under_floor, false))));

-- Jobs say whose they are and tell workers that they have come; whose turn was taken when is on record.
CREATE FUNCTION tell_of_job() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
BEGIN
    PERFORM pg_notify('jobs', NEW.queue);
    RETURN NULL;
END
$$;

CREATE FUNCTION tell_of_pages() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
BEGIN
    PERFORM pg_notify(TG_TABLE_NAME, NEW.stall_id::text);
    RETURN NULL;
END
$$;

-- What the framework keeps: sessions, cache, queue.
CREATE TABLE sessions (
    id varchar(255) PRIMARY KEY,
    user_id bigint,
    ip_address varchar(45),
    user_agent text,
    payload text NOT NULL,
    last_activity integer NOT NULL
);
CREATE INDEX sessions_last_activity_index ON sessions (last_activity);
CREATE INDEX sessions_user_id_index ON sessions (user_id);

CREATE TABLE cache (
    key varchar(255) PRIMARY KEY,
    value text NOT NULL,
    expiration integer NOT NULL
);
CREATE INDEX cache_expiration_index ON cache (expiration);

CREATE TABLE cache_locks (
    key varchar(255) PRIMARY KEY,
    owner varchar(255) NOT NULL,
    expiration integer NOT NULL
);
CREATE INDEX cache_locks_expiration_index ON cache_locks (expiration);

CREATE TABLE jobs (
    id bigserial PRIMARY KEY,
    queue varchar(255) NOT NULL,
    payload text NOT NULL,
    attempts smallint NOT NULL,
    reserved_at integer,
    available_at integer NOT NULL,
    created_at integer NOT NULL,
    turn_of bigint GENERATED ALWAYS AS
        (COALESCE(("substring"(payload, '[,{]"stall":(\d+)'))::bigint, (0)::bigint)) STORED
);
CREATE INDEX jobs_queue_index ON jobs (queue);
CREATE TRIGGER tell_of_job AFTER INSERT ON jobs FOR EACH ROW EXECUTE FUNCTION tell_of_job();

CREATE TABLE failed_jobs (
    id bigserial PRIMARY KEY,
    uuid varchar(255) NOT NULL,
    connection text NOT NULL,
    queue text NOT NULL,
    payload text NOT NULL,
    exception text NOT NULL,
    failed_at timestamp(0) DEFAULT CURRENT_TIMESTAMP NOT NULL,
    CONSTRAINT failed_jobs_uuid_unique UNIQUE (uuid)
);

-- Jobs say whose they are and tell workers that they have come; whose turn was taken when is on record.
CREATE UNLOGGED TABLE queue_turns (
    queue varchar(255) NOT NULL,
    turn_of bigint NOT NULL,
    taken_at timestamptz NOT NULL,
    PRIMARY KEY (queue, turn_of)
);
