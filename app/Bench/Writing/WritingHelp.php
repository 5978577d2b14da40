<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/**
 * The service that helps with writing: a conversation of two messages over HTTP, answered by JSON of a stated schema, as such
 * services commonly speak (POST /v1/chat/completions).
 */
final class WritingHelp
{
    /**
     * @param  string  $task  what it is to do
     * @param  array<string, mixed>  $asked  what it is to do it with
     * @param  array<string, mixed>  $schema  JSON Schema of the answer
     * @return mixed what it answered, decoded; null for what isn't JSON
     *
     * @throws Refusal when it is away, or doesn't take the key
     */
    public function ask(string $task, array $asked, array $schema): mixed
    {
        $response = $this->post($task, $asked, $schema);
        if (in_array($response->status(), [401, 403], true)) {
            throw new Refusal('The writing help doesn’t take the key it was given. Whoever runs this program sets it.');
        }
        $content = $response->successful() ? $response->json('choices.0.message.content') : null;

        return is_string($content) ? json_decode($content, true) : null;
    }

    /**
     * @param  array<string, mixed>  $asked
     * @param  array<string, mixed>  $schema
     */
    private function post(string $task, array $asked, array $schema): Response
    {
        $key = (string) config('stall.writer.key');
        try {
            $to = Outside::at((string) config('stall.writer.address'), (int) config('stall.writer.seconds'))->acceptJson();

            return ($key === '' ? $to : $to->withToken($key))->post('/v1/chat/completions', [
                'model' => (string) config('stall.writer.model'),
                'messages' => [
                    ['role' => 'system', 'content' => $task],
                    ['role' => 'user', 'content' => json_encode($asked, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)],
                ],
                'response_format' => [
                    'type' => 'json_schema',
                    'json_schema' => ['name' => 'draft', 'strict' => true, 'schema' => $schema],
                ],
            ]);
        } catch (ConnectionException|Unreachable|TooLarge) {
            throw new Refusal('The writing help doesn’t answer just now. Write it yourself, or try again later.');
        }
    }
}
