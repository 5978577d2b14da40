<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Payment\MethodTerms;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/**
 * A stall's account with the payment service. It has a key for trying out and one for real payments; which is used for new
 * orders is the seller's word, and each order goes on with the one it was begun with.
 *
 * @phpstan-type StoredMethod array{
 *     on?: bool, countries?: list<string>, least_minor?: int|null, most_minor?: int|null, fee_bp?: int|null,
 *     fee_fixed_minor?: int|null,
 * }
 *
 * @property int $stall_id
 * @property string $public_id where the service tells news
 * @property bool $live whether new orders are paid for real
 * @property array{test?: string, live?: string}|null $keys
 * @property array<string, StoredMethod> $methods by {@see PayMethod}
 * @property Carbon|null $heard_at when news came last
 */
final class PaymentConnection extends Model
{
    protected $primaryKey = 'stall_id';

    public $incrementing = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['live' => 'boolean', 'keys' => 'encrypted:array', 'methods' => 'array', 'heard_at' => 'datetime'];
    }

    public static function of(Stall $stall): self
    {
        $found = self::query()->find($stall->id)
            ?? self::query()->createOrFirst(['stall_id' => $stall->id], ['public_id' => (string) Str::uuid(), 'methods' => []])
                ->refresh();
        // Whoever rehearses only ever tries.
        $found->live = $found->live && ! OneStall::isRehearsing();

        return $found;
    }

    public function access(bool $live): PaymentAccess
    {
        $key = $this->keys[$live ? 'live' : 'test'] ?? ($live ? '' : (string) config('stall.payment.key'));

        return new PaymentAccess((string) config('stall.payment.address'), $key, (int) config('stall.payment.seconds'));
    }

    /** By what its news is signed; nobody but the service is told. */
    public function secret(): string
    {
        return hash_hmac('sha256', 'payment news '.$this->public_id, (string) config('app.key'));
    }

    public function terms(PayMethod $method, Stall $stall): MethodTerms
    {
        $said = $this->methods[$method->value] ?? [];
        $rate = $said['fee_bp'] ?? null;

        return new MethodTerms(
            $method,
            $said['on'] ?? $method === PayMethod::Card,
            $said['countries'] ?? [],
            $stall->moneyOrNull($said['least_minor'] ?? null),
            $stall->moneyOrNull($said['most_minor'] ?? null),
            $rate === null ? null : Rate::bp($rate),
            $stall->moneyOrNull($said['fee_fixed_minor'] ?? null),
        );
    }

    /**
     * By what a total can be paid where it goes, as the seller has them.
     *
     * @param  Money  $worth  of the whole, in the stall's currency
     * @return list<MethodTerms>
     */
    public function offered(Stall $stall, string $country, Money $worth): array
    {
        return array_values(array_filter(
            array_map(fn (PayMethod $method): MethodTerms => $this->terms($method, $stall), PayMethod::cases()),
            static fn (MethodTerms $terms): bool => $terms->isOffered($country, $worth),
        ));
    }
}
