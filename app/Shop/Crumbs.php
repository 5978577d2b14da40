<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Stall\Stall;

/** The way from the front of the shop to a page. */
final class Crumbs
{
    /**
     * schema.org BreadcrumbList (https://schema.org/BreadcrumbList).
     *
     * @param  list<array{words: string, href: string}>  $crumbs
     * @return array<string, mixed>
     */
    public static function jsonLd(Stall $stall, string $shop, array $crumbs): array
    {
        $all = [['words' => $shop, 'href' => '/'], ...$crumbs];

        return [
            '@context' => 'https://schema.org',
            '@type' => 'BreadcrumbList',
            'itemListElement' => array_map(static fn (int $n, array $crumb): array => [
                '@type' => 'ListItem',
                'position' => $n + 1,
                'name' => $crumb['words'],
                'item' => $stall->shopAddress($stall->seen()->path($crumb['href'])),
            ], array_keys($all), $all),
        ];
    }
}
