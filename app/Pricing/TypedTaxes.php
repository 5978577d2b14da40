<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use DateTimeImmutable;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Bench\Listing;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\PostcodesUnreadable;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Tax\DeliveryTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxRounding;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/** What somebody says of taxes, read whole before anything of it is stored. */
final class TypedTaxes
{
    private const LONGEST = 2_000;

    /**
     * {country, parts?, postcodes?, class, rate, from?, source?}; the rate a share such as "0.135", the day YYYY-MM-DD.
     *
     * @param  array<mixed>  $typed
     * @return array<string, mixed> columns
     *
     * @throws ValidationException with a sentence for each field that can't be read
     */
    public static function rate(Stall $stall, array $typed): array
    {
        $f = new Fields($typed);
        $country = $f->get('country');
        if (! is_string($country) || ! Countries::exists($country)) {
            $f->problem('country', 'Choose a country from the list.');
            $country = $stall->home_market;
        }
        /** @var TaxClass $class */
        $class = $f->choice('class', TaxClass::class, TaxClass::Standard);
        if (! $class->hasRate()) {
            $f->problem('class', 'Goods of this class bear no tax, wherever they go.');
        }
        $columns = [
            'country' => $country,
            'parts' => self::parts($f, $country),
            'postcodes' => self::postcodes($f),
            'class' => $class,
            'rate_millionths' => $f->rate('rate')->millionths,
            'from_day' => self::day($f),
            'source' => self::text($f, 'source', 200),
        ];

        return $f->problems() === [] ? $columns : throw ValidationException::withMessages($f->problems());
    }

    /**
     * {by: "type"|"listing", value, class}.
     *
     * @param  array<mixed>  $typed
     * @return array{by: string, value: string, class: TaxClass}
     *
     * @throws ValidationException
     */
    public static function goods(Stall $stall, array $typed): array
    {
        $f = new Fields($typed);
        $by = $f->get('by') === 'listing' ? 'listing' : 'type';
        $value = self::text($f, 'value', 120);
        /** @var TaxClass $class */
        $class = $f->choice('class', TaxClass::class, TaxClass::Standard);
        if ($value === '') {
            $f->problem('value', $by === 'type' ? 'What are these goods?' : 'Which listing?');
        }
        if ($by === 'listing' && ! (ctype_digit($value) && Listing::of($stall)->whereKey((int) substr($value, 0, 18))->exists())) {
            $f->problem('value', 'There is no such listing.');
        }

        return $f->problems() === []
            ? ['by' => $by, 'value' => $value, 'class' => $class]
            : throw ValidationException::withMessages($f->problems());
    }

    /**
     * {delivery, rounding, reverse?, threshold?}; the threshold in the market's currency.
     *
     * @param  array<mixed>  $typed
     * @return array{delivery_tax: string, tax_rounding: string, reverse_charge: bool, tax_threshold_minor: int|null}
     *
     * @throws ValidationException
     */
    public static function market(Stall $stall, string $market, array $typed): array
    {
        $f = new Fields($typed);
        /** @var DeliveryTax $delivery */
        $delivery = $f->choice('delivery', DeliveryTax::class, DeliveryTax::Shared);
        /** @var TaxRounding $rounding */
        $rounding = $f->choice('rounding', TaxRounding::class, TaxRounding::Order);
        $said = [
            'delivery_tax' => $delivery->value,
            'tax_rounding' => $rounding->value,
            'reverse_charge' => $f->flag('reverse', false),
            'tax_threshold_minor' => $f->has('threshold')
                ? $f->amount('threshold', CostSheet::of($stall)->currency($market))->minor
                : null,
        ];

        return $f->problems() === [] ? $said : throw ValidationException::withMessages($f->problems());
    }

    /** @return list<string> */
    private static function parts(Fields $f, string $country): array
    {
        $parts = $f->get('parts') ?? [];
        $known = AddressForm::parts($country);
        if (! is_array($parts) || ! array_is_list($parts) || count($parts) > count($known)) {
            $f->problem('parts', 'A list of parts of that country belongs here.');

            return [];
        }
        foreach ($parts as $part) {
            if (! is_string($part) || ! isset($known[$part])) {
                $f->problem('parts', 'Choose parts of that country.');

                return [];
            }
        }

        return array_values(array_unique($parts));
    }

    private static function postcodes(Fields $f): ?string
    {
        $typed = self::text($f, 'postcodes', self::LONGEST);
        try {
            return $typed === '' ? null : Postcodes::read($typed)->words();
        } catch (PostcodesUnreadable $unreadable) {
            $f->problem('postcodes', $unreadable->getMessage());

            return null;
        }
    }

    private static function day(Fields $f): string
    {
        $typed = self::text($f, 'from', 10);
        if ($typed === '') {
            return now()->format('Y-m-d');
        }
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        if ($day === false || $day->format('Y-m-d') !== $typed || $typed < '1950' || $typed > '2200') {
            $f->problem('from', 'A day belongs here.');

            return now()->format('Y-m-d');
        }

        return $typed;
    }

    private static function text(Fields $f, string $at, int $most): string
    {
        $typed = $f->get($at) ?? '';
        if (! is_string($typed) || mb_strlen($typed) > $most) {
            $f->problem($at, sprintf('Words of %d letters at most belong here.', $most));

            return '';
        }

        return trim($typed);
    }
}
