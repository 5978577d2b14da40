<?php

declare(strict_types=1);

namespace WindowStall\Stall\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Stall\User;

/** Tells a person that their password was changed, in case it wasn't they who did it. */
final class PasswordChanged extends Mailable implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(public readonly User $user)
    {
        $this->onQueue('mail');
    }

    /** @return list<int> seconds between tries */
    public function backoff(): array
    {
        return [10, 60, 300, 900];
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
