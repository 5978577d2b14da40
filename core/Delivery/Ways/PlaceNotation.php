<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\PostcodesUnreadable;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;

/**
 * Places as they are kept and as the API has them; amounts are decimal strings in the stall's currency, weights grams:
 *
 *     {name?, covers: [{country, parts?: [ISO 3166-2], postcodes?}],
 *      ways: [{name?, charge, across?, free_over?, prefers?, under?, phone?, collected?}], rules?: [{by, value, more?}]}
 *
 * A charge is {by: "flat", amount}, {by: "piece", first, further}, {by: "weight" | "value", bands: [{up_to, amount}], beyond},
 * {by: "cost", times?, plus?, ending?} or {by: "carrier", service?: "plain" | "quick", plus?, otherwise}. Without ways nothing is
 * sent there; a rule without "more" keeps goods back.
 *
 * @phpstan-type WrittenCover array{country: string, parts?: list<string>, postcodes?: string}
 * @phpstan-type WrittenCharge array<string, mixed>
 * @phpstan-type WrittenWay array{
 *     name: string, charge: WrittenCharge, across: string, free_over: string|null, prefers: string, under: string|null,
 *     phone: bool, collected: string,
 * }
 * @phpstan-type WrittenRule array{by: string, value: string, more: string|null}
 * @phpstan-type WrittenPlace array{
 *     name: string, covers: list<WrittenCover>, ways: list<WrittenWay>, rules: list<WrittenRule>,
 * }
 */
final class PlaceNotation
{
    public const MOST_WAYS = 6;

    public const MOST_BANDS = 20;

    public const MOST_RULES = 30;

    public const MOST_COVERS = 60;

    private const NAME = 80;

    private const WHERE = 160;

    /** @param  int  $id  by which the place is known again */
    public static function read(Fields $f, Currency $currency, int $id): PlaceTerms
    {
        $covers = self::each($f, 'covers', self::MOST_COVERS, static fn (string $at): Territory => self::cover($f, $at));
        if ($covers === []) {
            $f->problem('covers', 'A place holds at least one country.');
        }

        return new PlaceTerms(
            new Place($id, self::text($f, 'name', self::NAME, required: false), $covers),
            self::each($f, 'ways', self::MOST_WAYS, static fn (string $at): Way => self::way($f, $at, $currency)),
            self::each($f, 'rules', self::MOST_RULES, static fn (string $at): GoodsRule => self::rule($f, $at, $currency)),
        );
    }

    /** @return WrittenPlace */
    public static function write(PlaceTerms $terms): array
    {
        return [
            'name' => $terms->place->name,
            'covers' => array_map(self::writeCover(...), $terms->place->territories),
            'ways' => array_map(self::writeWay(...), $terms->ways),
            'rules' => array_map(static fn (GoodsRule $rule): array => [
                'by' => $rule->by->value,
                'value' => $rule->value,
                'more' => $rule->more?->digits(),
            ], $terms->rules),
        ];
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $read
     * @return list<T>
     */
    private static function each(Fields $f, string $path, int $most, callable $read): array
    {
        $written = $f->get($path) ?? [];
        if (! is_array($written) || ! array_is_list($written)) {
            $f->problem($path, 'A list belongs here.');

            return [];
        }
        if (count($written) > $most) {
            $f->problem($path, sprintf('At most %d belong here.', $most));

            return [];
        }

        return array_map(static fn (int $n): mixed => $read($path.'.'.$n), array_keys($written));
    }

    private static function text(Fields $f, string $path, int $most, bool $required = true): string
    {
        $written = $f->get($path) ?? '';
        $text = is_string($written) ? trim((string) preg_replace('/[\s\p{C}]+/u', ' ', $written)) : '';
        if (($required && $text === '') || ! is_string($written)) {
            $f->problem($path, 'Some words are missing here.');
        } elseif (mb_strlen($text) > $most) {
            $f->problem($path, sprintf('This is longer than %d letters.', $most));
        }

        return mb_substr($text, 0, $most);
    }

    private static function cover(Fields $f, string $at): Territory
    {
        $country = $f->get($at.'.country');
        if (! is_string($country) || preg_match('/^[A-Z]{2}$/D', $country) !== 1) {
            $f->problem($at.'.country', 'A country is its two capital letters, such as "GB".');
            $country = 'XX';
        }
        $parts = $f->get($at.'.parts') ?? [];
        foreach (is_array($parts) ? $parts : [null] as $part) {
            if (! is_string($part) || preg_match('/^'.$country.'-[A-Z0-9]{1,3}$/D', $part) !== 1) {
                $f->problem($at.'.parts', sprintf('Parts of a country are codes such as "%s-XY".', $country));
                $parts = [];
                break;
            }
        }
        $postcodes = $f->get($at.'.postcodes') ?? '';
        try {
            $read = is_string($postcodes) && trim($postcodes) !== '' ? Postcodes::read($postcodes) : null;
        } catch (PostcodesUnreadable $e) {
            $f->problem($at.'.postcodes', $e->getMessage());
            $read = null;
        }

        /** @var array<string> $parts */
        return new Territory($country, array_values(array_unique($parts)), $read);
    }

    private static function way(Fields $f, string $at, Currency $currency): Way
    {
        $under = $f->has($at.'.under') ? $f->amount($at.'.under', $currency) : null;

        return new Way(
            name: self::text($f, $at.'.name', self::NAME, required: false),
            charge: self::charge($f, $at.'.charge', $currency),
            across: $f->choice($at.'.across', SplitCharge::class, SplitCharge::Once),
            freeOver: $f->has($at.'.free_over') ? $f->amount($at.'.free_over', $currency) : null,
            prefers: $f->choice($at.'.prefers', MethodPreference::class, MethodPreference::Cheapest),
            under: $under,
            phone: $f->flag($at.'.phone', false),
            collected: self::text($f, $at.'.collected', self::WHERE, required: false),
        );
    }

    private static function charge(Fields $f, string $at, Currency $currency): Charge
    {
        $by = $f->get($at.'.by');
        $nothing = Money::zero($currency);
        switch (is_string($by) ? $by : '') {
            case 'flat':
                return new FlatCharge($f->amount($at.'.amount', $currency));
            case 'piece':
                return new PieceCharge($f->amount($at.'.first', $currency), $f->amount($at.'.further', $currency));
            case 'weight':
            case 'value':
                return self::bands($f, $at, $by === 'weight' ? BandsOf::Weight : BandsOf::Value, $currency);
            case 'cost':
                return new CostCharge(
                    $f->has($at.'.times') ? $f->factor($at.'.times') : Rate::WHOLE,
                    $f->amount($at.'.plus', $currency, required: false),
                    self::ending($f, $at.'.ending', $currency),
                );
            case 'carrier':
                return new CarrierCharge(
                    $f->choice($at.'.service', CarrierService::class, CarrierService::Plain),
                    $f->amount($at.'.plus', $currency, required: false),
                    $f->amount($at.'.otherwise', $currency),
                );
            default:
                $f->problem($at.'.by', 'One of these belongs here: "flat", "piece", "weight", "value", "cost", "carrier".');

                return new FlatCharge($nothing);
        }
    }

    private static function bands(Fields $f, string $at, BandsOf $by, Currency $currency): BandCharge
    {
        $bands = self::each($f, $at.'.bands', self::MOST_BANDS, static fn (string $band): array => [
            'upTo' => $by === BandsOf::Weight
                ? $f->whole($band.'.up_to', 1, 1_000_000)
                : $f->amount($band.'.up_to', $currency)->minor,
            'amount' => $f->amount($band.'.amount', $currency),
        ]);
        usort($bands, static fn (array $a, array $b): int => $a['upTo'] <=> $b['upTo']);
        $marks = array_column($bands, 'upTo');
        if (count(array_unique($marks)) < count($marks)) {
            $f->problem($at.'.bands', 'Two bands end at the same mark.');
            $bands = [];
        }

        return new BandCharge($by, $bands, $f->amount($at.'.beyond', $currency));
    }

    private static function ending(Fields $f, string $at, Currency $currency): ?Ending
    {
        if (! $f->has($at)) {
            return null;
        }
        $part = $f->amount($at, $currency)->minor;
        if ($part >= $currency->minorPerUnit()) {
            $f->problem($at, 'An ending is less than a whole, such as "0.95".');

            return null;
        }

        return new Ending($part);
    }

    private static function rule(Fields $f, string $at, Currency $currency): GoodsRule
    {
        $by = $f->choice($at.'.by', RuleBy::class, RuleBy::Tag);
        $value = self::text($f, $at.'.value', self::NAME);
        if ($by !== RuleBy::Tag && preg_match('/^\d{1,9}$/D', $value) !== 1) {
            $f->problem($at.'.value', $by === RuleBy::Heavier ? 'Grams belong here.' : 'Choose a supplier.');
        }

        return new GoodsRule($by, $value, $f->has($at.'.more') ? $f->amount($at.'.more', $currency) : null);
    }

    /** @return WrittenCover */
    private static function writeCover(Territory $territory): array
    {
        return [
            'country' => $territory->country,
            'parts' => $territory->parts,
            'postcodes' => $territory->postcodes?->words() ?? '',
        ];
    }

    /** @return WrittenWay */
    private static function writeWay(Way $way): array
    {
        return [
            'name' => $way->name,
            'charge' => self::writeCharge($way->charge),
            'across' => $way->across->value,
            'free_over' => $way->freeOver?->digits(),
            'prefers' => $way->prefers->value,
            'under' => $way->under?->digits(),
            'phone' => $way->phone,
            'collected' => $way->collected,
        ];
    }

    /** @return WrittenCharge */
    private static function writeCharge(Charge $charge): array
    {
        return match (true) {
            $charge instanceof FlatCharge => ['by' => 'flat', 'amount' => $charge->amount->digits()],
            $charge instanceof PieceCharge => [
                'by' => 'piece',
                'first' => $charge->first->digits(),
                'further' => $charge->further->digits(),
            ],
            $charge instanceof BandCharge => [
                'by' => $charge->by->value,
                'bands' => array_map(static fn (array $band): array => [
                    'up_to' => $charge->by === BandsOf::Weight
                        ? $band['upTo']
                        : $charge->beyond->with($band['upTo'])->digits(),
                    'amount' => $band['amount']->digits(),
                ], $charge->bands),
                'beyond' => $charge->beyond->digits(),
            ],
            $charge instanceof CostCharge => [
                'by' => 'cost',
                'times' => RecipeNotation::decimal($charge->times),
                'plus' => $charge->plus->digits(),
                'ending' => $charge->ending === null ? null : $charge->plus->with($charge->ending->minor)->digits(),
            ],
            $charge instanceof CarrierCharge => [
                'by' => 'carrier',
                'service' => $charge->service->value,
                'plus' => $charge->plus->digits(),
                'otherwise' => $charge->otherwise->digits(),
            ],
            default => throw new \LogicException('Every charge has a notation.'),
        };
    }
}
