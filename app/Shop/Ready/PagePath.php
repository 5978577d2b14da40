<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use WindowStall\Stall\StalePages;

/** Where a page that can be kept ready stands in the shop, and what makes it stale. */
final readonly class PagePath
{
    private const KEPT = '#^(?:/|(?:/[a-z]{2}(?:-[a-z]{2})?)?/(?:goods|shelves|pages|notes|policies)(?:/[a-z0-9-]+)?|/[a-z]{2}(?:-[a-z]{2})?)$#D';

    /** Of the home market, or of another below its prefix. */
    private const GOODS = '#^(?:/[a-z]{2}(?:-[a-z]{2})?)?/goods/([a-z0-9-]+)$#D';

    private const POLICIES = '#^(?:/[a-z]{2}(?:-[a-z]{2})?)?/policies(?:/|$)#';

    private function __construct(public string $path)
    {
    }

    /** @return self|null null for an address that isn't kept */
    public static function of(string $path): ?self
    {
        return preg_match(self::KEPT, $path) === 1 ? new self($path) : null;
    }

    /** Below a folder of pages. */
    public function file(): string
    {
        return ($this->path === '/' ? '/index' : $this->path).'.html';
    }

    /** @return string|null the end of the address of the goods it is about */
    public function goods(): ?string
    {
        return preg_match(self::GOODS, $this->path, $found) === 1 ? $found[1] : null;
    }

    /**
     * @param  list<string>  $shows  other goods it shows, by the ends of their addresses
     * @return list<string> keys as {@see StalePages} notes them
     */
    public function keys(array $shows): array
    {
        $goods = $this->goods();
        if ($goods === null) {
            return [StalePages::FRAME, ...(preg_match(self::POLICIES, $this->path) === 1 ? [] : [StalePages::LISTS])];
        }

        return [
            StalePages::FRAME,
            ...array_map(static fn (string $slug): string => StalePages::GOODS.$slug, [$goods, ...$shows]),
        ];
    }
}
