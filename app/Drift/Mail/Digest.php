<?php

declare(strict_types=1);

namespace WindowStall\Drift\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** What asks on the drift desk, in the same sentences, by mail. */
final class Digest extends Mailable implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @param  list<array{headline: string, effect: string}>  $told */
    public function __construct(
        public readonly string $stall,
        public readonly string $headline,
        public readonly array $told,
        public readonly string $address,
    ) {
        $this->onQueue('mail');
    }

    /** @return list<int> seconds between tries */
    public function backoff(): array
    {
        return [10, 60, 300, 900];
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->stall.': what your suppliers changed');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.drift-digest', with: [
            'headline' => $this->headline,
            'told' => $this->told,
            'address' => $this->address,
        ]);
    }
}
