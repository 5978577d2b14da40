<?php

declare(strict_types=1);

namespace WindowStall\Standins\Writer;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;

/**
 * A small service that helps with writing, asked as such services commonly are: messages in, a message of the wanted JSON
 * out. It makes drafts of nothing but the facts it is given, in one of three manners, and says short phrases in other languages.
 */
final class ApiController
{
    private const KEY = 'writer-demo-key';

    private const RULES = [
        'manner' => 'required|in:plain,warm,brisk',
        'facts' => 'required|array',
        'facts.name' => 'required|string|max:300',
        'facts.own' => 'sometimes|boolean',
        'facts.materials' => 'sometimes|array|max:20',
        'facts.materials.*' => 'string|max:60',
        'facts.parts' => 'sometimes|array|max:20',
        'facts.parts.*' => 'string|max:80',
        'facts.measures' => 'sometimes|array|max:20',
        'facts.measures.*' => 'string|max:40',
        'facts.features' => 'sometimes|array|max:20',
        'facts.features.*' => 'string|max:60',
        'facts.options' => 'sometimes|array|max:20',
        'facts.options.*' => 'array|max:500',
        'facts.options.*.*' => 'string|max:255',
        'facts.posted_from' => 'sometimes|nullable|string|max:120',
        'facts.days' => 'sometimes|nullable|string|max:60',
    ];

    /** POST /v1/chat/completions {model, messages: [{role, content}], response_format: {type: "json_schema", …}} */
    public function complete(Request $request): JsonResponse
    {
        if (! hash_equals(self::KEY, (string) $request->bearerToken())) {
            return $this->refused('That key isn’t known here.', 401);
        }
        $messages = $request->input('messages');
        $last = is_array($messages) ? end($messages) : null;
        $asked = is_array($last) && is_string($last['content'] ?? null) ? json_decode($last['content'], true) : null;
        if (! is_array($asked) || $request->input('response_format.type') !== 'json_schema') {
            return $this->refused('The last message has to be JSON, and an answer by a schema asked for.');
        }
        $draft = isset($asked['phrases']) ? self::said($asked) : self::draft($asked);
        if (is_string($draft)) {
            return $this->refused($draft);
        }

        return new JsonResponse([
            'id' => 'draft-'.hash('xxh128', (string) json_encode($asked)),
            'object' => 'chat.completion',
            'model' => (string) $request->input('model'),
            'choices' => [[
                'index' => 0,
                'message' => [
                    'role' => 'assistant',
                    'content' => json_encode($draft, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                ],
                'finish_reason' => 'stop',
            ]],
        ]);
    }

    /**
     * @param  array<mixed>  $asked
     * @return array<string, mixed>|string what is wrong with it
     */
    private static function draft(array $asked): array|string
    {
        $check = Validator::make($asked, self::RULES);
        if ($check->fails()) {
            return (string) $check->errors()->first();
        }
        /**
         * @var array{
         *     name: string, own?: bool, materials?: list<string>, parts?: list<string>, measures?: list<string>,
         *     features?: list<string>, options?: array<string, list<string>>, posted_from?: string|null,
         *     days?: string|null,
         * }  $facts
         */
        $facts = $asked['facts'];

        return (new Drafts($facts, (string) $asked['manner']))->toArray();
    }

    /**
     * @param  array<mixed>  $asked
     * @return array{said: list<string>}|string what is wrong with it
     */
    private static function said(array $asked): array|string
    {
        $check = Validator::make($asked, [
            'from' => 'required|in:en',
            'to' => 'required|in:de,fr,nl,es',
            'phrases' => 'required|array|list|max:50',
            'phrases.*' => 'string|max:20000',
        ]);
        if ($check->fails()) {
            return (string) $check->errors()->first();
        }
        $to = new Translations((string) $asked['to']);

        return ['said' => array_values(array_map(static fn (string $phrase): string => $to->of($phrase), (array) $asked['phrases']))];
    }

    private function refused(string $why, int $status = 422): JsonResponse
    {
        return new JsonResponse(['error' => ['message' => $why]], $status);
    }
}
