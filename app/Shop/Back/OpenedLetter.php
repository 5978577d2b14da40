<?php

declare(strict_types=1);

namespace WindowStall\Shop\Back;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** Says that a shop somebody waited for has opened. */
final class OpenedLetter extends QueuedMail
{
    public function __construct(
        public readonly string $shop,
        public readonly string $link,
        public readonly string $stop,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Speech::say('letters.opened.subject', shop: $this->shop));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.opened', with: ['shop' => $this->shop, 'link' => $this->link, 'stop' => $this->stop]);
    }
}
