<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Mail;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\ByMail\AnswerSheet;
use WindowStall\Counter\ByMail\OrderBatch;
use WindowStall\Counter\ByMail\SendBatch;
use WindowStall\Counter\ByMail\TakeAnswers;
use WindowStall\Counter\Jobs\ReadSupplierMail;
use WindowStall\Counter\Mail\SupplierBatchMail;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Orders that go to a supplier by mail: where to and when, what went, and its answers. */
final class ByMailController
{
    private const SHOWN = 14;

    private const LARGEST = 2_000_000;

    public function show(Stall $stall, SupplierConnection $connection): Response
    {
        $batches = OrderBatch::query()->where('connection_id', $connection->id)->orderByDesc('id')->limit(self::SHOWN)->get();

        return Inertia::render('counter/ByMailPage', [
            'supplier' => ['id' => $connection->id, 'name' => $connection->name, 'byInterface' => $connection->ordering() !== null],
            'to' => (string) $connection->orders_to,
            'at' => $connection->orders_at,
            'answersTo' => OrderBatch::answersTo($connection),
            'zone' => Clock::of($stall)->place(),
            'batches' => $batches->map(static fn (OrderBatch $batch): array => [
                'id' => $batch->id,
                'day' => Clock::of($stall)->moment($batch->made_at),
                'orders' => $batch->orders,
                'sheet' => $batch->sheet,
            ])->all(),
        ]);
    }

    public function say(Request $request, Stall $stall, SupplierConnection $connection): RedirectResponse
    {
        $typed = $request->validate([
            'to' => 'nullable|email|max:190',
            'at' => ['required', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/D'],
        ], ['to.email' => 'Write the mail address that takes the orders.', 'at.regex' => 'Write an hour such as 15:00.']);
        $connection->update(['orders_to' => $typed['to'] ?? null, 'orders_at' => $typed['at']]);

        return back()->with('say', $connection->orders_to === null ? 'No orders go there by mail any more.' : 'Orders go there by mail.');
    }

    /** Today's table goes now, its hour or not. */
    public function send(Stall $stall, SupplierConnection $connection, SendBatch $send): RedirectResponse
    {
        $batch = $send($connection) ?? throw new Refusal('Nothing waits for it, or today’s table went already.');

        return back()->with('say', $batch->orders === 1 ? 'One order is mailed.' : $batch->orders.' orders are mailed.');
    }

    /** The same table once more: what is in it is the same, so nothing is ordered twice. */
    public function again(Stall $stall, SupplierConnection $connection, OrderBatch $batch): RedirectResponse
    {
        if ($connection->orders_to === null) {
            throw new Refusal('No orders go there by mail any more.');
        }
        Mail::to($connection->orders_to)->queue(new SupplierBatchMail($batch->id, $stall->id));

        return back()->with('say', 'The table is mailed once more.');
    }

    public function read(Stall $stall, SupplierConnection $connection): RedirectResponse
    {
        ReadSupplierMail::dispatch($connection->id);

        return back()->with('say', 'Its mail is being read.');
    }

    /** An answer that came another way. */
    public function answer(Request $request, Stall $stall, SupplierConnection $connection, TakeAnswers $take): RedirectResponse
    {
        $file = $request->file('answer');
        $text = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= self::LARGEST ? (string) $file->get() : '';
        $sheet = AnswerSheet::read($text) ?? throw new Refusal(
            'That is no answer: a CSV table with the columns order, article, pieces and answer is.',
        );
        $made = $take($connection, $sheet);

        return back()->with('say', implode(' ', array_filter([
            $made['orders'] === 1 ? 'One order is answered.' : $made['orders'].' orders are answered.',
            $made['unknown'] === 0 ? '' : $made['unknown'].' rows are of no order that went there.',
            $made['unread'] === 0 ? '' : $made['unread'].' rows can’t be read.',
        ])));
    }
}
