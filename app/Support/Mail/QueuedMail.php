<?php

declare(strict_types=1);

namespace WindowStall\Support\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A mail that goes out from the queue, and is tried again, later and later, while nobody takes it. */
abstract class QueuedMail extends Mailable implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct()
    {
        $this->onQueue('mail');
    }

    /**
     * What is refused for good (RFC 5321, 4.2.1: a reply that begins with 5) isn't tried again; whoever has a way to say so, does.
     *
     * @param  \Illuminate\Contracts\Mail\Factory|\Illuminate\Contracts\Mail\Mailer  $mailer
     */
    public function send($mailer)
    {
        try {
            return parent::send($mailer);
        } catch (TransportExceptionInterface $refused) {
            if ($refused->getCode() < 500 || $refused->getCode() > 599 || ! method_exists($this, 'failed')) {
                throw $refused;
            }
            $this->failed($refused);

            return null;
        }
    }

    /** @return list<int> seconds between tries */
    public function backoff(): array
    {
        return [10, 60, 300, 900];
    }
}
