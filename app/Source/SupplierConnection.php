<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Money\Money;
use WindowStall\Runs\Run;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\Own\OwnConnector;
use WindowStall\Source\Connectors\TakesOrders;
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * A stall's account with a supplier.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $public_id
 * @property string $kind
 * @property string $name
 * @property string $address
 * @property array{key: string, hook: string} $secrets
 * @property array<string, mixed> $settings what its kind keeps
 * @property array<string, mixed> $guards how much one pull may end, empty or halve
 * @property string|null $account of which account at the supplier it is ({@see SupplierAccount})
 * @property Carbon|null $heard_at when its news came last
 * @property Carbon|null $unheard_from since when some of its news may have gone elsewhere
 * @property int $kept_back pieces of its stock that aren't sold
 * @property string|null $cut_off up to which hour what is paid is packed on the same day, "14:00"
 * @property int $packs_from working days of packing besides those it says in its quotes
 * @property int $packs_to
 * @property list<array{string, string}> $closed_days when nobody packs: from and to, both included, YYYY-MM-DD
 * @property array<string, mixed> $policies its rules for what it changes
 * @property string|null $landed_by by what delivery, duty and rates its goods were landed last
 * @property Schedule $schedule
 * @property Carbon|null $pulled_at
 * @property Carbon|null $next_pull_at
 * @property int|null $moving_every minutes after which stock and cost are asked for; null: with the rest
 * @property Carbon|null $moving_next_at
 * @property int $failures pulls that failed one after the other
 * @property Carbon|null $paused_at
 * @property Carbon|null $disconnected_at
 * @property string|null $orders_to the mail address that takes its orders, once a day; null where it takes none so
 * @property string $orders_at up to which hour of the stall's day, "15:00"
 * @property string $returns_to where it takes goods back, as the seller said last; "" where that isn't known
 * @property string|null $trouble
 * @property int|null $most_pieces that one order may have; null where it says nothing of that
 * @property list<array{code: string, name: string, minor: int, currency: string}> $extras what it lays into each order
 * @property string $pays how it is paid: "at_once", "ahead" of a balance, by "bills"
 * @property int|null $balance_minor paid in and not used, as it said last
 * @property string|null $balance_currency
 * @property Carbon|null $balance_at when it said so
 * @property int $warn_days so long a balance must last
 * @property int $bill_days after which its bills are due
 * @property Carbon|null $account_next_at when it is asked next how the account stands; null where it can't be
 */
final class SupplierConnection extends Model
{
    /** @var array<string, mixed> as the table has them */
    protected $attributes = [
        'settings' => '{}',
        'guards' => '{}',
        'policies' => '{}',
        'extras' => '[]',
        'kept_back' => 0,
        'schedule' => 'nightly',
        'failures' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'secrets' => 'encrypted:array',
            'settings' => 'array',
            'guards' => 'array',
            'policies' => 'array',
            'closed_days' => 'array',
            'extras' => 'array',
            'balance_at' => 'datetime',
            'account_next_at' => 'datetime',
            'schedule' => Schedule::class,
            'pulled_at' => 'datetime',
            'heard_at' => 'datetime',
            'unheard_from' => 'datetime',
            'next_pull_at' => 'datetime',
            'moving_next_at' => 'datetime',
            'paused_at' => 'datetime',
            'disconnected_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's, without that of its own goods */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class)->where('kind', '<>', OwnConnector::KIND);
    }

    /** @return HasMany<self, Stall> */
    public static function withOwn(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** Whether it is where goods of the stall's own come from. */
    public function isOwn(): bool
    {
        return $this->kind === OwnConnector::KIND;
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class, 'connection_id');
    }

    public function connector(): Connector
    {
        return app(Connectors::class)->get($this->kind);
    }

    /**
     * @param  int  $patience  seconds one may wait in all for a supplier that is busy
     * @param  int|null  $seconds  the most that one answer may take
     */
    public function access(int $patience = 0, ?int $seconds = null): Access
    {
        return new Access($this->address, $this->secrets['key'], $this->settings, $patience, $seconds, $this->id);
    }

    /** What an order to it costs besides goods and delivery, in the stall's currency. */
    public function extrasCost(Stall $stall): Money
    {
        $sheet = CostSheet::of($stall);

        return $sheet->parcelOf($this->id)->minus($sheet->handling());
    }

    /** Whether orders reach it from here at all. */
    public function takesOrders(): bool
    {
        return $this->ordering() !== null || $this->orders_to !== null;
    }

    /** The connector when orders can be sent to it over the wire; null when they can't. */
    public function ordering(): ?TakesOrders
    {
        $connector = $this->connector();

        return $connector instanceof TakesOrders ? $connector : null;
    }
}
