<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Delivery\MarketGoods;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\Views\TrialGoodView;
use WindowStall\Delivery\Views\TriedView;
use WindowStall\Delivery\WantedLine;
use WindowStall\Delivery\WantedLines;
use WindowStall\Delivery\WindowGood;
use WindowStall\Shelves\Covers;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

/** A basket tried: its goods, where to, and what comes of it. Nothing is written. */
final class TryController
{
    private const OFFERED = 8;

    private const MOST_LINES = 20;

    public function goods(Request $request, Stall $stall): JsonResponse
    {
        $words = mb_substr(trim(Typed::text($request, 'q')), 0, 120);
        $found = $words === ''
            ? MarketGoods::first($stall, self::OFFERED)
            : MarketGoods::called($stall, $words, self::OFFERED);
        $pictures = Covers::leading($stall, array_map(static fn (WindowGood $g): int => $g->listing, $found));

        return new JsonResponse(array_map(
            static fn (WindowGood $good): TrialGoodView => TrialGoodView::of($good, $pictures[$good->listing] ?? null),
            $found,
        ));
    }

    public function __invoke(Request $request, Stall $stall, ResolveDelivery $resolve): JsonResponse
    {
        $typed = $request->validate([
            'lines' => 'required|array|list|min:1|max:'.self::MOST_LINES,
            'lines.*.variant' => 'required|integer|min:1',
            'lines.*.pieces' => 'required|integer|min:1|max:'.BasketLine::MOST_PIECES,
            'country' => 'required|string|size:2',
            'part' => 'sometimes|nullable|string|max:6',
            'postcode' => 'sometimes|nullable|string|max:20',
            'at' => 'sometimes|nullable|date_format:Y-m-d\TH:i',
            'way' => 'sometimes|nullable|integer|min:0|max:20',
        ], ['lines.required' => 'Put something in the basket.', 'at.date_format' => 'When is it paid?']);
        if (! Countries::exists($typed['country'])) {
            throw ValidationException::withMessages(['country' => 'Choose a country from the list.']);
        }
        $code = trim((string) ($typed['postcode'] ?? ''));
        $postcode = $code === '' ? null : Postcode::read($code, $typed['country']);
        if ($code !== '' && $postcode === null) {
            throw ValidationException::withMessages([
                'postcode' => sprintf('That is no postcode of %s.', Stall::countrySaid($typed['country'])),
            ]);
        }
        $paid = isset($typed['at']) ? Clock::of($stall)->read((string) $typed['at']) : null;
        $part = (string) ($typed['part'] ?? '');
        $to = new Destination($typed['country'], isset(AddressForm::parts($typed['country'])[$part]) ? $part : null, $postcode);
        // Prices are those of where it goes.
        $stall = $stall->seenFrom($to->country);
        $asked = $resolve($stall, $this->lines($stall, $typed['lines']), $to, $paid);

        return new JsonResponse(TriedView::of($stall, $asked, isset($typed['way']) ? (int) $typed['way'] : null));
    }

    /**
     * @param  list<array{variant: int|string, pieces: int|string}>  $typed  validated
     * @return list<WantedLine>
     */
    private function lines(Stall $stall, array $typed): array
    {
        $lines = WantedLines::of($stall, array_map(static fn (array $line): array => [
            'variant' => (int) $line['variant'],
            'pieces' => (int) $line['pieces'],
        ], $typed));

        return $lines ?? throw ValidationException::withMessages([
            'lines' => 'One of these goods isn’t in the window any more.',
        ]);
    }
}
