<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Attachment;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Counter\ByMail\OrderBatch;
use WindowStall\Stall\Stall;
use WindowStall\Support\Mail\QueuedMail;

/** A day's orders to a supplier that takes them by mail: a table, and how to answer it. */
final class SupplierBatchMail extends QueuedMail
{
    public function __construct(public readonly int $batchId, public readonly int $stallId)
    {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        $batch = $this->batch();
        $stall = Stall::query()->findOrFail($this->stallId);
        $connection = $batch->connection ?? throw new \LogicException('A batch is always of a supplier.');

        return new Envelope(
            replyTo: [new Address(OrderBatch::answersTo($connection), $stall->name)],
            subject: sprintf('%s: %d orders of %s', $stall->name, $batch->orders, $batch->day),
        );
    }

    public function content(): Content
    {
        $batch = $this->batch();

        return new Content(text: 'mail.supplier-batch', with: [
            'orders' => $batch->orders,
            'day' => $batch->day,
            'stall' => Stall::query()->findOrFail($this->stallId)->name,
        ]);
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        $batch = $this->batch();

        return [Attachment::fromData(static fn (): string => $batch->sheet, 'orders-'.$batch->day.'.csv')->withMime('text/csv')];
    }

    private function batch(): OrderBatch
    {
        return OrderBatch::query()->with('connection')->findOrFail($this->batchId);
    }
}
