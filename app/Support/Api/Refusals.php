<?php

declare(strict_types=1);

namespace WindowStall\Support\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;
use WindowStall\Core\UserMessage;

/**
 * How the API says no, and how its description says that it does: a status, {"message": one sentence} and, where
 * single fields can't be read, {"errors": {path: [sentence]}}. Written for programs and those who write them.
 */
final class Refusals
{
    /** Addresses of this interface. */
    public const AT = 'api/v1/*';

    /** Requests a token may make in a minute. */
    public const IN_A_MINUTE = 1_200;

    /** What any operation may answer. */
    public const EVERYWHERE = [400, 401, 405, 422, 429, 500, 503];

    /** Status → its name among the description's responses. */
    public const NAMES = [
        400 => 'NoText',
        401 => 'NoToken',
        403 => 'NotAllowed',
        404 => 'NotThere',
        405 => 'NotThatWay',
        422 => 'Unreadable',
        429 => 'TooOften',
        500 => 'Fault',
        503 => 'Away',
    ];

    private const SENTENCES = [
        400 => 'Part of what was sent isn’t text in UTF-8.',
        401 => 'A token is needed that is known here: "Authorization: Bearer TOKEN".',
        403 => 'This token isn’t allowed to do that.',
        404 => 'There is nothing at this address.',
        405 => 'This address doesn’t take that method; "Allow" names those it takes.',
        413 => 'The body is larger than 80 MB.',
        429 => 'More than '.self::IN_A_MINUTE.' requests in a minute; "Retry-After" says when to ask again, in seconds.',
        500 => 'Something went wrong here, and has been noted.',
        503 => 'The service is away for a moment; "Retry-After" says when to ask again, in seconds.',
    ];

    /** What is sent along, with what it is for. */
    private const HEADERS = [
        401 => ['WWW-Authenticate' => 'the scheme, by RFC 6750'],
        405 => ['Allow' => 'the methods this address takes'],
        429 => ['Retry-After' => 'seconds until the next request is taken'],
        503 => ['Retry-After' => 'seconds until asking again makes sense'],
    ];

    /** What was refused, said to a program; the headers of the answer that stood before are kept. */
    public static function answer(Response $before, Throwable $e, Request $request): Response
    {
        $status = $before->getStatusCode();
        $body = ['message' => self::SENTENCES[$status] ?? self::SENTENCES[500]];
        if ($e instanceof ValidationException) {
            $errors = $e->errors();
            $body = ['message' => key($errors).': '.(current($errors)[0] ?? ''), 'errors' => $errors];
        } elseif ($e instanceof UserMessage || ($status === 403 && $e->getMessage() !== '')) {
            $body['message'] = $e->getMessage();
        }
        $headers = array_filter([
            'Retry-After' => $before->headers->get('Retry-After'),
            'Allow' => $before->headers->get('Allow'),
            'WWW-Authenticate' => $status === 401 ? self::scheme($request) : null,
        ]);

        return new JsonResponse($body, $status, $headers);
    }

    /** @return array<string, array<string, mixed>> the description's responses, by name */
    public static function responses(): array
    {
        $named = [];
        foreach (self::NAMES as $status => $name) {
            $headers = array_map(
                static fn (string $about): array => ['description' => $about, 'schema' => ['type' => 'string']],
                self::HEADERS[$status] ?? [],
            );
            $named[$name] = [
                'description' => self::SENTENCES[$status] ?? 'What can’t be read, or can’t be done: a sentence for each',
                ...($headers === [] ? [] : ['headers' => $headers]),
                'content' => Schema::json(Schema::named('Refusal')),
            ];
        }

        return $named;
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $sentence = ['type' => 'string', 'minLength' => 1];

        return Schema::object(
            [
                'message' => $sentence,
                'errors' => [
                    'type' => 'object',
                    'description' => 'by the path of each field that can’t be read',
                    'additionalProperties' => ['type' => 'array', 'items' => $sentence, 'minItems' => 1],
                ],
            ],
            ['message'],
        );
    }

    /** By RFC 6750, section 3: why, where a token was sent. */
    private static function scheme(Request $request): string
    {
        $sent = $request->headers->get('Authorization') !== null;

        return 'Bearer realm="Window Stall"'.($sent ? ', error="invalid_token"' : '');
    }
}
