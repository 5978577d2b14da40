<?php

declare(strict_types=1);

namespace WindowStall\Counter\Mail;

use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** Reminds a shopper of what they left at the checkout, in the stall's words. */
final class BasketLeft extends QueuedMail
{
    /**
     * @param  list<string>  $goods
     * @param  string  $link  where the basket is taken up again
     * @param  string  $stop  where no more mail is asked for
     */
    public function __construct(
        public readonly string $shop,
        public readonly string $name,
        public readonly string $words,
        public readonly array $goods,
        public readonly string $link,
        public readonly string $stop,
        public readonly ?string $answers,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(
            replyTo: $this->answers === null ? [] : [new Address($this->answers, $this->shop)],
            subject: Speech::say('letters.left.subject', shop: $this->shop),
        );
    }

    public function content(): Content
    {
        return new Content(text: 'mail.basket-left', with: [
            'shop' => $this->shop,
            'name' => $this->name,
            'words' => $this->words,
            'goods' => $this->goods,
            'link' => $this->link,
            'stop' => $this->stop,
        ]);
    }
}
