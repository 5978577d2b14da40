<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Symfony\Component\DomCrawler\Crawler;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Support\Speech\Speech;

/** A letter that the shopper of a rehearsal would have been mailed: written out, and sent to nobody. */
final readonly class OrderLetters
{
    /** @param  list<string>  $links  paths within the shop that it leads to */
    private function __construct(public string $subject, public string $text, public array $links)
    {
    }

    /** @return list<self> in the order in which they were written */
    public static function of(Order $order): array
    {
        return array_map(static function (array $told) use ($order): self {
            $letter = new OrderLetter($order->id, $order->stall_id, $told['kind'], $told['of'] === 0 ? null : $told['of']);
            $html = (string) $letter->locale($order->language)->render();
            $page = new Crawler($html);

            return new self(
                (string) Speech::in($order->language, static fn (): ?string => $letter->envelope()->subject),
                trim($page->text('')),
                $page->filter('a[href]')->each(static fn (Crawler $a): string => (string) parse_url((string) $a->attr('href'), PHP_URL_PATH)),
            );
        }, TellShopper::told($order));
    }
}
