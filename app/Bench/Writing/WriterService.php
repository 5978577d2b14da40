<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use Illuminate\Http\Client\ConnectionException;
use WindowStall\Core\Words\ItemFacts;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** Asks the writing service for drafts. It is given facts and nothing else. */
final class WriterService
{
    /**
     * @throws Refusal when the service is away or answers what can't be used
     */
    public function draft(ItemFacts $facts, Manner $manner): Draft
    {
        try {
            $response = Outside::at((string) config('stall.writer.address'), (int) config('stall.writer.seconds'))
                ->acceptJson()
                ->post('/v1/drafts', ['manner' => $manner->value, 'facts' => $facts->toArray()]);
        } catch (ConnectionException|Unreachable|TooLarge) {
            throw new Refusal('The writing help doesn’t answer just now. Write it yourself, or try again later.');
        }

        return Draft::read($response->successful() ? $response->json() : null) ??
            throw new Refusal('The writing help answered what can’t be used. Try again later.');
    }
}
