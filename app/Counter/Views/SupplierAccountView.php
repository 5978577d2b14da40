<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Counter\Owed\SupplierAccounts;
use WindowStall\Source\Account\BoughtAhead;
use WindowStall\Source\Connectors\KeepsAccount;
use WindowStall\Source\Connectors\OffersExtras;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** How a stall stands with a supplier, and on what terms that takes its orders. */
final readonly class SupplierAccountView
{
    /**
     * @param  string  $sentence  how it stands
     * @param  list<string>  $figures  what that rests on
     * @param  string  $settle  up to when bills would be noted as paid; "" where none is open
     * @param  list<LaidInView>  $extras  chosen
     * @param  list<string>  $ahead  what was bought ahead and lies there
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $pays,
        public string $sentence,
        public bool $short,
        public array $figures,
        public string $settle,
        public string $settleWords,
        public int $warnDays,
        public int $billDays,
        public ?int $mostPieces,
        public array $extras,
        public bool $offersExtras,
        public bool $tells,
        public array $ahead,
    ) {
    }

    public static function of(Stall $stall, SupplierConnection $one): self
    {
        $outlook = SupplierAccounts::outlook($stall, $one);
        $bills = SupplierAccounts::bills($stall, $one);
        $byBills = $one->pays === 'bills' && $bills['orders'] > 0;

        return new self(
            id: $one->id,
            name: $one->name,
            pays: $one->pays,
            sentence: match (true) {
                $outlook !== null => self::ahead($stall, $one),
                $byBills => self::owed($bills),
                $one->pays === 'bills' => 'No bill of it is open.',
                default => 'Each order is paid as it goes; nothing is owed.',
            },
            short: $outlook->short ?? false,
            figures: $outlook === null ? [] : array_values(array_filter([
                'Taken a day: '.MoneyView::text($outlook->aDay).'.',
                $outlook->free->isNegative()
                    ? MoneyView::text($outlook->free->with(-$outlook->free->minor)).' is missing for what waits to be sent.'
                    : MoneyView::text($outlook->free).' is free once what waits is sent.',
                $one->balance_at === null ? '' : 'It said so '.Clock::here()->near($one->balance_at).'.',
            ])),
            settle: $byBills ? now()->toIso8601String() : '',
            settleWords: $byBills ? MoneyView::text($bills['owed']).' is paid' : '',
            warnDays: $one->warn_days,
            billDays: $one->bill_days,
            mostPieces: $one->most_pieces,
            extras: array_map(static fn (array $extra): LaidInView => new LaidInView(
                $extra['code'],
                $extra['name'],
                MoneyView::text($stall->rateFrom($extra['currency'])->convert(Money::of($extra['minor'], $extra['currency']))),
            ), $one->extras),
            offersExtras: $one->connector() instanceof OffersExtras,
            tells: $one->connector() instanceof KeepsAccount,
            ahead: array_values(BoughtAhead::query()->where('connection_id', $one->id)->where('left', '>', 0)->with('variant.item')->get()
                ->map(static fn (BoughtAhead $lot): string => sprintf(
                    '%d of %d %s, %s each',
                    $lot->left,
                    $lot->pieces,
                    trim(($lot->variant->item->title ?? '').', '.($lot->variant->label ?? ''), ', '),
                    MoneyView::text($stall->rateFrom($lot->currency)->convert($lot->cost())),
                ))->all()),
        );
    }

    private static function ahead(Stall $stall, SupplierConnection $one): string
    {
        $left = SupplierAccounts::left($stall, $one) ?? $stall->money(0);
        $days = SupplierAccounts::outlook($stall, $one)?->days;

        return MoneyView::text($left).' of what you paid in is left. '.match (true) {
            $days === null => 'Nothing was spent lately.',
            $days === 0 => 'It doesn’t last the day: pay something in, or orders are refused.',
            $days === 1 => 'It lasts one more day.',
            default => sprintf('It lasts about %d days.', $days),
        };
    }

    /** @param  array{orders: int, owed: Money, due: \Illuminate\Support\Carbon|null}  $bills */
    private static function owed(array $bills): string
    {
        return sprintf(
            'You owe %s for %d %s%s.',
            MoneyView::text($bills['owed']),
            $bills['orders'],
            $bills['orders'] === 1 ? 'order' : 'orders',
            $bills['due'] === null ? '' : ', the oldest due '.Clock::here()->near($bills['due']),
        );
    }
}
