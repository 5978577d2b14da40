<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Str;
use WindowStall\Stall\Stall;

/** Addresses of pages in the shop: the title in small letters, numbered where another listing of the stall has it. */
final class Addresses
{
    private const LETTERS = 60;

    /** Numbers that are looked at together once an address alone is taken. */
    private const NUMBERS = 50;

    /**
     * @param  array<int, string>  $titles  by listing
     * @return array<int, string> by listing; each is free, or that listing's already
     */
    public static function ofListings(Stall $stall, array $titles): array
    {
        return self::free($stall, $titles, static fn (int $listing, int $has): bool => $listing === $has);
    }

    /**
     * @param  array<int, string>  $titles
     * @return array<int, string> by the keys given; each is free
     */
    public static function ofNew(Stall $stall, array $titles): array
    {
        return self::free($stall, $titles, static fn (): bool => false);
    }

    /**
     * @param  array<int, string>  $titles
     * @param  callable(int, int): bool  $own  whether what has an address is the one that wants it
     * @return array<int, string>
     */
    private static function free(Stall $stall, array $titles, callable $own): array
    {
        $wanting = array_map(
            static fn (string $title): string => Str::limit(Str::slug($title) ?: 'goods', self::LETTERS, ''),
            $titles,
        );
        $given = [];
        for ([$from, $to] = [1, 1]; $wanting !== []; [$from, $to] = [$to + 1, $to + self::NUMBERS]) {
            $has = self::whoHas($stall, array_values(array_unique($wanting)), $from, $to);
            foreach ($wanting as $key => $base) {
                for ($n = $from; $n <= $to && isset($wanting[$key]); $n++) {
                    $address = self::numbered($base, $n);
                    if (! isset($given[$address]) && (! isset($has[$address]) || $own($key, $has[$address]))) {
                        $given[$address] = $key;
                        unset($wanting[$key]);
                    }
                }
            }
        }

        return array_flip($given);
    }

    /**
     * @param  list<string>  $bases
     * @return array<string, int> address → the listing that has it, or had it before it was deleted
     */
    private static function whoHas(Stall $stall, array $bases, int $from, int $to): array
    {
        $addresses = [];
        foreach ($bases as $base) {
            for ($n = $from; $n <= $to; $n++) {
                $addresses[] = self::numbered($base, $n);
            }
        }

        return Listing::query()
            ->withTrashed()
            ->where('stall_id', $stall->id)
            ->whereIn('slug', $addresses)
            ->pluck('id', 'slug')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all();
    }

    private static function numbered(string $base, int $n): string
    {
        return $n === 1 ? $base : $base.'-'.$n;
    }
}
