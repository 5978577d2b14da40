<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** The stall's answer to what a shopper wrote on its page. */
final class LetterAnswered extends QueuedMail
{
    public function __construct(
        public readonly string $shop,
        public readonly string $name,
        public readonly string $words,
        public readonly ?string $answers,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(
            replyTo: $this->answers === null ? [] : [new Address($this->answers, $this->shop)],
            subject: Speech::say('letters.answer.subject', shop: $this->shop),
        );
    }

    public function content(): Content
    {
        return new Content(text: 'mail.letter-answered', with: [
            'name' => $this->name,
            'words' => $this->words,
            'shop' => $this->shop,
        ]);
    }
}
