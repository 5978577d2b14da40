<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\Codes\TypedCode;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Delivery\AskedTotals;
use WindowStall\Delivery\QuotedCodes;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\QuoteReasons;
use WindowStall\Delivery\Resolved;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\WantedLine;
use WindowStall\Delivery\WantedLines;
use WindowStall\Offers\CodesAtTill;
use WindowStall\Offers\TillCodes;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;

/** POST /api/v1/quotes: by which ways goods can go to an address, what is paid, when they come, what is kept. */
final class QuotesController
{
    public const MOST_LINES = 50;

    public function __invoke(Request $request, ResolveDelivery $resolve, QuotedCodes $codes): JsonResponse
    {
        $stall = TokensStall::of($request);
        $typed = $request->validate([
            'lines' => 'required|array|list|min:1|max:'.self::MOST_LINES,
            'lines.*.variant' => 'required|integer|min:1|max:9000000000000000',
            'lines.*.quantity' => 'required|integer|min:1|max:'.BasketLine::MOST_PIECES,
            'to' => 'required|array',
            'at' => 'sometimes|date_format:'.\DATE_RFC3339,
            'codes' => 'sometimes|array|list|max:'.CodesAtTill::MOST,
            'codes.*' => 'string|max:200',
        ], [
            'lines' => 'A list of 1 to '.self::MOST_LINES.' lines belongs here.',
            'lines.*.variant' => 'The id of a listing’s variant belongs here.',
            'lines.*.quantity' => 'A whole number from 1 to '.BasketLine::MOST_PIECES.' belongs here.',
            'to' => 'An address belongs here: {"country": "GB", "postcode": "AL4 7QT"}.',
            'codes' => 'A list of up to '.CodesAtTill::MOST.' codes belongs here.',
            'at' => 'A moment belongs here, such as "2026-12-01T10:00:00+00:00".',
        ]);
        $to = self::to((array) $typed['to']);
        // Prices are those of where it goes.
        $stall = $stall->seenFrom($to->country);
        $lines = WantedLines::of($stall, array_map(static fn (array $line): array => [
            'variant' => (int) $line['variant'],
            'pieces' => (int) $line['quantity'],
        ], array_values($typed['lines']))) ?? throw ValidationException::withMessages([
            'lines' => 'One of these variants isn’t in the window.',
        ]);
        $at = isset($typed['at']) ? Carbon::parse($typed['at']) : null;
        if (count(array_unique(array_column($typed['lines'], 'variant'))) < count($lines)) {
            throw ValidationException::withMessages(['lines' => 'Each variant belongs on one line.']);
        }
        $read = array_values(array_unique(array_map(
            static fn (string $code): string => TypedCode::read($code) ?? trim($code),
            array_values($typed['codes'] ?? []),
        )));
        $off = $codes($stall, $lines, $read, $to->country);
        $left = array_map(
            static fn (WantedLine $line): WantedLine => $line->less($stall, $off->allotment->lines[$line->variant] ?? 0),
            $lines,
        );
        $asked = $resolve($stall, $left, $to, $at);

        return new JsonResponse(self::say($stall, $asked, $left, $off));
    }

    /** @param  array<mixed>  $typed */
    private static function to(array $typed): Destination
    {
        $text = static fn (string $field): string => is_string($typed[$field] ?? null) ? trim($typed[$field]) : '';
        $country = $text('country');
        if (! Countries::exists($country)) {
            throw ValidationException::withMessages(['to.country' => 'A country is its two capital letters, such as "GB".']);
        }
        $part = $text('part');
        if ($part !== '' && ! isset(AddressForm::of($country)->partNames[$part])) {
            throw ValidationException::withMessages(['to.part' => 'Addresses there name no such part.']);
        }
        $postcode = $text('postcode') === '' ? null : Postcode::read($text('postcode'), $country);
        if ($text('postcode') !== '' && $postcode === null) {
            throw ValidationException::withMessages([
                'to.postcode' => sprintf('That is no postcode of %s.', Stall::countrySaid($country)),
            ]);
        }

        return new Destination($country, $part === '' ? null : $part, $postcode);
    }

    /**
     * @param  list<WantedLine>  $lines  with what codes took off
     * @return array<string, mixed>
     */
    private static function say(Stall $stall, Resolved $asked, array $lines, TillCodes $codes): array
    {
        $found = $asked->resolution;
        $suppliers = array_map(static fn ($d): string => $d->name, ResolveDelivery::dispatchers($stall));
        $place = $found->nearest?->place;
        $ways = ($found->without ?? $found)->ways;
        $market = $stall->seen();

        return [
            'currency' => $stall->currency,
            'place' => $place === null ? null : ['id' => $place->id, 'name' => $place->name],
            'goes' => $found->stops === [] && $found->ways !== [],
            'stops' => array_map(static fn (Stop $stop): array => [
                'line' => $stop->line,
                'why' => $stop->kind->value,
            ], $found->stops),
            // Of what is left where something can't go.
            'lines' => ($found->without ?? $found)->lines,
            'ways' => array_map(
                static fn (WayQuote $way): array => self::way($stall, $asked, self::freed($way, $ways[0], $codes), $suppliers, $lines),
                $ways,
            ),
            'codes' => array_values(array_map(static fn (int $id, array $used): array => [
                'code' => $used['typed'],
                'off' => $market->money($codes->allotment->codes[$id] ?? 0)->digits(),
                'words' => $used['words'],
            ], array_keys($codes->used), $codes->used)),
            'refused' => array_map(
                static fn (string|int $code, string $why): array => ['code' => (string) $code, 'why' => $why],
                array_keys($codes->refused),
                array_values($codes->refused),
            ),
            'discounts' => array_map(
                static fn (WantedLine $line): string => $market->money($codes->allotment->lines[$line->variant] ?? 0)->digits(),
                $lines,
            ),
            'reasons' => $found->ways === [] ? QuoteReasons::of($asked, null, $suppliers) : [],
        ];
    }

    /** A code that pays for delivery pays what the first way costs, and no more. */
    private static function freed(WayQuote $way, WayQuote $first, TillCodes $codes): WayQuote
    {
        return $codes->allotment->deliveryFree
            ? $way->charging($way->charge->with(max(0, $way->charge->minor - $first->charge->minor)))
            : $way;
    }

    /**
     * @param  array<int, string>  $suppliers  names by connection
     * @param  list<WantedLine>  $lines
     * @return array<string, mixed>
     */
    private static function way(Stall $stall, Resolved $asked, WayQuote $way, array $suppliers, array $lines): array
    {
        $sent = array_merge(...array_map(static fn (ParcelQuote $parcel): array => $parcel->lines, $way->parcels));
        $paid = AskedTotals::of($stall, $asked, $way, array_map(static fn (int $at): WantedLine => $lines[$at], $sent));
        $till = QuoteFigures::of($stall, $asked->goods, $way, $asked->to->country, tax: $paid->taxAtHome);

        return [
            'name' => $way->way->name,
            'charge' => $way->charge->digits(),
            'cost' => $way->cost()->digits(),
            'from' => $way->earliest()->format('Y-m-d'),
            'to' => $way->latest()->format('Y-m-d'),
            'parcels' => array_map(static fn (ParcelQuote $parcel): array => [
                'lines' => $parcel->lines,
                'supplier' => $suppliers[$parcel->supplier] ?? '',
                'warehouse' => $parcel->warehouse,
                'method' => $parcel->method->name,
                'cost' => $parcel->method->cost->digits(),
                'grams' => $parcel->load->grams,
                'from' => $parcel->dates->earliest->format('Y-m-d'),
                'to' => $parcel->dates->latest->format('Y-m-d'),
            ], $way->parcels),
            'paid' => $paid->say(),
            'goods' => $till?->price->digits(),
            'tax' => $till?->tax->digits(),
            'total' => $till === null ? null : $till->receipts->plus($till->tax)->digits(),
            'keep' => $till?->keep->digits(),
            'reasons' => QuoteReasons::of($asked, $way, $suppliers),
        ];
    }
}
