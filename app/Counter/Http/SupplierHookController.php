<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SupplierNews;
use WindowStall\Source\Jobs\PullItem;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\OneStall;

/** Takes news from suppliers. Forged or stale news is refused; news that came before does nothing a second time. */
final class SupplierHookController
{
    public function __invoke(Request $request, string $publicId, ApplyAnswer $apply): JsonResponse
    {
        $stall = DB::scalar('SELECT stall_of_connection(?)', [$publicId]);
        if (! is_int($stall)) {
            return new JsonResponse(['error' => 'The signature doesn’t fit.'], 403);
        }
        OneStall::enter($stall);
        $connection = SupplierConnection::query()->where('public_id', $publicId)->first();
        $news = $connection === null ? null : $connection->ordering()?->news($request, $connection->secrets['hook']);
        if ($connection === null || $news === null) {
            return new JsonResponse(['error' => 'The signature doesn’t fit.'], 403);
        }
        if ($news->answer === null) {
            return $this->item($connection, $news);
        }
        $row = SupplierOrder::query()
            ->where('connection_id', $connection->id)
            ->where('external_id', $news->answer->externalId)
            ->first();
        if ($row === null) {
            // It may be quicker than our own writing down; asking to send it again costs nothing.
            return new JsonResponse(['error' => 'No such order here yet.'], 409);
        }
        DB::transaction(function () use ($connection, $news, $row, $apply): void {
            if ($news->answer !== null && $this->isNew($connection, $news)) {
                $apply($row, $news->answer);
            }
        });

        return new JsonResponse(['ok' => true]);
    }

    /** Something about an item: it is asked for what it is now. */
    private function item(SupplierConnection $connection, SupplierNews $news): JsonResponse
    {
        DB::transaction(function () use ($connection, $news): void {
            if ($news->item !== null && $this->isNew($connection, $news)) {
                PullItem::dispatch($connection->id, $news->item)->afterCommit();
            }
        });

        return new JsonResponse(['ok' => true]);
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
