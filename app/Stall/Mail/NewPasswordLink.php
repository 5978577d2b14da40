<?php

declare(strict_types=1);

namespace WindowStall\Stall\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Stall\User;

/** The link by which a person sets a new password. */
final class NewPasswordLink extends Mailable implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(public readonly User $user, #[\SensitiveParameter] public readonly string $token)
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
        return new Envelope(subject: 'A new password for Window Stall');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.new-password', with: [
            'name' => $this->user->name,
            'address' => route('password.new', ['token' => $this->token, 'email' => $this->user->email]),
            'minutes' => (int) config('auth.passwords.users.expire'),
        ]);
    }
}
