<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use WindowStall\Bench\Listing;
use WindowStall\Core\Basket\Codes\CodeNotation;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Basket\Codes\TypedCode;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\TypedCountries;
use WindowStall\Support\Views\MoneyView;

/**
 * A code as a seller says it: {code?, singles?, off, holds: {by, values?}, countries?, starts?, ends?, most_uses?, most_each?,
 * least?, first_only?, together?, under_floor?}; amounts are decimals, moments by the stall's clock.
 */
final class CodeForm
{
    private const MOST_VALUES = 200;

    private const MOST_USES = 1_000_000;

    /**
     * @param  array<mixed>  $typed
     * @param  Code|null  $of  the one that is changed
     * @return array<string, mixed> columns
     *
     * @throws ValidationException with a sentence for each field that can't be read
     */
    public static function read(Stall $stall, array $typed, ?Code $of): array
    {
        $f = new Fields($typed);
        $currency = $stall->currencyValue();
        $whole = static fn (string $at): ?int => $f->has($at) ? $f->whole($at, 1, self::MOST_USES) : null;
        $off = CodeNotation::read($f, 'off', $currency);
        $columns = [
            'code' => self::code($stall, $f, $of),
            'singles' => $f->flag('singles', false),
            'reduction' => CodeNotation::write($off),
            'holds' => self::holds($stall, $f),
            'countries' => TypedCountries::read($f, 'countries'),
            'starts_at' => self::moment($stall, $f, 'starts'),
            'ends_at' => self::moment($stall, $f, 'ends'),
            'most_uses' => $whole('most_uses'),
            'most_each' => $whole('most_each'),
            'least_minor' => $f->has('least') ? $f->amount('least', $currency)->minor : null,
            'first_only' => $f->flag('first_only', false),
            'together' => $f->flag('together', true),
            'under_floor' => $f->flag('under_floor', false),
        ];
        $gift = $columns['reduction']['by'] === 'gift' ? (int) $columns['reduction']['goods'] : null;
        if ($gift !== null && ! isset($f->problems()['off.goods']) && ! Listing::of($stall)->whereKey($gift)->exists()) {
            $f->problem('off.goods', 'These goods aren’t there any more.');
        }
        if ($off instanceof SetPrice) {
            $columns['holds'] = self::ofSet($stall, $f, $off);
        }
        if ($columns['singles'] && $columns['code'] !== null) {
            $f->problem('code', 'Codes for one use each have no common code.');
        }
        if ($columns['starts_at'] !== null && $columns['ends_at'] !== null && $columns['ends_at'] <= $columns['starts_at']) {
            $f->problem('ends', 'It ends after it begins.');
        }

        return $f->problems() === [] ? $columns : throw ValidationException::withMessages($f->problems());
    }

    private static function code(Stall $stall, Fields $f, ?Code $of): ?string
    {
        $typed = $f->get('code');
        if ($typed === null || $typed === '') {
            return null;
        }
        $code = is_string($typed) ? TypedCode::read(mb_substr($typed, 0, 200)) : null;
        if ($code === null) {
            $f->problem('code', sprintf('A code is made of letters and figures, %d at most.', TypedCode::MOST));

            return null;
        }
        $taken = Code::of($stall)->where('code', $code)->where('id', '!=', $of->id ?? 0)->exists()
            || DB::table('single_codes')->where('stall_id', $stall->id)->where('code', $code)->exists();
        if ($taken) {
            $f->problem('code', sprintf('The code %s is there already.', $code));
        }

        return $code;
    }

    /** @return array{by: string, values: list<int>} a set holds for its goods and for nothing else */
    private static function ofSet(Stall $stall, Fields $f, SetPrice $set): array
    {
        $offer = SetOffer::of($stall, $set->goods, $set->price);
        if (Listing::of($stall)->whereKey($set->goods)->count() < count($set->goods)) {
            $f->problem('off.goods', 'One of these isn’t there any more.');
        } elseif ($offer->missing === [] && ! $offer->isCheaper()) {
            $f->problem('off.price', sprintf('Apart they come to %s; a set costs less.', MoneyView::text($offer->apart)));
        }

        return ['by' => 'goods', 'values' => $set->goods];
    }

    /** @return array{by: string, values?: list<string|int>} */
    private static function holds(Stall $stall, Fields $f): array
    {
        $by = $f->get('holds.by') ?? 'all';
        $values = $f->get('holds.values') ?? [];
        if (! is_string($by) || ! in_array($by, Code::KINDS, true)) {
            $f->problem('holds.by', 'One of these belongs here: '.implode(', ', Code::KINDS).'.');

            return ['by' => 'all'];
        }
        if ($by === 'all') {
            return ['by' => $by];
        }
        if (! is_array($values) || ! array_is_list($values) || $values === [] || count($values) > self::MOST_VALUES) {
            $f->problem('holds.values', sprintf('Choose between 1 and %d.', self::MOST_VALUES));

            return ['by' => $by, 'values' => []];
        }
        if ($by === 'tags') {
            $tags = array_values(array_filter(
                array_map(static fn (mixed $tag): string => is_string($tag) ? trim(mb_substr($tag, 0, 80)) : '', $values),
                static fn (string $tag): bool => $tag !== '',
            ));
            if ($tags === []) {
                $f->problem('holds.values', 'Name a tag.');
            }

            return ['by' => $by, 'values' => $tags];
        }
        $ids = array_values(array_map(static fn (mixed $id): int => is_int($id) ? $id : 0, $values));
        $known = ($by === 'shelves' ? Shelf::of($stall) : Listing::of($stall))->whereKey($ids)->count();
        if ($known !== count(array_unique($ids))) {
            $f->problem('holds.values', 'One of these isn’t there any more.');
        }

        return ['by' => $by, 'values' => $ids];
    }

    private static function moment(Stall $stall, Fields $f, string $at): ?Carbon
    {
        $typed = $f->get($at);
        if ($typed === null || $typed === '') {
            return null;
        }
        $read = is_string($typed) ? \DateTimeImmutable::createFromFormat('Y-m-d\TH:i', $typed) : false;
        if ($read === false || $read->format('Y-m-d\TH:i') !== $typed) {
            $f->problem($at, 'A day and an hour belong here.');

            return null;
        }

        return Clock::of($stall)->read($read->format('Y-m-d\TH:i'));
    }
}
