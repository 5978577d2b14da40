<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearBy;
use WindowStall\Core\Delivery\Places\Place as CorePlace;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Spoken;

/**
 * The places of a stall as core has them.
 *
 * What prices reckon with and what shoppers at home are charged is one figure: a flat charge of the first way to the home
 * country, and from when it is free, are the stall's own columns, whatever stands in the place's row.
 */
final class Places
{
    /** So many parts of a country are named one by one. */
    private const FEW = 3;

    /** @return list<PlaceTerms> in the seller's order */
    public static function of(Stall $stall): array
    {
        return array_values($stall->places->map(static fn (Place $place): PlaceTerms => self::terms($stall, $place))->all());
    }

    public static function terms(Stall $stall, Place $place): PlaceTerms
    {
        $read = PlaceNotation::read(
            new Fields(['name' => $place->name, 'covers' => $place->covers, 'ways' => $place->ways, 'rules' => $place->rules]),
            $stall->currencyValue(),
            $place->id,
        );
        $named = new CorePlace(
            $place->id,
            $place->name === '' ? self::named($read->place->territories) : $place->name,
            $read->place->territories,
        );

        return new PlaceTerms(
            $named,
            self::isHome($stall, $named) ? self::asPriced($stall, $read->ways) : $read->ways,
            $read->rules,
        );
    }

    /** Whether a place has the home country by itself, but for what others take out of it. */
    public static function isHome(Stall $stall, CorePlace $place): bool
    {
        return $place->nearness(new Destination($stall->home_market))?->by === NearBy::Country;
    }

    /** Gives the home country a place, where none has the whole of it; what it costs there is the stall's own figure. */
    public static function makeHome(Stall $stall): void
    {
        foreach (self::of($stall->unsetRelation('places')) as $terms) {
            if (self::isHome($stall, $terms->place)) {
                return;
            }
        }
        $stall->places()->create([
            'position' => 0,
            'name' => '',
            'covers' => [['country' => $stall->home_market]],
            'ways' => [['charge' => ['by' => 'flat', 'amount' => '0']]],
            'rules' => [],
        ]);
        $stall->unsetRelation('places');
    }

    /** @return list<string> every country that something is sent to */
    public static function countries(Stall $stall): array
    {
        $countries = [];
        foreach (self::of($stall) as $terms) {
            foreach ($terms->ways === [] ? [] : $terms->place->territories as $territory) {
                $countries[] = $territory->country;
            }
        }

        return array_values(array_unique($countries));
    }

    /**
     * "Ireland and the Netherlands", "parts of France".
     *
     * @param  list<Territory>  $territories
     */
    public static function named(array $territories): string
    {
        return self::listed(array_map(self::territory(...), $territories));
    }

    /**
     * A country or a part of one, in a sentence.
     *
     * @param  string  $code  ISO 3166-1 or 3166-2
     */
    public static function nameOf(string $code): string
    {
        return AddressForm::parts(substr($code, 0, 2))[$code] ?? Stall::countrySaid($code);
    }

    private static function territory(Territory $territory): string
    {
        $country = Stall::countrySaid($territory->country);
        $few = $territory->parts !== [] && count($territory->parts) <= self::FEW && $territory->postcodes === null;

        return match (true) {
            $few => self::listed(array_map(self::nameOf(...), $territory->parts)),
            $territory->parts === [] && $territory->postcodes === null => $country,
            default => 'parts of '.$country,
        };
    }

    /** Every country that something is sent to, in a sentence. */
    public static function said(Stall $stall): string
    {
        return Spoken::all(array_map(Spoken::countrySaid(...), self::countries($stall)));
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    /**
     * @param  list<Way>  $ways
     * @return list<Way>
     */
    private static function asPriced(Stall $stall, array $ways): array
    {
        $first = $ways[0] ?? null;
        if ($first === null || ! $first->charge instanceof FlatCharge) {
            return $ways;
        }
        $ways[0] = new Way(
            $first->name,
            new FlatCharge($stall->flatDelivery()),
            $first->across,
            $stall->freeOver(),
            $first->prefers,
            $first->under,
            $first->phone,
            $first->collected,
        );

        return $ways;
    }
}
