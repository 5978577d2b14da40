<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Support\RichText;
use WindowStall\Support\Views\MoneyView;

/** What a listing's supplier says of it now. HTML in it is sanitised. */
final readonly class SupplierSaysView
{
    /**
     * @param  string|null  $pulled  how long ago it was heard
     * @param  list<PictureView>  $pictures
     * @param  list<string>  $options  "Clr: STL-01, CPR-02"
     * @param  list<string>  $arrival  cost and way to the home market, best first
     */
    public function __construct(
        public string $name,
        public ?string $pulled,
        public string $title,
        public string $words,
        public array $pictures,
        public array $options,
        public array $arrival,
        public ?MadeFromView $madeFrom,
        public ?OwnGoodView $own,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $connection = $f->listing->supplierItem?->connection;

        return new self(
            name: (string) $connection?->name,
            pulled: $connection?->pulled_at?->diffForHumans(),
            title: $f->now->title,
            words: (new RichText())->clean($f->now->description),
            pictures: PictureView::each($f->listing->pictures->whereNotNull('source')->all()),
            options: self::options($f),
            arrival: self::arrival($f),
            madeFrom: MadeFromView::of($f->stall, $f->listing->supplierItem),
            own: OwnGoodView::of($f->stall, $f->listing->supplierItem),
        );
    }

    /** @return list<string> */
    private static function options(ListingFigures $f): array
    {
        $values = [];
        foreach ($f->now->variants as $variant) {
            foreach ($variant->options as $name => $value) {
                $values[$name][$value] = true;
            }
        }

        return array_map(
            static fn (string $name, array $v): string => $name.': '.implode(', ', array_keys($v)),
            array_keys($values),
            $values,
        );
    }

    /** @return list<string> */
    private static function arrival(ListingFigures $f): array
    {
        $ways = [];
        foreach ($f->variants as $v) {
            if ($v->till !== null && $v->days !== null) {
                $ways[$v->warehouse ?? ''] ??= sprintf(
                    '%s + %s delivery from %s, %s',
                    MoneyView::text($v->till->goods),
                    MoneyView::text($v->till->delivery),
                    $v->warehouse,
                    $v->days->words(),
                );
            }
        }

        return array_values($ways);
    }
}
