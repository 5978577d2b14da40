<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** Where all of somebody's orders in one shop are, for an hour. */
final class OrdersLinkMail extends QueuedMail
{
    public function __construct(public readonly string $shop, public readonly string $link)
    {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Speech::say('till.mine.subject', shop: $this->shop));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.orders-link', with: ['shop' => $this->shop, 'link' => $this->link]);
    }
}
