-- Codes and offers at the till, what they took off which orders, and codes for one use each.
CREATE TABLE codes (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    code varchar(40),
    singles boolean DEFAULT false NOT NULL,
    reduction jsonb NOT NULL,
    holds jsonb NOT NULL,
    countries jsonb DEFAULT '[]' NOT NULL,
    starts_at timestamp(0),
    ends_at timestamp(0),
    most_uses integer,
    most_each integer,
    least_minor bigint,
    first_only boolean DEFAULT false NOT NULL,
    together boolean DEFAULT true NOT NULL,
    under_floor boolean DEFAULT false NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT codes_stall_id_code_unique UNIQUE (stall_id, code),
    CONSTRAINT codes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
ALTER TABLE codes ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON codes USING (stall_id = (SELECT current_stall()));

CREATE TABLE single_codes (
    stall_id bigint NOT NULL,
    code varchar(40) NOT NULL,
    code_id bigint NOT NULL,
    PRIMARY KEY (stall_id, code),
    CONSTRAINT single_codes_code_id_foreign FOREIGN KEY (code_id) REFERENCES codes(id) ON DELETE CASCADE,
    CONSTRAINT single_codes_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX single_codes_code_id_index ON single_codes (code_id);
CREATE POLICY one_stall ON single_codes USING (stall_id = (SELECT current_stall()));
ALTER TABLE single_codes ENABLE ROW LEVEL SECURITY;
