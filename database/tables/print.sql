-- Artwork, how it lies on blanks, the goods that are made of that, and the files a print house prints from.
CREATE TABLE artworks (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    family_id bigint,
    version integer DEFAULT 1 NOT NULL,
    name varchar(120) NOT NULL,
    rights varchar(500) DEFAULT '' NOT NULL,
    state varchar(12) NOT NULL,
    trouble varchar(300) DEFAULT '' NOT NULL,
    original varchar(200) NOT NULL,
    master varchar(200),
    preview varchar(200),
    type varchar(40) DEFAULT '' NOT NULL,
    bytes bigint NOT NULL,
    sha256 char(64) NOT NULL,
    facts jsonb,
    notes jsonb DEFAULT '[]' NOT NULL,
    removed_at timestamp(0),
    created_at timestamp(0),
    updated_at timestamp(0),
    lettering jsonb,
    CONSTRAINT artworks_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX artworks_stall_id_family_id_version_index ON artworks (stall_id, family_id, version);
CREATE INDEX artworks_stall_id_sha256_index ON artworks (stall_id, sha256);
ALTER TABLE artworks ENABLE ROW LEVEL SECURITY;
CREATE POLICY one_stall ON artworks USING (stall_id = (SELECT current_stall()));

CREATE TABLE placings (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    supplier_item_id bigint NOT NULL,
    made_item_id bigint,
    name varchar(200) NOT NULL,
    laid jsonb NOT NULL,
    areas jsonb NOT NULL,
    prices jsonb,
    scenes jsonb NOT NULL,
    revision integer DEFAULT 1 NOT NULL,
    made_revision integer,
    kept_as varchar(80),
    refusal varchar(500) DEFAULT '' NOT NULL,
    created_at timestamp(0),
    updated_at timestamp(0),
    CONSTRAINT placings_made_item_id_foreign
        FOREIGN KEY (made_item_id) REFERENCES supplier_items(id) ON DELETE SET NULL,
    CONSTRAINT placings_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE,
    CONSTRAINT placings_supplier_item_id_foreign
        FOREIGN KEY (supplier_item_id) REFERENCES supplier_items(id) ON DELETE RESTRICT
);
CREATE INDEX placings_made_item_id_index ON placings (made_item_id);
CREATE INDEX placings_stall_id_id_index ON placings (stall_id, id);
CREATE INDEX placings_supplier_item_id_index ON placings (supplier_item_id);
CREATE POLICY one_stall ON placings USING (stall_id = (SELECT current_stall()));
ALTER TABLE placings ENABLE ROW LEVEL SECURITY;

CREATE TABLE placing_revisions (
    placing_id bigint NOT NULL,
    stall_id bigint NOT NULL,
    revision integer NOT NULL,
    laid jsonb NOT NULL,
    at timestamp(0) NOT NULL,
    PRIMARY KEY (placing_id, revision),
    CONSTRAINT placing_revisions_placing_id_foreign
        FOREIGN KEY (placing_id) REFERENCES placings(id) ON DELETE CASCADE,
    CONSTRAINT placing_revisions_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE INDEX placing_revisions_stall_id_index ON placing_revisions (stall_id);
CREATE POLICY one_stall ON placing_revisions USING (stall_id = (SELECT current_stall()));
ALTER TABLE placing_revisions ENABLE ROW LEVEL SECURITY;

CREATE TABLE print_files (
    id bigserial PRIMARY KEY,
    stall_id bigint NOT NULL,
    made_of char(64) NOT NULL,
    name varchar(160) NOT NULL,
    path varchar(200) NOT NULL,
    format varchar(4) NOT NULL,
    sha256 char(64) NOT NULL,
    bytes bigint NOT NULL,
    width integer NOT NULL,
    height integer NOT NULL,
    dpi integer NOT NULL,
    made_at timestamp(0) NOT NULL,
    CONSTRAINT print_files_stall_id_made_of_unique UNIQUE (stall_id, made_of),
    CONSTRAINT print_files_stall_id_foreign FOREIGN KEY (stall_id) REFERENCES stalls(id) ON DELETE CASCADE
);
CREATE POLICY one_stall ON print_files USING (stall_id = (SELECT current_stall()));
ALTER TABLE print_files ENABLE ROW LEVEL SECURITY;
