<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Counter\Asking\AskFor;
use WindowStall\Counter\Asking\CarryOver;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Counter\Letters\TextPiece;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Source\Account\ReadAccount;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/** How the demo's stall stands with its suppliers: what it asked them for, what it paid ahead, which bills are open. */
final readonly class Dealings
{
    private SupplierConnection $oakum;

    public function __construct(private Stall $stall)
    {
        $this->oakum = SupplierConnection::of($stall)->where('kind', 'oakum')->firstOrFail();
    }

    public function make(): void
    {
        SupplierConnection::of($this->stall)->whereNotNull('orders_to')->update(['pays' => 'bills', 'bill_days' => 14]);
        $this->oakum->update(['extras' => [['code' => 'card', 'name' => 'a card of yours laid in', 'minor' => 25, 'currency' => 'USD']]]);
        $dibber = $this->ask(WishKind::Goods, 'A dibber of ash with a brass tip, about 30 cm, with marks for the depth.', pieces: 60, wished: 350);
        $this->play($dibber, 'say', ['words' => 'We can have it turned in ash. Is a steel tip all right?']);
        $this->play($dibber, 'offer', [
            'cost' => '4.90', 'pieces' => '60', 'once' => '0', 'days' => '14', 'title' => 'Dibber of ash with a brass tip', 'like' => 'OD-1001',
            'words' => 'Turned in ash, brass tip, burnt-in marks every 2 cm',
        ]);
        $ahead = $this->ask(WishKind::Ahead, 'For the spring; they may lie with you until May.', $this->soldMost(), pieces: 40);
        $cost = $ahead->variant->cost_minor ?? 0;
        $this->play($ahead, 'offer', [
            'cost' => number_format($cost * 0.82 / 100, 2, '.', ''), 'pieces' => '40', 'once' => '6.00', 'days' => '3',
            'words' => 'Forty, kept for you until June',
        ]);
        $sample = $this->ask(WishKind::Sample, 'To see how the handle is finished.', 'OD-1003');
        $this->play($sample, 'offer', ['cost' => '7.40', 'pieces' => '1', 'days' => '2', 'words' => 'One at half the price']);
        Month::play(config('stall.oakum.address').'/play/balance', ['key' => 'oakum-quillet-key', 'balance' => '640.00']);
        app(ReadAccount::class)($this->oakum->refresh());
        foreach ([$dibber, $ahead, $sample] as $request) {
            app(CarryOver::class)($request->refresh());
        }
        $this->words();
    }

    private function ask(WishKind $kind, string $words, ?string $item = null, ?int $pieces = null, ?int $wished = null): SupplierRequest
    {
        $variant = $item === null ? null : SupplierVariant::query()
            ->whereHas('item', fn ($q) => $q->where('connection_id', $this->oakum->id)->where('external_id', $item))
            ->orderBy('position')
            ->firstOrFail();
        $request = app(AskFor::class)($this->stall, $this->oakum, (string) Str::uuid(), $kind, [
            'item' => $variant?->supplier_item_id,
            'variant' => $variant?->id,
            'pieces' => $pieces,
            'wished' => $wished,
            'words' => $words,
            'link' => null,
            'picture' => null,
        ]);
        if ($request->refresh()->external_id === null) {
            app(CarryOver::class)($request);
        }

        return $request->refresh();
    }

    /** Oakum's item of which most pieces were sold lately. */
    private function soldMost(): string
    {
        return (string) DB::table('order_lines')
            ->join('orders', 'orders.id', '=', 'order_lines.order_id')
            ->join('supplier_variants', 'supplier_variants.id', '=', 'order_lines.supplier_variant_id')
            ->join('supplier_items', 'supplier_items.id', '=', 'supplier_variants.supplier_item_id')
            ->where('supplier_items.connection_id', $this->oakum->id)
            ->where('orders.paid_at', '>', now()->subDays(28))
            ->groupBy('supplier_items.external_id')
            ->orderByRaw('sum(order_lines.quantity) DESC, supplier_items.external_id')
            ->value('supplier_items.external_id');
    }

    /** @param  array<string, string>  $with */
    private function play(SupplierRequest $request, string $do, array $with): void
    {
        Month::play(config('stall.oakum.address').'/play/requests/'.$request->external_id, ['do' => $do] + $with);
    }

    private function words(): void
    {
        (new LetterWords(
            'Order {number} has left for your garden',
            "Dear {name},\n\n{goods} went off today. {carrier} brings it, number {tracking}. It should be with you {days}.",
        ))->keep($this->stall, TellKind::Posted, 'en');
        $pieces = [
            'Where it is' => 'Your parcel went with {carrier}, number {tracking}. It was promised for {days}; here you see where it is: {page}',
            'Broken' => 'I am sorry that it came broken. Keep it; {back} is on its way back to you.',
            'With thanks' => 'Thank you for writing, {name}. Good growing!',
        ];
        foreach ($pieces as $name => $words) {
            TextPiece::of($this->stall)->create(['name' => $name, 'words' => $words]);
        }
    }
}
