<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;

/** What went well in an open shop the night before and doesn't now, to those who work in it. */
final class NightBroke extends QueuedMail
{
    /** @param  list<array{who: string, words: string, read: string}>  $broke */
    public function __construct(public readonly string $stall, public readonly array $broke, public readonly string $address)
    {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->stall.': shoppers can’t get through any more');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.night-broke', with: ['broke' => $this->broke, 'address' => $this->address]);
    }
}
