<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Tax\StandardRate;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\PricingChange;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Place;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Makes, changes, moves and takes out places, each in one step that can be taken back, and brings what prices reckon with
 * for delivery along.
 */
final readonly class ChangePlaces
{
    /** More than any seller would read. */
    private const MOST = 60;

    public function __construct(private ChangePricing $change, private LookAtMarket $look)
    {
    }

    /**
     * @param  array<mixed>  $typed  in the notation of core
     *
     * @throws ValidationException with a sentence for each field that can't be read
     */
    public function make(Stall $stall, ?User $by, array $typed): PricingChange
    {
        if ($stall->places()->count() >= self::MOST) {
            throw new Refusal(sprintf('These are %d places; there can be no more.', self::MOST));
        }
        $terms = self::read($stall, $typed, 0);

        return $this->write($stall, $by, sprintf('A place was made: %s', self::name($terms)), $terms, static function (
            array $written,
        ) use ($stall): void {
            $stall->places()->create($written + ['position' => 1 + (int) $stall->places()->max('position')]);
        });
    }

    /**
     * @param  array<mixed>  $typed  in the notation of core
     *
     * @throws ValidationException with a sentence for each field that can't be read
     */
    public function say(Stall $stall, ?User $by, Place $place, array $typed): PricingChange
    {
        $terms = self::read($stall, $typed, $place->id);
        $was = Places::terms($stall, $place);
        if (Places::isHome($stall, $was->place) && ! Places::isHome($stall, $terms->place)) {
            throw new Refusal(
                'This place holds your own country, for which prices are made. Make another place for parts of it.',
            );
        }

        $words = sprintf('Delivery to %s changed', self::name($terms));
        $change = static fn (array $written): bool => $place->update($written);

        return $this->write($stall, $by, $words, $terms, $change);
    }

    public function remove(Stall $stall, ?User $by, Place $place): PricingChange
    {
        $terms = Places::terms($stall, $place);
        if (Places::isHome($stall, $terms->place)) {
            throw new Refusal('This place holds your own country. Take its ways out to send nothing there.');
        }

        $words = sprintf('Nothing goes to %s as a place of its own', self::name($terms));

        return $this->step($stall, $by, $words, static fn () => $place->delete());
    }

    /**
     * @param  callable(array<string, mixed>): mixed  $do
     */
    private function write(Stall $stall, ?User $by, string $words, PlaceTerms $terms, callable $do): PricingChange
    {
        $written = PlaceNotation::write($terms);
        $change = $this->step($stall, $by, $words, static function () use ($stall, $terms, $written, $do): void {
            $do($written);
            // Before anything is priced there: at once where its costs are known, else by the run that works them out.
            self::sellTo($stall, $terms);
            if (Places::isHome($stall, $terms->place)) {
                self::priceAtHome($stall, $terms);
            }
        });
        foreach ($terms->ways === [] ? [] : $terms->place->territories as $territory) {
            $this->look->add($stall, $territory->country, $by);
        }

        return $change;
    }

    /** @param  callable(): mixed  $do */
    private function step(Stall $stall, ?User $by, string $words, callable $do): PricingChange
    {
        [$change] = ($this->change)($stall, $by, $words, static function () use ($stall, $do): void {
            $do();
            self::priceAbroad($stall->refresh()->unsetRelations());
        });
        $stall->refresh()->unsetRelations();

        return $change;
    }

    /** What prices at home reckon with: a flat charge, or the least that another comes to. */
    private static function priceAtHome(Stall $stall, PlaceTerms $terms): void
    {
        $first = $terms->ways[0] ?? null;
        if ($first === null) {
            return;
        }
        $charged = $first->charge->least()->minor;
        $stall->update([
            'flat_delivery_minor' => $charged,
            'free_over_minor' => $first->charge instanceof FlatCharge ? $first->freeOver?->minor : null,
            'built_in_minor' => $charged === 0 ? $stall->built_in_minor : null,
        ]);
    }

    /** The same for every country that is sold to, in its market's currency; where nothing is sent, as it stood. */
    private static function priceAbroad(Stall $stall): void
    {
        $sheet = CostSheet::of($stall);
        foreach (Places::of($stall) as $terms) {
            $first = $terms->ways[0] ?? null;
            if ($first === null) {
                continue;
            }
            foreach ($terms->place->territories as $territory) {
                if ($territory->parts !== [] || $territory->postcodes !== null || $territory->country === $stall->home_market) {
                    continue;
                }
                $charged = $first->charge->least();
                $rate = $sheet->shownRate($territory->country);
                $shown = $rate === null ? $charged : $sheet->shownBy($territory->country, $rate)->convert($charged);
                DB::table('markets')
                    ->where('stall_id', $stall->id)
                    ->where('market', $territory->country)
                    ->update(['charged_minor' => $shown->minor]);
            }
        }
    }

    /** Its countries are sold to, with what they take of most goods, where the seller hasn't said anything of that. */
    private static function sellTo(Stall $stall, PlaceTerms $terms): void
    {
        foreach ($terms->ways === [] ? [] : $terms->place->territories as $territory) {
            if ($territory->country === $stall->home_market) {
                continue;
            }
            $row = ['stall_id' => $stall->id, 'market' => $territory->country];
            $standard = StandardRate::of($territory->country, now()->toDateTimeImmutable());
            DB::table('markets')->insertOrIgnore($row);
            DB::table('markets')->where($row)->update(['sold' => true]);
            DB::table('markets')
                ->where($row)
                ->whereNull('tax_bp')
                ->update(['tax_bp' => $standard === null ? null : intdiv($standard->rate->millionths, 100)]);
        }
    }

    /** @param  array<mixed>  $typed */
    private static function read(Stall $stall, array $typed, int $id): PlaceTerms
    {
        $fields = new Fields($typed);
        $terms = PlaceNotation::read($fields, $stall->currencyValue(), $id);
        foreach ($terms->place->territories as $n => $territory) {
            if (! Countries::exists($territory->country)) {
                $fields->problem('covers.'.$n.'.country', 'Choose a country from the list.');
            }
        }
        foreach ($terms->ways as $n => $way) {
            if (count($terms->ways) > 1 && $way->name === '') {
                $fields->problem('ways.'.$n.'.name', 'Where there are several ways, each needs a name that shoppers choose it by.');
            }
        }

        return $fields->problems() === [] ? $terms : throw ValidationException::withMessages($fields->problems());
    }

    private static function name(PlaceTerms $terms): string
    {
        return $terms->place->name === '' ? Places::named($terms->place->territories) : $terms->place->name;
    }
}
