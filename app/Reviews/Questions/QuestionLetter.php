<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Questions;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Support\Mail\QueuedMail;
use WindowStall\Support\Speech\Speech;

/** The stall's answer to who asked about goods. */
final class QuestionLetter extends QueuedMail
{
    public function __construct(
        public readonly string $shop,
        public readonly string $goods,
        public readonly string $question,
        public readonly string $answer,
        public readonly string $link,
    ) {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Speech::say('letters.asked.subject', goods: $this->goods));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.question', with: [
            'shop' => $this->shop,
            'question' => $this->question,
            'answer' => $this->answer,
            'link' => $this->link,
        ]);
    }
}
