<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

use WindowStall\Core\Payment\PayMethod;

/** Who is made up for a rehearsal: as few as go through each market once and pay in each way once. */
final class Cast
{
    /**
     * @param  array<string, list<PayMethod>>  $offered  country → how can be paid there, the home market first
     * @return list<RolledShopper>
     */
    public static function of(array $offered): array
    {
        $cast = [];
        $tried = [];
        foreach ($offered as $country => $methods) {
            $method = self::untried($methods, $tried)[0] ?? $methods[0] ?? null;
            $cast[] = new RolledShopper($country, $method);
            $tried[] = $method;
        }
        foreach ($offered as $country => $methods) {
            foreach (self::untried($methods, $tried) as $method) {
                $cast[] = new RolledShopper($country, $method);
                $tried[] = $method;
            }
        }

        return $cast;
    }

    /**
     * @param  list<PayMethod>  $methods
     * @param  list<PayMethod|null>  $tried
     * @return list<PayMethod>
     */
    private static function untried(array $methods, array $tried): array
    {
        return array_values(array_filter($methods, static fn (PayMethod $one): bool => ! in_array($one, $tried, true)));
    }
}
