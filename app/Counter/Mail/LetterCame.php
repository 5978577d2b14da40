<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;

/** What a shopper wrote on the shop's page, to who runs it; answering the mail answers the shopper. */
final class LetterCame extends QueuedMail
{
    public function __construct(
        public readonly int $letter,
        public readonly string $shop,
        public readonly string $from_name,
        public readonly string $from_address,
        public readonly string $words,
        public readonly string $address,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        // A name that somebody typed is no place for line ends.
        $name = trim((string) preg_replace('/[^\p{L}\p{N} .\'’-]+/u', ' ', $this->from_name));

        return new Envelope(
            replyTo: [new Address($this->from_address, $name)],
            subject: sprintf('%s wrote to %s', $name === '' ? 'A shopper' : $name, $this->shop),
        );
    }

    public function content(): Content
    {
        return new Content(text: 'mail.letter-came', with: [
            'name' => $this->from_name,
            'email' => $this->from_address,
            'words' => $this->words,
            'address' => $this->address,
        ]);
    }
}
