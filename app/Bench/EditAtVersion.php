<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;

/** Does an edit whole or not at all, alone on its listing, and only if the listing is as the person saw it. */
final class EditAtVersion
{
    /**
     * @template T
     *
     * @param  int|null  $seen  the version the person saw; null where nobody looked
     * @param  callable(): T  $do
     * @return T
     *
     * @throws Stale
     */
    public function __invoke(Listing $listing, ?int $seen, callable $do): mixed
    {
        return DB::transaction(function () use ($listing, $seen, $do): mixed {
            $now = (int) Listing::query()->whereKey($listing->id)->lockForUpdate()->value('version');
            if ($seen !== null && $seen !== $now) {
                throw new Stale($listing->id);
            }

            return $do();
        });
    }
}
