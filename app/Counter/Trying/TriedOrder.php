<?php

declare(strict_types=1);

namespace WindowStall\Counter\Trying;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Window\Trying\Trial;

/**
 * An order of a shopper who saw one half of a trial.
 *
 * @property int $order_id
 * @property int $stall_id
 * @property int $trial_id
 * @property bool $second
 * @property Carbon|null $paid_at
 * @property int|null $keep_minor
 */
final class TriedOrder extends Model
{
    /** Written by the shop's pages (resources/shop/islands/half.ts): the trial, then "a" or "b". */
    public const COOKIE = 'half';

    protected $primaryKey = 'order_id';

    public $incrementing = false;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['second' => 'boolean', 'paid_at' => 'datetime'];
    }

    /** Notes which half its shopper saw, where that is one of the trial that runs. */
    public static function note(Stall $stall, Order $order, Request $request): void
    {
        $said = $request->cookies->get(self::COOKIE);
        if (! is_string($said) || preg_match('/^(\d{1,18})(a|b)$/D', $said, $m) !== 1) {
            return;
        }
        $trial = Trial::now($stall);
        if ($trial?->id === (int) $m[1] && $trial->runs()) {
            self::query()->updateOrCreate(
                ['order_id' => $order->id],
                ['stall_id' => $stall->id, 'trial_id' => $trial->id, 'second' => $m[2] === 'b'],
            );
        }
    }
}
