<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\ByMail\AnswerSheet;
use WindowStall\Counter\ByMail\OrderBatch;
use WindowStall\Counter\ByMail\Postbox;
use WindowStall\Counter\ByMail\TakeAnswers;
use WindowStall\Source\SupplierConnection;

/** Reads what a supplier answered by mail; each mail once, with what it says or not at all. */
final class ReadSupplierMail implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $connectionId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->connectionId;
    }

    public function handle(Postbox $postbox, TakeAnswers $take): void
    {
        $connection = SupplierConnection::query()->whereNotNull('orders_to')->find($this->connectionId);
        if ($connection === null) {
            return;
        }
        $messages = $postbox->messages(OrderBatch::answersTo($connection));
        $connection->update(['answers_read_at' => now()]);
        foreach ($messages ?? [] as $id => $files) {
            DB::transaction(function () use ($connection, $id, $files, $take): void {
                $new = DB::table('supplier_events')->insertOrIgnore([
                    'connection_id' => $connection->id,
                    'event_id' => $id,
                    'kind' => 'order.answer',
                    'received_at' => now(),
                ]) === 1;
                foreach ($new ? $files : [] as $text) {
                    $sheet = AnswerSheet::read($text);
                    if ($sheet !== null) {
                        $take($connection, $sheet);
                    }
                }
            });
        }
    }
}
