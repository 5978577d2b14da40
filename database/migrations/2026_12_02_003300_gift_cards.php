<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Gift cards that were sold, and what they paid. */
return new class extends Migration
{
    private const TABLES = <<<'SQL'
        ALTER TABLE own_goods ADD COLUMN amounts jsonb DEFAULT '[]' NOT NULL;
        ALTER TABLE baskets ADD COLUMN gift_cards jsonb DEFAULT '[]' NOT NULL;
        ALTER TABLE orders ADD COLUMN card_minor bigint DEFAULT 0 NOT NULL;
        COMMENT ON COLUMN orders.card_minor IS 'What gift cards pay of its total';
        ALTER TABLE refunds ADD COLUMN card_minor bigint DEFAULT 0 NOT NULL;

        CREATE TABLE gift_cards (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            order_line_id bigint REFERENCES order_lines (id) ON DELETE SET NULL,
            code_hash char(64) NOT NULL,
            code text NOT NULL,
            currency char(3) NOT NULL,
            value_minor bigint NOT NULL,
            ended_at timestamp(0),
            created_at timestamp(0) NOT NULL,
            CONSTRAINT gift_cards_code_unique UNIQUE (stall_id, code_hash)
        );
        COMMENT ON COLUMN gift_cards.code IS 'Encrypted: whoever bought it reads it on the page of the order';
        CREATE INDEX gift_cards_order_line_id_index ON gift_cards (order_line_id);
        ALTER TABLE gift_cards ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON gift_cards USING (stall_id = (SELECT current_stall()));

        CREATE TABLE gift_card_uses (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            gift_card_id bigint NOT NULL REFERENCES gift_cards (id) ON DELETE CASCADE,
            order_id bigint NOT NULL REFERENCES orders (id) ON DELETE CASCADE,
            minor bigint NOT NULL,
            back_minor bigint DEFAULT 0 NOT NULL,
            held_until timestamp(0) NOT NULL,
            CONSTRAINT gift_card_uses_order_unique UNIQUE (gift_card_id, order_id)
        );
        CREATE INDEX gift_card_uses_stall_id_index ON gift_card_uses (stall_id);
        CREATE INDEX gift_card_uses_order_id_index ON gift_card_uses (order_id);
        ALTER TABLE gift_card_uses ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON gift_card_uses USING (stall_id = (SELECT current_stall()));
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLES);
    }
};
