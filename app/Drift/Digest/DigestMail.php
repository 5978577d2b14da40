<?php

declare(strict_types=1);

namespace WindowStall\Drift\Digest;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;

/** What asks on the drift desk, in the same sentences, by mail. */
final class DigestMail extends QueuedMail
{
    /** @param  list<array{headline: string, effect: string}>  $told */
    public function __construct(
        public readonly string $stall,
        public readonly string $headline,
        public readonly array $told,
        public readonly string $address,
    ) {
        parent::__construct();
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
