<?php

declare(strict_types=1);

namespace WindowStall\Support\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;

/** A mail that goes out from the queue, and is tried again, later and later, while nobody takes it. */
abstract class QueuedMail extends Mailable implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct()
    {
        $this->onQueue('mail');
    }

    /** @return list<int> seconds between tries */
    public function backoff(): array
    {
        return [10, 60, 300, 900];
    }
}
