<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Validation\ValidationException;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\TypedCountries;

/**
 * A way to pay as a seller says it: {on?, countries?, least?, most?, fee?, fixed?}; amounts are decimals in the stall's currency,
 * the fee a share such as "0.019". What isn't said of fees is as the cost sheet has it.
 *
 * @phpstan-import-type StoredMethod from PaymentConnection
 */
final class MethodForm
{
    /**
     * @param  array<mixed>  $typed
     * @return StoredMethod
     *
     * @throws ValidationException with a sentence for each field that can't be read
     */
    public static function read(Stall $stall, array $typed): array
    {
        $f = new Fields($typed);
        $currency = $stall->currencyValue();
        $amount = static fn (string $at): ?int => $f->has($at) ? $f->amount($at, $currency)->minor : null;
        $said = [
            'on' => $f->flag('on', true),
            'countries' => TypedCountries::read($f, 'countries'),
            'least_minor' => $amount('least'),
            'most_minor' => $amount('most'),
            'fee_bp' => $f->has('fee') ? intdiv($f->rate('fee')->millionths, 100) : null,
            'fee_fixed_minor' => $amount('fixed'),
        ];
        if ($said['least_minor'] !== null && $said['most_minor'] !== null && $said['most_minor'] < $said['least_minor']) {
            $f->problem('most', 'It isn’t offered for anything: up to less than from.');
        }

        return $f->problems() === [] ? $said : throw ValidationException::withMessages($f->problems());
    }
}
