<?php

declare(strict_types=1);

namespace WindowStall\Counter\ByMail;

use Illuminate\Http\Client\ConnectionException;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** What came to one of the stall's own addresses: GET /messages?to=… of the mailbox → [{id, files: [{name, text}]}]. */
final class Postbox
{
    private const SECONDS = 6;

    /** @return array<string, list<string>>|null the files of each message, by its id, the first first; null where nobody answers */
    public function messages(string $address): ?array
    {
        try {
            $answer = Outside::at((string) config('stall.mailbox.address'), self::SECONDS)->acceptJson()->get('/messages', ['to' => $address]);
        } catch (Refusal|Unreachable|TooLarge|ConnectionException) {
            return null;
        }
        $said = $answer->successful() ? $answer->json() : null;
        if (! is_array($said)) {
            return null;
        }
        $messages = [];
        foreach (array_reverse($said) as $one) {
            $id = is_array($one) ? $one['id'] ?? null : null;
            if (is_string($id) && $id !== '' && strlen($id) <= 80) {
                $files = array_column(array_filter((array) ($one['files'] ?? []), is_array(...)), 'text');
                $messages[$id] = array_values(array_filter($files, is_string(...)));
            }
        }

        return $messages;
    }
}
