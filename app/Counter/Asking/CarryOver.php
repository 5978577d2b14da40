<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Core\Money\Money;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\SaidOffer;
use WindowStall\Source\Connectors\SaidRequest;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\SupplierWish;
use WindowStall\Source\Connectors\TakesOrders;
use WindowStall\Source\Connectors\TakesRequests;
use WindowStall\Source\Jobs\AskAccount;
use WindowStall\Source\Jobs\PullItem;
use WindowStall\Support\Pictures\PictureSizes;

/**
 * Carries over to a supplier what the seller asked, wrote and took, and brings back what it said. Nothing is locked while it is
 * asked; each thing goes with its key, so that breaking off anywhere and coming again does it once.
 */
final class CarryOver
{
    /** @throws SupplierTrouble */
    public function __invoke(SupplierRequest $request): void
    {
        $connection = $request->connection;
        $supplier = $connection?->connector();
        if ($connection === null || $connection->disconnected_at !== null || ! $supplier instanceof TakesRequests) {
            return;
        }
        $access = $connection->access();
        if ($request->external_id === null) {
            $this->note($request, $supplier->request($access, $request->key, $this->wish($request)));
        }
        $number = (string) $request->refresh()->external_id;
        foreach ($request->messages()->where('theirs', false)->whereNull('sent_at')->get() as $message) {
            $supplier->writeTo($access, $number, (string) $message->key, $message->words);
            $message->update(['sent_at' => now()]);
        }
        foreach ($request->offers()->where('state', OfferState::Open)->whereNotNull('wanted_at')->get() as $offer) {
            $this->take($request, $supplier, $access, $offer);
        }
        $this->note($request, $supplier->requestState($access, $number));
        if ($supplier instanceof TakesOrders) {
            $this->followSamples($request, $supplier, $access);
        }
    }

    /** @throws SupplierTrouble when it doesn't stand any more, or can't be paid: the seller may look again */
    private function take(SupplierRequest $request, TakesRequests $supplier, Access $access, SupplierOffer $offer): void
    {
        $address = $request->stall === null || ! $request->kind->needsVariant() ? null : AskFor::address($request->stall);
        try {
            $this->note($request, $supplier->takeOffer($access, (string) $request->external_id, $offer->external_id, $address));
        } catch (SupplierTrouble $trouble) {
            if (! $trouble->passing) {
                $offer->update(['wanted_at' => null]);
            }

            throw $trouble;
        }
        AskAccount::dispatch($request->connection_id);
    }

    private function wish(SupplierRequest $request): SupplierWish
    {
        return new SupplierWish(
            kind: $request->kind,
            words: $request->words,
            item: $request->item?->external_id,
            variant: $request->variant?->external_id,
            pieces: $request->pieces,
            wished: $request->told_minor === null ? null : Money::of($request->told_minor, (string) $request->told_currency),
            link: $request->link,
            picture: $request->picture === null ? null : url(PictureSizes::url($request->picture, 800, 'jpg')),
        );
    }

    private function note(SupplierRequest $request, SaidRequest $said): void
    {
        DB::transaction(function () use ($request, $said): void {
            $row = SupplierRequest::query()->whereKey($request->id)->lockForUpdate()->firstOrFail();
            $closed = $row->state === WishState::Closed;
            $row->update(['external_id' => $said->externalId, 'trouble' => null] + ($closed ? [] : ['state' => $said->state]));
            foreach ($said->messages as $message) {
                $this->message($row, $message);
            }
            foreach ($said->offers as $offer) {
                $this->offer($row, $offer);
            }
        }, attempts: 3);
    }

    /** @param  array{id: string, key: string|null, theirs: bool, words: string, at: \DateTimeImmutable}  $said */
    private function message(SupplierRequest $row, array $said): void
    {
        // The first words are the request's own.
        if (! $said['theirs']) {
            return;
        }
        RequestMessage::query()->firstOrCreate(
            ['supplier_request_id' => $row->id, 'external_id' => $said['id']],
            ['stall_id' => $row->stall_id, 'theirs' => true, 'words' => $said['words'], 'at' => Carbon::instance($said['at'])],
        );
    }

    private function offer(SupplierRequest $row, SaidOffer $said): void
    {
        $offer = SupplierOffer::query()->firstOrNew(['supplier_request_id' => $row->id, 'external_id' => $said->id]);
        $wasTaken = $offer->exists && $offer->state === OfferState::Taken;
        $offer->fill([
            'stall_id' => $row->stall_id,
            'cost_minor' => $said->cost->minor,
            'once_minor' => $said->once->minor,
            'currency' => $said->cost->currency->code,
            'pieces' => $said->pieces,
            'days' => $said->days,
            'words' => $said->words,
            'state' => $said->state,
            'item' => $said->item,
            'order' => $said->order,
        ]);
        $offer->at ??= now();
        $offer->save();
        if ($said->state === OfferState::Taken && ! $wasTaken && $said->item !== null) {
            PullItem::dispatch($row->connection_id, $said->item)->afterCommit();
        }
    }

    private function followSamples(SupplierRequest $request, TakesOrders $supplier, Access $access): void
    {
        foreach ($request->offers()->whereNotNull('order')->get() as $offer) {
            $said = $supplier->orderState($access, (string) $offer->order);
            $sent = trim($said->carrier.', '.$said->tracking, ', ');
            $offer->update(['order_stands' => $said->state->words().($sent === '' ? '' : ' with '.$sent)]);
        }
    }
}
