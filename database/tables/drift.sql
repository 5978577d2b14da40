-- What suppliers changed, listing by listing and fact by fact: what became of it, by which rule, and what it does
-- in money.  What was agreed stands in the listing itself (waiting) as long as a change waits.
CREATE TABLE drift_changes (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    listing_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    supplier_item_id bigint NOT NULL,
    listing_variant_id bigint,
    run_id bigint,
    kind varchar(20) NOT NULL,
    variant varchar(80) DEFAULT '' NOT NULL,
    about varchar(300) NOT NULL,
    before text NOT NULL,
    after text NOT NULL,
    said jsonb,
    standing varchar(10) NOT NULL,
    rule varchar(200) NOT NULL,
    moved_bp integer,
    price_was bigint,
    keep_was bigint,
    price_kept bigint,
    keep_kept bigint,
    price_agreed bigint,
    keep_agreed bigint,
    under_floor boolean DEFAULT false NOT NULL,
    change_id bigint,
    stood varchar(10),
    decided_by bigint,
    decided_at timestamp(0),
    at timestamp(0) NOT NULL,
    raised boolean DEFAULT false NOT NULL,
    asked boolean DEFAULT false NOT NULL,
    CONSTRAINT drift_changes_change_id_foreign
        FOREIGN KEY (change_id) REFERENCES bench_changes(id) ON DELETE SET NULL,
    CONSTRAINT drift_changes_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT drift_changes_decided_by_foreign FOREIGN KEY (decided_by) REFERENCES users(id) ON DELETE SET NULL,
    CONSTRAINT drift_changes_listing_id_foreign FOREIGN KEY (listing_id) REFERENCES listings(id) ON DELETE CASCADE,
    CONSTRAINT drift_changes_listing_variant_id_foreign
        FOREIGN KEY (listing_variant_id) REFERENCES listing_variants(id) ON DELETE SET NULL,
    CONSTRAINT drift_changes_run_id_foreign FOREIGN KEY (run_id) REFERENCES runs(id) ON DELETE SET NULL,
    CONSTRAINT drift_changes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT drift_changes_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE CASCADE
);
CREATE INDEX drift_changes_at_index ON drift_changes (at);
CREATE INDEX drift_changes_change_id_index ON drift_changes (change_id);
CREATE INDEX drift_changes_connection_id_index ON drift_changes (connection_id);
CREATE INDEX drift_changes_decided_by_index ON drift_changes (decided_by);
CREATE INDEX drift_changes_listing_id_id_index ON drift_changes (listing_id, id);
CREATE INDEX drift_changes_listing_variant_id_index ON drift_changes (listing_variant_id);
CREATE INDEX drift_changes_run_id_index ON drift_changes (run_id);
CREATE INDEX drift_changes_stall_id_standing_id_index ON drift_changes (stall_id, standing, id);
CREATE INDEX drift_changes_supplier_item_id_index ON drift_changes (supplier_item_id);
CREATE UNIQUE INDEX drift_one_question ON drift_changes (listing_id, supplier_item_id, kind, variant)
    WHERE ((standing)::text = 'asks');
ALTER TABLE drift_changes ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON drift_changes USING (stall_id = (SELECT current_stall()));

CREATE TABLE drift_rule_changes (
    change_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    connection_id bigint NOT NULL,
    before jsonb NOT NULL,
    PRIMARY KEY (change_id, connection_id),
    CONSTRAINT drift_rule_changes_change_id_foreign
        FOREIGN KEY (change_id) REFERENCES bench_changes(id) ON DELETE CASCADE,
    CONSTRAINT drift_rule_changes_connection_id_foreign
        FOREIGN KEY (connection_id) REFERENCES supplier_connections(id) ON DELETE CASCADE,
    CONSTRAINT drift_rule_changes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX drift_rule_changes_connection_id_index ON drift_rule_changes (connection_id);
CREATE INDEX drift_rule_changes_stall_id_index ON drift_rule_changes (stall_id);
ALTER TABLE drift_rule_changes ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON drift_rule_changes USING (stall_id = (SELECT current_stall()));

-- What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are.
CREATE FUNCTION thin_drift_changes(kept_since timestamp, most integer) RETURNS integer
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public', 'pg_temp'
    AS $$
DECLARE
    gone int;
BEGIN
    DELETE FROM drift_changes
    WHERE ctid = ANY (ARRAY(
        SELECT old.ctid
        FROM drift_changes AS old
        WHERE old.standing <> 'asks' AND old.at < kept_since
        LIMIT most
    ));
    GET DIAGNOSTICS gone = ROW_COUNT;
    RETURN gone;
END
$$;
