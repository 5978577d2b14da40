<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Sleep;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;
use Symfony\Component\DomCrawler\Crawler;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Order;
use WindowStall\Shop\Basket;
use WindowStall\Stall\Stall;

/** One shopper of a rehearsal in the shop: what they want, and where they have got to. */
final class Visit
{
    /** Milliseconds between two looks at what is done in the background. */
    private const TICK = 250;

    private ?Order $order = null;

    /** @param  list<WantedGoods>  $wanted */
    public function __construct(
        public readonly Stall $stall,
        public readonly string $country,
        public readonly ?PayMethod $method,
        public readonly ShopBrowser $browser,
        public readonly array $wanted,
    ) {
    }

    /**
     * A page of the shop, as it is in this market.
     *
     * @throws Stuck where it isn't there
     */
    public function open(string $path): Crawler
    {
        return $this->exactly($this->stall->seen()->path($path));
    }

    /** @throws Stuck */
    public function exactly(string $path): Crawler
    {
        $page = $this->browser->request('GET', $this->stall->shopAddress($path));
        if ($this->browser->status() !== 200) {
            throw new Stuck(sprintf('The page %s isn’t there (%d).', $path, $this->browser->status()), self::read($page));
        }

        return $page;
    }

    /** What stands on a page for whoever can't go on. */
    public static function read(Crawler $page): string
    {
        $said = $page->filter('.trouble, .field-error')->each(static fn (Crawler $one): string => trim($one->text()));

        return implode(' ', array_unique(array_filter($said)));
    }

    /** @return list<string> the addresses of goods, as a page links to them */
    public static function goodsOn(Crawler $page): array
    {
        $links = $page->filter('a[href*="/goods/"]')->each(static fn (Crawler $one): string => (string) $one->attr('href'));
        preg_match_all('~/goods/([a-z0-9-]+)(?=["?# ]|$)~', implode(' ', $links), $slugs);

        return array_values(array_unique($slugs[1]));
    }

    /** Leaves the shop, and no basket there. */
    public function leave(): void
    {
        Basket::query()->where('stall_id', $this->stall->id)->whereKey($this->basket())->delete();
    }

    private function basket(): string
    {
        $id = (string) $this->browser->getCookieJar()->get(Basket::COOKIE)?->getValue();

        return Str::isUuid($id) ? $id : Uuid::NIL;
    }

    /** The order it became, as it stands now. */
    public function order(): Order
    {
        $this->order ??= Order::of($this->stall)->where('basket_id', $this->basket())->latest('created_at')->latest('id')->first()
            ?? throw new Stuck('No order came of it.');

        return $this->order->refresh();
    }

    /**
     * Waits for what is done in the background.
     *
     * @param  callable(): bool  $until
     * @return bool whether it happened
     */
    public function await(callable $until, int $seconds = 20): bool
    {
        for ($left = $seconds * 1_000; $left > 0; $left -= self::TICK) {
            if ($until()) {
                return true;
            }
            Sleep::for(self::TICK)->milliseconds();
        }

        return $until();
    }
}
