<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** Whether a listing may go in the window, and if not, everything that is missing, in the order of the page. */
final readonly class Readiness
{
    public const TITLE_LIMIT = 120;

    /** @param  list<Lack>  $lacks */
    private function __construct(public array $lacks)
    {
    }

    /**
     * @param  string  $title  as the shopper would see it
     * @param  int  $pictures  how many chosen pictures there are
     * @param  int  $picturesReady  how many of them are made into the shop's sizes
     * @param  list<VariantState>  $variants
     * @param  string  $market  the home market, in words
     * @param  list<string>  $drafts  fields that hold a draft nobody has accepted
     * @param  Wording|null  $wording  what shoppers would read of it; null where that isn't weighed
     */
    public static function of(
        string $title,
        int $pictures,
        int $picturesReady,
        array $variants,
        string $market,
        array $drafts = [],
        ?Wording $wording = null,
    ): self {
        $lacks = [];
        foreach (['title' => ListingPart::Title, 'words' => ListingPart::Words] as $field => $place) {
            if (in_array($field, $drafts, true)) {
                $lacks[] = new Lack(
                    $place,
                    sprintf(
                        'The %s is still a draft. Read it, and change or accept it.',
                        $field === 'words' ? 'description' : $field,
                    ),
                );
            }
        }
        if (trim($title) === '') {
            $lacks[] = new Lack(ListingPart::Title, 'It has no title.');
        } elseif (mb_strlen($title) > self::TITLE_LIMIT) {
            $lacks[] = new Lack(
                ListingPart::Title,
                sprintf(
                    'The title has %d letters; %d is the most a shopper can read.',
                    mb_strlen($title),
                    self::TITLE_LIMIT,
                ),
            );
        }
        if ($pictures === 0) {
            $lacks[] = new Lack(ListingPart::Pictures, 'It has no picture.');
        } elseif ($picturesReady === 0) {
            $lacks[] = new Lack(ListingPart::Pictures, 'Its pictures are still being fetched from the supplier.');
        }
        $lacks = [...$lacks, ...$wording?->lacks() ?? []];
        $on = array_values(array_filter($variants, static fn (VariantState $v): bool => $v->on));
        $plain = array_values(array_filter($on, static fn (VariantState $v): bool => ! $v->toOrder));
        if ($on === []) {
            $lacks[] = new Lack(ListingPart::Variants, 'No variant is switched on.');
        } elseif ($plain !== []) {
            $lacks[] = self::cantBeOrdered($plain[0], count($plain) === count($on));
        } elseif (array_sum(array_map(static fn (VariantState $v): int => max(0, $v->stock), $on)) === 0) {
            $lacks[] = new Lack(ListingPart::Variants, 'Every variant that is switched on is sold out at the supplier.');
        }
        foreach ($on as $variant) {
            array_push($lacks, ...self::price($variant, $market));
        }

        return new self($lacks);
    }

    public function ready(): bool
    {
        return $this->lacks === [];
    }

    private static function cantBeOrdered(VariantState $variant, bool $all): Lack
    {
        return new Lack(
            ListingPart::Variants,
            $all
                ? 'It is a blank, and its print house takes no order for a blank without artwork.'
                : sprintf(
                    '%s is a blank, and its print house takes no order for it without artwork. Switch it off.',
                    $variant->label,
                ),
        );
    }

    /** @return list<Lack> */
    private static function price(VariantState $variant, string $market): array
    {
        $name = $variant->label === '' ? 'It' : $variant->label;
        if ($variant->price === null || $variant->keep === null) {
            return [new Lack(ListingPart::Variants, sprintf('%s can’t be delivered to %s. Switch it off.', $name, $market))];
        }
        if ($variant->price->minor <= 0) {
            return [new Lack(ListingPart::Price, sprintf('%s has no price.', $name))];
        }
        if ($variant->knowingly) {
            return [];
        }
        if ($variant->keep->isNegative()) {
            return [
                new Lack(
                    ListingPart::Price,
                    sprintf(
                        '%s loses %s on every sale at %s.',
                        $name,
                        $variant->keep->with(-$variant->keep->minor)->said(),
                        $variant->price->said(),
                    ),
                ),
            ];
        }

        return $variant->underFloor
            ? [
                new Lack(
                    ListingPart::Price,
                    sprintf(
                        '%s keeps %s at %s, less than the floor asks.',
                        $name,
                        $variant->keep->said(),
                        $variant->price->said(),
                    ),
                ),
            ]
            : [];
    }
}
