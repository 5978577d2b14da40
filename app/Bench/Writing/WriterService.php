<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use WindowStall\Core\Words\ItemFacts;
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
            $response = Http::baseUrl((string) config('stall.writer.address'))->acceptJson()->timeout((int) config('stall.writer.seconds'))->connectTimeout(3)->withOptions(['allow_redirects' => false])
                ->post('/v1/drafts', ['manner' => $manner->value, 'facts' => $facts->toArray()]);
        } catch (ConnectionException) {
            throw new Refusal('The writing help doesn’t answer just now. Write it yourself, or try again later.');
        }

        return Draft::read($response->successful() ? $response->json() : null) ?? throw new Refusal('The writing help answered what can’t be used. Try again later.');
    }
}
