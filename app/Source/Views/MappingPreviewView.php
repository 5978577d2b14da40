<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Words\Plural;
use WindowStall\Runs\Views\RejectView;
use WindowStall\Source\Connectors\Feed\DeliveryTable;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Feeds\FeedSample;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** What the first rows of a file would become with a mapping. */
final readonly class MappingPreviewView
{
    private const ITEMS = 6;

    private const REJECTS = 8;

    /**
     * @param  list<PreviewItemView>  $items
     * @param  list<RejectView>  $rejects
     * @param  string|null  $lacks  what has to be said yet
     * @param  string  $delivery  what the delivery table comes to, or what is wrong with it
     */
    public function __construct(
        public string $words,
        public array $items,
        public array $rejects,
        public int $rejected,
        public ?string $lacks,
        public string $delivery,
        public bool $delivered,
    ) {
    }

    public static function of(FeedSample $sample, Mapping $mapping, string $delivery, Stall $stall): self
    {
        $missing = $mapping->missing();
        $read = $missing === [] ? $sample->assembled($mapping) : ['items' => [], 'rejects' => []];
        $variants = array_sum(array_map(static fn (Item $i): int => count($i->variants), $read['items']));
        [$said, $delivered] = self::delivery($delivery, $mapping, $read['items'], $stall);

        return new self(
            words: Plural::of(count($read['items']), 'item').' with '.Plural::of($variants, 'variant'),
            items: array_map(PreviewItemView::of(...), array_slice($read['items'], 0, self::ITEMS)),
            rejects: array_map(
                static fn (Reject $r): RejectView => new RejectView(
                    row: $r->row,
                    column: $r->column,
                    value: $r->value,
                    reason: $r->reason,
                ),
                array_slice($read['rejects'], 0, self::REJECTS),
            ),
            rejected: count($read['rejects']),
            lacks: $missing === []
                ? null
                : 'Say which column is the '.
                    implode(', and which the ', array_map(static fn (FeedField $f): string => $f->words(), $missing)).
                    '.',
            delivery: $said,
            delivered: $delivered,
        );
    }

    /**
     * @param  list<Item>  $items
     * @return array{string, bool}
     */
    private static function delivery(string $text, Mapping $mapping, array $items, Stall $stall): array
    {
        try {
            $table = DeliveryTable::read($text, Currency::of($mapping->currency));
        } catch (Refusal $refusal) {
            return [$refusal->getMessage(), false];
        }
        $carried = $all = 0;
        foreach ($items as $item) {
            foreach ($item->variants as $variant) {
                $all++;
                $carried +=
                    $table->quotes(new ParcelToQuote($mapping->warehouse, $stall->home_market, $variant->grams)) === []
                        ? 0
                        : 1;
            }
        }
        if ($carried === 0) {
            return [
                sprintf(
                    'Nothing can be delivered to %s yet: without a price for the parcel no landed cost can be worked '.
                        'out.',
                    $stall->marketName(),
                ),
                false,
            ];
        }

        return [
            $carried === $all
                ? sprintf('Every variant can be delivered to %s.', $stall->marketName())
                : sprintf(
                    '%d of %d variants can be delivered to %s; the others are too heavy for the table.',
                    $carried,
                    $all,
                    $stall->marketName(),
                ),
            true,
        ];
    }
}
