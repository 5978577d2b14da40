<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** The code for one use that somebody gets who signs up. */
final class SignUpLetter extends QueuedMail
{
    /** @param  string  $promised  what the shop said they get; "" where it said nothing */
    public function __construct(
        public readonly string $shop,
        public readonly string $code,
        public readonly string $promised,
        public readonly string $link,
        public readonly string $stop,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Speech::say('letters.code.subject', shop: $this->shop));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.sign-up', with: [
            'shop' => $this->shop,
            'code' => $this->code,
            'promised' => $this->promised,
            'link' => $this->link,
            'stop' => $this->stop,
        ]);
    }
}
