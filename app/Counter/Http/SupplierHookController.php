<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Asking\SupplierOffer;
use WindowStall\Counter\Jobs\CarryRequest;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SupplierNews;
use WindowStall\Source\Jobs\PullItem;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\OneStall;

/**
 * Takes news from suppliers. Forged or stale news is refused; news that came before does nothing a second time. What is
 * told of an account goes to all stalls that are connected by it, what is told of an order to the stall that placed it.
 */
final class SupplierHookController
{
    public function __invoke(Request $request, string $publicId, ApplyAnswer $apply): JsonResponse
    {
        $news = null;
        $known = false;
        foreach (DB::select('SELECT stall, connection FROM connections_of_account(?)', [$publicId]) as $row) {
            OneStall::enter((int) $row->stall);
            $connection = SupplierConnection::query()->find((int) $row->connection);
            if ($connection === null) {
                continue;
            }
            // All of an account have one secret: who signed it for one did for all.
            $news ??= $connection->ordering()?->news($request, $connection->secrets['hook']);
            if ($news === null) {
                break;
            }
            $connection->update(['heard_at' => now()]);
            $known = $this->take($connection, $news, $apply) || $known;
        }
        OneStall::outside();

        return match (true) {
            $news === null => new JsonResponse(['error' => 'The signature doesn’t fit.'], 403),
            // It may be quicker than our own writing down; asking to send it again costs nothing.
            ! $known => new JsonResponse(['error' => 'No such order here yet.'], 409),
            default => new JsonResponse(['ok' => true]),
        };
    }

    /** @return bool whether it was about something of this stall's */
    private function take(SupplierConnection $connection, SupplierNews $news, ApplyAnswer $apply): bool
    {
        $answer = $news->answer;
        if ($answer === null) {
            DB::transaction(function () use ($connection, $news): void {
                if ($news->item !== null && $this->isNew($connection, $news)) {
                    // Something about an item: it is asked for what it is now.
                    PullItem::dispatch($connection->id, $news->item)->afterCommit();
                }
            });

            return true;
        }
        $row = SupplierOrder::query()
            ->where('connection_id', $connection->id)
            ->where('external_id', $answer->externalId)
            ->first();
        if ($row !== null) {
            DB::transaction(function () use ($connection, $news, $row, $answer, $apply): void {
                if ($this->isNew($connection, $news)) {
                    $apply($row, $answer);
                }
            });
        }

        return $row !== null || $this->isAskedFor($connection, $answer->externalId);
    }

    /** A sample is an order there, too: its request looks how it stands. */
    private function isAskedFor(SupplierConnection $connection, string $externalId): bool
    {
        $asked = SupplierOffer::query()
            ->where('order', $externalId)
            ->whereHas('request', static fn ($q) => $q->where('connection_id', $connection->id))
            ->first();
        if ($asked !== null) {
            CarryRequest::dispatch($asked->supplier_request_id);
        }

        return $asked !== null;
    }

    private function isNew(SupplierConnection $connection, SupplierNews $news): bool
    {
        return DB::table('supplier_events')->insertOrIgnore([
            'connection_id' => $connection->id,
            'event_id' => $news->eventId,
            'kind' => $news->kind,
            'received_at' => now(),
        ]) === 1;
    }
}
