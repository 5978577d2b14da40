<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Counter\Asking\AskFor;
use WindowStall\Counter\Asking\SoldPieces;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Counter\Jobs\CarryRequest;
use WindowStall\Counter\Views\AskedRowView;
use WindowStall\Counter\Views\AskedView;
use WindowStall\Source\Connectors\TakesRequests;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;

/** What a stall asks its suppliers for besides what they list. */
final class AskingController
{
    private const SHOWN = 100;

    private const WITH = ['connection', 'item', 'variant', 'messages', 'offers', 'stall.rates'];

    public function index(Request $request, Stall $stall): Response
    {
        $item = SupplierItem::of($stall)->with(['connection', 'variants'])->find($request->integer('item'));

        return Inertia::render('counter/AskingPage', [
            'requests' => SupplierRequest::of($stall)->with(self::WITH)->orderByDesc('id')->limit(self::SHOWN)->get()
                ->map(AskedRowView::of(...))->all(),
            'suppliers' => SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('id')->get()
                ->filter(static fn (SupplierConnection $one): bool => $one->connector() instanceof TakesRequests)
                ->map(static fn (SupplierConnection $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all(),
            'item' => $item === null ? null : [
                'id' => $item->id,
                'title' => $item->title,
                'supplier' => $item->connection_id,
                'variants' => $item->variants->whereNull('gone_at')->map(static fn (SupplierVariant $one): array => [
                    'id' => $one->id,
                    'label' => $one->label === '' ? 'the only one' : $one->label,
                ])->values()->all(),
            ],
            'currency' => $stall->currency,
            'formKey' => (string) Str::uuid(),
        ]);
    }

    public function ask(Request $request, Stall $stall, AskFor $ask, PictureSizes $pictures): RedirectResponse
    {
        $typed = $request->validate([
            'key' => 'required|uuid',
            'supplier' => 'required|integer',
            'kind' => ['required', Rule::enum(WishKind::class)],
            'item' => 'nullable|integer',
            'variant' => 'nullable|integer',
            'pieces' => 'nullable|integer|min:1|max:100000',
            'wished' => 'nullable|string|max:20',
            'words' => 'required|string|max:2000',
            'link' => 'nullable|url:http,https|max:300',
            'picture' => 'nullable|file|max:8000',
        ], [
            'words.required' => 'Write what you would like.',
            'link.url' => 'Write a whole address, such as https://….',
            'pieces.*' => 'Write a number of pieces between 1 and 100,000.',
            'picture.*' => 'Choose a picture of 8 MB at most.',
        ]);
        /** @var SupplierConnection $connection */
        $connection = SupplierConnection::of($stall)->whereNull('disconnected_at')->findOrFail((int) $typed['supplier']);
        $item = isset($typed['item']) ? SupplierItem::of($stall)->where('connection_id', $connection->id)->find((int) $typed['item']) : null;
        $asked = $ask($stall, $connection, $typed['key'], WishKind::from($typed['kind']), [
            'item' => $item?->id,
            'variant' => isset($typed['variant']) ? (int) $typed['variant'] : null,
            'pieces' => isset($typed['pieces']) ? (int) $typed['pieces'] : null,
            'wished' => isset($typed['wished']) ? StallRules::amount('wished', $typed['wished'], $stall->currency) : null,
            'words' => trim($typed['words']),
            'link' => $typed['link'] ?? null,
            'picture' => $request->hasFile('picture') ? $this->picture($request, $stall, $pictures) : null,
        ]);

        return redirect()->route('counter.asked', [$stall, $asked])->with('say', $connection->name.' is asked.');
    }

    private function picture(Request $request, Stall $stall, PictureSizes $pictures): string
    {
        return $pictures->make(
            UploadedPicture::bytes($request, 'picture'),
            'stalls/'.$stall->id.'/requests/'.Str::lower(Str::random(20)),
        )['path'];
    }

    public function show(Stall $stall, SupplierRequest $supplierRequest): Response
    {
        $supplierRequest->load(self::WITH);
        $supplierRequest->forceFill(['read_at' => now()])->saveQuietly();

        return Inertia::render('counter/AskedPage', [
            'asked' => AskedView::of($stall, $supplierRequest, SoldPieces::of($supplierRequest->supplier_variant_id)),
            'formKey' => (string) Str::uuid(),
        ]);
    }

    public function write(Request $request, Stall $stall, SupplierRequest $supplierRequest): RedirectResponse
    {
        $typed = $request->validate(
            ['words' => 'required|string|max:2000', 'key' => 'required|uuid'],
            ['words.required' => 'Write something first.'],
        );
        $supplierRequest->messages()->firstOrCreate(
            ['key' => $typed['key']],
            ['stall_id' => $stall->id, 'theirs' => false, 'words' => trim($typed['words']), 'at' => now()],
        );
        CarryRequest::dispatch($supplierRequest->id);

        return back()->with('say', 'It is on its way to them.');
    }

    public function take(Request $request, Stall $stall, SupplierRequest $supplierRequest): RedirectResponse
    {
        $wanted = $supplierRequest->offers()
            ->whereKey($request->integer('offer'))
            ->where('state', OfferState::Open)
            ->whereNull('wanted_at')
            ->update(['wanted_at' => now()]);
        if ($wanted === 0) {
            throw new Refusal('That offer doesn’t stand any more, or is taken already.');
        }
        CarryRequest::dispatch($supplierRequest->id);

        return back()->with('say', 'They are told that you take it.');
    }

    public function look(Stall $stall, SupplierRequest $supplierRequest): RedirectResponse
    {
        CarryRequest::dispatch($supplierRequest->id);

        return back()->with('say', 'They are being asked.');
    }

    /** Wanted no more, or wanted again. */
    public function close(Request $request, Stall $stall, SupplierRequest $supplierRequest): RedirectResponse
    {
        $close = $request->boolean('closed');
        if ($close ? ! $supplierRequest->state->open() : $supplierRequest->state !== WishState::Closed) {
            throw new Refusal($close ? 'That is over already.' : 'It is asked for already.');
        }
        $supplierRequest->update($close
            ? ['state' => WishState::Closed, 'next_ask_at' => null]
            : ['state' => WishState::Asked, 'next_ask_at' => now()]);

        return back()->with('say', $close ? 'You ask for it no more.' : 'It is asked for again.');
    }
}
