<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** How a stall is set up, as far as a rehearsal goes by it: another hash once anything of that is changed. */
final class SetUp
{
    private const READ = <<<'SQL'
        SELECT jsonb_build_object(
            'stall', (
                SELECT to_jsonb(stall)
                    - '{open,opens_at,opened_at,updated_at,digest_sent_on,sample_listing_id,begins_with,steps_skipped}'::text[]
                FROM stalls AS stall
                WHERE stall.id = :stall
            ),
            'markets', (SELECT jsonb_agg(to_jsonb(one) - 'landed_at' ORDER BY one.market) FROM markets AS one WHERE one.stall_id = :stall),
            'places', (SELECT jsonb_agg(to_jsonb(one) ORDER BY one.id) FROM places AS one WHERE one.stall_id = :stall),
            'payment', (SELECT jsonb_build_array(one.live, one.keys, one.methods) FROM payment_connections AS one WHERE one.stall_id = :stall),
            'suppliers', (
                SELECT jsonb_agg(jsonb_build_array(one.id, one.disconnected_at IS NULL, one.orders_to) ORDER BY one.id)
                FROM supplier_connections AS one
                WHERE one.stall_id = :stall
            ),
            'who', (SELECT to_jsonb(one) FROM particulars AS one WHERE one.stall_id = :stall),
            'window', (SELECT one.published_id FROM windows AS one WHERE one.stall_id = :stall)
        )
        SQL;

    public static function of(Stall $stall): string
    {
        return hash('sha256', (string) DB::scalar(self::READ, ['stall' => $stall->id]));
    }
}
