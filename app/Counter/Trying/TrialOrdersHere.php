<?php

declare(strict_types=1);

namespace WindowStall\Counter\Trying;

use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Trying\TrialOrders;

/** Tells Window which orders came of a trial. */
final class TrialOrdersHere implements TrialOrders
{
    /** Far more than any trial takes to be answered. */
    private const MOST = 50_000;

    public function of(Trial $trial): array
    {
        return array_values(TriedOrder::query()
            ->where('trial_id', $trial->id)
            ->whereNotNull('paid_at')
            ->orderBy('paid_at')
            ->orderBy('order_id')
            ->limit(self::MOST)
            ->toBase()
            ->get(['second', 'keep_minor'])
            ->map(static fn (\stdClass $row): array => ['second' => (bool) $row->second, 'keep' => (int) $row->keep_minor])
            ->all());
    }
}
