<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Delivery\AskedTotals;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\QuoteReasons;
use WindowStall\Delivery\Resolved;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\WantedLine;
use WindowStall\Delivery\WantedLines;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;

/** POST /api/v1/quotes: by which ways goods can go to an address, what is paid, when they come, what is kept. */
final class QuotesController
{
    public const MOST_LINES = 50;

    public function __invoke(Request $request, ResolveDelivery $resolve): JsonResponse
    {
        $stall = TokensStall::of($request);
        $typed = $request->validate([
            'lines' => 'required|array|list|min:1|max:'.self::MOST_LINES,
            'lines.*.variant' => 'required|integer|min:1|max:9000000000000000',
            'lines.*.quantity' => 'required|integer|min:1|max:'.BasketLine::MOST_PIECES,
            'to' => 'required|array',
            'at' => 'sometimes|date_format:'.\DATE_RFC3339,
        ], [
            'lines' => 'A list of 1 to '.self::MOST_LINES.' lines belongs here.',
            'lines.*.variant' => 'The id of a listing’s variant belongs here.',
            'lines.*.quantity' => 'A whole number from 1 to '.BasketLine::MOST_PIECES.' belongs here.',
            'to' => 'An address belongs here: {"country": "GB", "postcode": "AL4 7QT"}.',
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
        $asked = $resolve($stall, $lines, $to, $at);

        return new JsonResponse(self::say($stall, $asked, $lines));
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
     * @param  list<WantedLine>  $lines
     * @return array<string, mixed>
     */
    private static function say(Stall $stall, Resolved $asked, array $lines): array
    {
        $found = $asked->resolution;
        $suppliers = array_map(static fn ($d): string => $d->name, ResolveDelivery::dispatchers($stall));
        $place = $found->nearest?->place;

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
                static fn (WayQuote $way): array => self::way($stall, $asked, $way, $suppliers, $lines),
                ($found->without ?? $found)->ways,
            ),
            'reasons' => $found->ways === [] ? QuoteReasons::of($asked, null, $suppliers) : [],
        ];
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
