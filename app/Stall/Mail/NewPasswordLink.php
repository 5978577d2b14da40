<?php

declare(strict_types=1);

namespace WindowStall\Stall\Mail;

use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use WindowStall\Stall\User;
use WindowStall\Support\Mail\QueuedMail;

/** The link by which a person sets a new password. */
final class NewPasswordLink extends QueuedMail
{
    public function __construct(public readonly User $user, #[\SensitiveParameter] public readonly string $token)
    {
        parent::__construct();
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
