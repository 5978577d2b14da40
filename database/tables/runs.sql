-- Connections, pulls, and what suppliers say.  supplier_words keeps every version of an item as said;
-- supplier_items and supplier_variants hold the latest in columns that can be searched, with the landed cost to the
-- stall's home market worked out at the pull.
-- Runs give a sign of life, know the job that does them, and are found when they fall silent.
CREATE TABLE runs (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    connection_id bigint,
    user_id bigint,
    state varchar(12) NOT NULL,
    doing varchar(160) DEFAULT '' NOT NULL,
    total integer,
    done integer DEFAULT 0 NOT NULL,
    counts jsonb DEFAULT '{}' NOT NULL,
    trouble text,
    started_at timestamp(0),
    ended_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    kind varchar(10) DEFAULT 'pull' NOT NULL,
    subject jsonb DEFAULT '{}' NOT NULL,
    rejects integer DEFAULT 0 NOT NULL,
    notes jsonb DEFAULT '[]' NOT NULL,
    beat_at timestamp(0),
    job varchar(120),
    taken_up smallint DEFAULT 0 NOT NULL,
    CONSTRAINT runs_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT runs_user_id_foreign FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE SET NULL
);
CREATE INDEX runs_connection_id ON runs (connection_id);
CREATE INDEX runs_ended_at_index ON runs (ended_at);
CREATE INDEX runs_open ON runs (state) WHERE ((state)::text = ANY ((ARRAY['waiting', 'running'])::text[]));
CREATE INDEX runs_stall_id_id_index ON runs (stall_id, id);
CREATE INDEX runs_user_id ON runs (user_id);
CREATE UNIQUE INDEX runs_one_open ON runs (connection_id)
    WHERE ((state)::text = ANY (ARRAY[('waiting')::text, ('running')::text]));
CREATE POLICY one_stall ON runs USING (stall_id = (SELECT current_stall()));
ALTER TABLE runs ENABLE ROW LEVEL SECURITY;

-- Connections get settings, a schedule and a pause; runs say what they left out, and can be other long work than a
-- pull.
CREATE TABLE run_rejects (
    id bigserial PRIMARY KEY,
    run_id bigint NOT NULL,
    "row" bigint NOT NULL,
    "column" varchar(120) NOT NULL,
    value varchar(200) NOT NULL,
    reason varchar(200) NOT NULL,
    stall_id bigint NOT NULL,
    CONSTRAINT run_rejects_run_id_foreign FOREIGN KEY (run_id) REFERENCES runs(id) ON DELETE CASCADE
);
CREATE INDEX run_rejects_run_id_row_index ON run_rejects (run_id, "row");
CREATE TRIGGER fill_stall BEFORE INSERT ON run_rejects
    FOR EACH ROW WHEN ((new.stall_id IS NULL)) EXECUTE FUNCTION fill_stall('runs', 'run_id');
CREATE POLICY one_stall ON run_rejects USING (stall_id = (SELECT current_stall()));
ALTER TABLE run_rejects ENABLE ROW LEVEL SECURITY;

CREATE FUNCTION forgotten_runs(asked_before timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, COALESCE(beat_at, created_at) AS due
FROM runs
WHERE state = 'waiting'
  AND COALESCE(beat_at, created_at) < asked_before) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

CREATE FUNCTION open_runs() RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$ SELECT stall_id, id FROM runs WHERE state IN ('waiting', 'running') $$;

-- Sweeps take what is longest due, and of each stall one before the second of any: whoever has very much to be done
-- doesn't keep others waiting, and each sweep has an end.
CREATE FUNCTION silent_runs(beat_before timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
    SELECT stall_id, id
    FROM (
        SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
        FROM (SELECT stall_id, id, COALESCE(beat_at, started_at, created_at) AS due
FROM runs
WHERE state = 'running'
  AND COALESCE(beat_at, started_at, created_at) < beat_before) AS rows_due
    ) AS in_turn
    ORDER BY turn, due NULLS FIRST, id
    LIMIT most
$$;

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_runs(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM runs
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM runs AS old
        WHERE old.state IN ('done', 'failed', 'cancelled')
AND old.ended_at < kept_since
AND EXISTS (
    SELECT 1
    FROM runs AS later
    WHERE later.stall_id = old.stall_id
      AND later.kind = old.kind
      AND later.connection_id IS NOT DISTINCT FROM old.connection_id
      AND later.id > old.id
      AND later.state = old.state
)
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
