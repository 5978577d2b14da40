-- Programs that are told when something happens in a stall, and what each was told; tokens that may decide.
CREATE TABLE hooks (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    address varchar(600) NOT NULL,
    secret text NOT NULL,
    events jsonb NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT hooks_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX hooks_stall_id_index ON hooks (stall_id);
ALTER TABLE hooks ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON hooks USING (stall_id = (SELECT current_stall()));

CREATE TABLE hook_deliveries (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    hook_id bigint NOT NULL,
    message uuid NOT NULL,
    event varchar(40) NOT NULL,
    body text NOT NULL,
    state varchar(12) NOT NULL,
    tries smallint DEFAULT 0 NOT NULL,
    answered smallint,
    trouble varchar(300),
    delivered_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT hook_deliveries_hook_id_foreign FOREIGN KEY (hook_id) REFERENCES hooks(id) ON DELETE CASCADE,
    CONSTRAINT hook_deliveries_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX hook_deliveries_created_at_index ON hook_deliveries (created_at);
CREATE INDEX hook_deliveries_hook_id_id_index ON hook_deliveries (hook_id, id);
CREATE INDEX hook_deliveries_stall_id_index ON hook_deliveries (stall_id);
ALTER TABLE hook_deliveries ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON hook_deliveries USING (stall_id = (SELECT current_stall()));

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_hook_deliveries(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM hook_deliveries
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM hook_deliveries AS old
        WHERE old.state <> 'waiting' AND old.created_at < kept_since
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
