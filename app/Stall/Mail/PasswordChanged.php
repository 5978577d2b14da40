<?php

declare(strict_types=1);

namespace WindowStall\Stall\Mail;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Stall\User;
use WindowStall\Support\Mail\QueuedMail;

/** Tells a person that their password was changed, in case it wasn't they who did it. */
final class PasswordChanged extends QueuedMail
{
    public function __construct(public readonly User $user)
    {
        parent::__construct();
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'Your password for Window Stall was changed');
    }

    public function content(): Content
    {
        return new Content(
            text: 'mail.password-changed',
            with: ['name' => $this->user->name, 'address' => route('password.forgotten')],
        );
    }
}
