<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Sale;

use Brick\Math\BigDecimal;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Recipe\Decision;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Tax\SalesTax;

/**
 * What one sale would come to, asked with everything it needs and nothing of what is stored: amounts and rates as
 * decimal strings.
 *
 * {currency, quantity?, sale: {tax_rate, tax_included?, delivery_charged?}, cost: {goods, delivery_first,
 * delivery_next?, duty_rate?, duty_on?, handling?}, rates?, cushion?, fees?: {payment_rate, payment_fixed,
 * platform_rate, returns_rate, advertising}, rrp?, recipe | price}; amounts of cost are {amount, currency}.
 */
final readonly class PriceQuestion
{
    public const MOST_PIECES = 10_000;

    public const MOST_RATES = 200;

    private function __construct(
        private int $quantity,
        private Landed $landed,
        private SaleTerms $terms,
        private ?Recipe $recipe,
        private ?Money $price,
        private ?Money $rrp,
    ) {
    }

    /** What was asked; null with a sentence in the fields for everything that can't be read. */
    public static function read(Fields $f): ?self
    {
        $currency = $f->currency('currency');
        $quantity = $f->whole('quantity', 1, self::MOST_PIECES, 1);
        $rates = self::rates($f, $currency);
        $cost = self::cost($f, $currency);
        $tax = $f->rate('sale.tax_rate');
        $terms = new SaleTerms(
            $f->flag('sale.tax_included', true) ? SalesTax::included($tax) : SalesTax::onTop($tax),
            $f->amount('sale.delivery_charged', $currency, required: false),
            $f->rate('fees.payment_rate', required: false),
            $f->amount('fees.payment_fixed', $currency, required: false),
            $f->rate('fees.platform_rate', required: false),
            $f->rate('fees.returns_rate', required: false),
            $f->amount('fees.advertising', $currency, required: false),
        );
        $rrp = $f->has('rrp') ? $f->amount('rrp', $currency) : null;
        if ($f->has('recipe') === $f->has('price')) {
            $f->problem('recipe', 'Give either "recipe" or "price".');
        }
        $recipe = $f->has('recipe') ? RecipeNotation::read($f, $currency, 'recipe') : null;
        $price = $f->has('price') ? $f->amount('price', $currency) : null;
        if ($f->problems() !== []) {
            return null;
        }
        try {
            $landed = $cost->landed($quantity, $rates);
        } catch (RateMissing $e) {
            $f->problem('rates', $e->getMessage());

            return null;
        }
        $most = Money::MOST_UNITS * $currency->minorPerUnit() * self::MOST_PIECES;
        if ($landed->total->minor > $most) {
            $f->problem('cost', 'This costs more than can be worked out here.');

            return null;
        }

        return new self($quantity, $landed, $terms, $recipe, $price, $rrp);
    }

    /**
     * @return array<string, mixed>|null null with a sentence in the fields where the recipe makes no price
     */
    public function answer(Fields $f): ?array
    {
        $decision = $this->recipe?->decide($this->landed, $this->terms, $this->rrp);
        $price = $this->price ?? $decision?->price;
        if ($price === null) {
            $f->problem('recipe', implode(' ', $decision?->reasons() ?? []));

            return null;
        }
        $till = Till::ring($price, $this->landed, $this->terms);

        return [
            'currency' => $price->currency->code,
            'quantity' => $this->quantity,
            'price' => $price->digits(),
            'lines' => array_map(static fn (Money $m): string => $m->digits(), [
                'goods' => $till->goods,
                'delivery' => $till->delivery,
                'duty' => $till->duty,
                'handling' => $till->handling,
                'tax' => $till->tax,
                'payment_fee' => $till->fee,
                'platform_fee' => $till->platform,
                'returns' => $till->returns,
                'advertising' => $till->advertising,
            ]),
            'landed' => $till->landed->digits(),
            'receipts' => $till->receipts->digits(),
            'keep' => $till->keep->digits(),
            'margin' => $till->receipts->minor === 0 ? null : self::share($till->keep->minor, $till->receipts->minor),
            'markup' => self::basisPoints($till->markupBp()),
            'break_even_price' => $till->breakEvenPrice()?->digits(),
            'break_even_advertising' => $till->breakEvenAdvertising()->digits(),
            'return_on_advertising' => $till->returnOnAdvertisingNeeded() === null
                    ? null
                    : (string) BigDecimal::ofUnscaledValue($till->returnOnAdvertisingNeeded(), 2),
            'reasons' => $decision?->reasons() ?? [sprintf('The price of %s was given.', $price->digits())],
            'warnings' => $this->warnings($till, $decision),
        ];
    }

    /** @return list<string> */
    private function warnings(Till $till, ?Decision $decision): array
    {
        $floor = $this->recipe?->floor;

        return array_values(
            array_filter([
                $till->losesMoney()
                    ? sprintf('This loses %s on every sale.', $till->keep->with(-$till->keep->minor)->digits())
                    : null,
                $decision?->floorOverCap() === true
                    ? sprintf(
                        'The floor of %s can’t be kept under %s.',
                        $floor?->words(),
                        $this->recipe?->cap?->words(),
                    )
                    : null,
                $floor !== null &&
                $decision?->floorOverCap() !== true &&
                ! $floor->met($till->price->minor, $this->landed->total->minor, $this->terms)
                    ? sprintf('The floor of %s can’t be met at any price.', $floor->words())
                    : null,
                $this->landed->deliveryOutweighsGoods()
                    ? sprintf(
                        'Delivery at %s costs more than the goods at %s.',
                        $till->delivery->digits(),
                        $till->goods->digits(),
                    )
                    : null,
                $this->rrp !== null && $till->price->minor > $this->rrp->times($this->quantity)->minor
                    ? sprintf('The price is above the RRP of %s.', $this->rrp->digits())
                    : null,
            ]),
        );
    }

    private static function cost(Fields $f, Currency $currency): Cost
    {
        $money = static function (string $path, ?Money $missing) use ($f): Money {
            if ($missing !== null && ! $f->has($path)) {
                return $missing;
            }

            return $f->amount($path.'.amount', $f->currency($path.'.currency'));
        };
        $first = $money('cost.delivery_first', null);

        return new Cost(
            $money('cost.goods', null),
            $first,
            $money('cost.delivery_next', $first),
            new Duty(
                $f->rate('cost.duty_rate', required: false),
                $f->choice('cost.duty_on', DutyBase::class, DutyBase::GoodsAndDelivery),
            ),
            $money('cost.handling', Money::zero($currency)),
        );
    }

    private static function rates(Fields $f, Currency $currency): Rates
    {
        $cushion = $f->rate('cushion', required: false);
        $written = $f->get('rates') ?? [];
        if (! is_array($written) || $f->isList('rates') || count($written) > self::MOST_RATES) {
            $f->problem('rates', 'Rates are an object: {"USD": "0.78"} when one dollar costs 0.78.');
            $written = [];
        }
        $from = [];
        foreach (array_keys($written) as $code) {
            try {
                $other = Currency::of((string) $code);
            } catch (MoneyUnreadable $e) {
                $f->problem('rates.'.$code, $e->getMessage());

                continue;
            }
            $rate = BigDecimal::of($f->exchange('rates.'.$code))->multipliedBy(
                BigDecimal::ofUnscaledValue(Rate::WHOLE + $cushion->millionths, 6),
            );
            $from[$other->code] = ExchangeRate::of($other, $currency, (string) $rate, 0, '');
        }

        return new Rates($currency, $from);
    }

    private static function share(int $part, int $whole): ?string
    {
        return self::basisPoints(Rounding::halfUp($part, 10_000, $whole));
    }

    /** A ratio with four decimals. */
    private static function basisPoints(?int $bp): ?string
    {
        return $bp === null ? null : (string) BigDecimal::ofUnscaledValue($bp, 4);
    }
}
