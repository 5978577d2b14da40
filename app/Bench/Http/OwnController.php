<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Own\MakeOwn;
use WindowStall\Bench\Views\ListingView;
use WindowStall\Core\Giving\Appointment;
use WindowStall\Core\Giving\DownloadTerms;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Source\Own\OwnFile;
use WindowStall\Source\Own\OwnGood;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Something of the stall's own that isn't posted: a file, a gift card, or what is done at a time. */
final readonly class OwnController
{
    private const MOST_AMOUNTS = 12;

    public function __construct(private MakeOwn $make)
    {
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'giving' => ['required', Rule::enum(Giving::class)],
            'name' => 'required|string|max:120',
            'price' => 'required|string|max:20',
            'at' => 'nullable|string|max:20',
            'places' => 'nullable|string|max:6',
        ], [
            'name.required' => 'What is it called?',
            'price.required' => 'What does it cost?',
        ]);
        $giving = Giving::from($typed['giving']);
        $price = Money::parse($typed['price'], $stall->currencyValue());
        if ($price->minor <= 0) {
            throw new Refusal('It has to cost something.');
        }
        $times = $giving === Giving::Appointment
            ? Appointment::list([['at' => (string) ($typed['at'] ?? ''), 'places' => (string) ($typed['places'] ?? '')]])
            : [];
        $listing = ($this->make)($stall, User::asking($request), $giving, trim($typed['name']), $price, $times);

        return new JsonResponse(['to' => route('bench.listing', [$stall, $listing])], 201);
    }

    public function update(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $good = self::good($listing);
        $typed = $request->validate([
            'days' => 'sometimes|integer',
            'times' => 'sometimes|integer',
            'amounts' => 'sometimes|required|string|max:200',
            'appointments' => 'sometimes|array',
            'appointments.*.at' => 'required|string|max:20',
            'appointments.*.places' => 'required',
        ], ['days' => 'Days are a whole number.', 'times' => 'Times are a whole number.']);
        if ($good->giving === Giving::Download) {
            $terms = new DownloadTerms((int) ($typed['days'] ?? $good->days), (int) ($typed['times'] ?? $good->times));
            $good->update(['days' => $terms->days, 'times' => $terms->times]);
        } elseif ($good->giving === Giving::GiftCard && isset($typed['amounts'])) {
            $good->update(['amounts' => self::amounts($stall, (string) $typed['amounts'])]);
            $this->make->say($stall, User::asking($request), $listing, $good);
        } elseif (isset($typed['appointments'])) {
            $said = array_map(static fn (array $one): array => [
                'at' => (string) $one['at'],
                'places' => is_scalar($one['places']) ? (string) $one['places'] : '',
            ], array_values($typed['appointments']));
            $times = Appointment::list($said);
            self::keepTaken($listing, $times);
            $good->update(['appointments' => array_map(static fn (Appointment $one): array => $one->write(), $times)]);
            $this->make->say($stall, User::asking($request), $listing, $good);
        }

        return self::answer($stall, $listing);
    }

    public function file(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $good = self::good($listing);
        if ($good->giving !== Giving::Download) {
            throw new Refusal('What is done at a time has no file.');
        }
        OwnFile::take($good, $request->file('file'));

        return self::answer($stall, $listing);
    }

    /**
     * Nobody loses a place that was sold.
     *
     * @param  list<Appointment>  $times
     */
    private static function keepTaken(Listing $listing, array $times): void
    {
        $places = [];
        foreach ($times as $one) {
            $places[$one->code()] = $one->places;
        }
        $taken = SupplierVariant::query()
            ->where('supplier_item_id', $listing->supplier_item_id)
            ->where('promised', '>', 0)
            ->lockForUpdate()
            ->get();
        foreach ($taken as $variant) {
            $at = Appointment::ofCode($variant->external_id);
            $kept = $at === null ? null : ($places[$at->format('Ymd\THi')] ?? 0);
            if ($at !== null && $kept < $variant->promised) {
                throw new Refusal(sprintf(
                    '%d %s taken on %s. Give the money back first.',
                    $variant->promised,
                    $variant->promised === 1 ? 'place is' : 'places are',
                    $at->format('D j M Y, H:i'),
                ));
            }
        }
    }

    /** @return list<int> minor units, the least first */
    private static function amounts(Stall $stall, string $typed): array
    {
        $amounts = array_map(
            static fn (string $one): int => Money::parse(trim($one), $stall->currencyValue())->minor,
            array_filter(preg_split('/[\s,;]+/', trim($typed)) ?: []),
        );
        if ($amounts === [] || min($amounts) <= 0 || count($amounts) > self::MOST_AMOUNTS) {
            throw new Refusal(sprintf('Say 1 to %d amounts, such as “10, 25, 50”.', self::MOST_AMOUNTS));
        }
        sort($amounts);

        return array_values(array_unique($amounts));
    }

    private static function good(Listing $listing): OwnGood
    {
        $item = SupplierItem::query()->findOrFail($listing->supplier_item_id);

        return OwnGood::ofItem($item) ?? abort(404);
    }

    private static function answer(Stall $stall, Listing $listing): JsonResponse
    {
        return new JsonResponse(ListingView::of(ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id))));
    }
}
