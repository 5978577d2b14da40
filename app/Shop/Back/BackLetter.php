<?php

declare(strict_types=1);

namespace WindowStall\Shop\Back;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** Says that goods somebody waited for can be bought again. */
final class BackLetter extends QueuedMail
{
    public function __construct(
        public readonly string $shop,
        public readonly string $title,
        public readonly string $link,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Speech::say('letters.back.subject', goods: $this->title));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.back', with: ['shop' => $this->shop, 'title' => $this->title, 'link' => $this->link]);
    }
}
