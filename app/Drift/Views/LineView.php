<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use Illuminate\Support\Collection;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Money\Money;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\History\CostHistory;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One change on the desk: before → after, and what it does to price and keep. */
final readonly class LineView
{
    /**
     * @param  string  $price  "£16.95 → £18.95", "£16.95 stays", or nothing
     * @param  string  $keep  the same of what is kept of a sale
     * @param  string  $rule  why it stands as it does
     * @param  list<int>  $history  the supplier's figures in the course of time, oldest first: costs, or pieces in
     *     stock
     * @param  string  $historyWords  the same in words
     * @param  bool  $settable  whether what was said before can be set back as the seller's own word
     */
    public function __construct(
        public int $id,
        public int $listing,
        public string $title,
        public string $variant,
        public ?string $picture,
        public string $kind,
        public string $before,
        public string $after,
        public string $price,
        public string $keep,
        public bool $bad,
        public string $rule,
        public array $history,
        public string $historyWords,
        public bool $settable,
        public string $standing,
        public string $when,
    ) {
    }

    /**
     * @param  Collection<int, DriftChange>  $changes  with their listing and its pictures
     * @return list<self>
     */
    public static function list(Stall $stall, Collection $changes): array
    {
        $history = CostHistory::of($changes);

        return array_values($changes->map(static fn (DriftChange $c): self => self::of(
            $stall,
            $c,
            $history[$c->supplier_item_id.' '.$c->variant] ?? ['costs' => [], 'stock' => []],
        ))->all());
    }

    /** @param  array{costs: list<int>, stock: list<int>}  $history */
    private static function of(Stall $stall, DriftChange $change, array $history): self
    {
        $ready = $change->listing?->pictures->firstWhere('state', Picture::READY);
        $cost = $change->kind->prices();
        $points = match ($change->kind) {
            ChangeKind::Cost => $history['costs'],
            ChangeKind::SoldOut, ChangeKind::BackInStock => $history['stock'],
            default => [],
        };
        // Nothing moved: there is nothing to see.
        $points = count(array_unique($points)) > 1 ? $points : [];

        return new self(
            id: $change->id,
            listing: $change->listing_id,
            title: (string) $change->listing?->shown_title,
            variant: $change->variant === '' ? '' : (string) $change->listing?->inOwnNames($change->about),
            picture: $ready?->url(80),
            kind: $change->kind->value,
            before: $change->before,
            after: $change->after,
            price: $cost ? self::moves($stall, $change->price_was, $change->price_agreed) : '',
            keep: $cost ? self::moves($stall, $change->keep_was, $change->keep_agreed) : '',
            bad: $change->under_floor,
            rule: $change->rule,
            history: $points,
            historyWords: self::inWords($points),
            settable: $change->canBeSetBack(),
            standing: $change->standing->value,
            when: $change->at->diffForHumans(),
        );
    }

    /** @param  list<int>  $points */
    private static function inWords(array $points): string
    {
        return $points === [] ? '' : sprintf(
            '%d → %d, least %d, most %d',
            $points[0],
            $points[count($points) - 1],
            min($points),
            max($points),
        );
    }

    private static function moves(Stall $stall, ?int $was, ?int $is): string
    {
        $words = static fn (int $minor): string => MoneyView::text(new Money($minor, $stall->currencyValue()));

        return match (true) {
            $was === null || $is === null || $is === 0 => '',
            $was === $is => $words($was).' stays',
            default => $words($was).' → '.$words($is),
        };
    }
}
