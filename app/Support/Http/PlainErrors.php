<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;
use WindowStall\Core\UserMessage;
use WindowStall\Support\Api\Refusals;

/** Turns what went wrong into a sentence for the person at the screen, in the form their request can show. */
final class PlainErrors
{
    private const SENTENCES = [
        400 => 'Part of what was sent is no text. Type it again.',
        401 => 'You are signed out. Sign in again; what you were doing is kept.',
        403 => 'This isn’t yours to see.',
        404 => 'There is nothing at this address.',
        405 => 'This address can’t be used that way.',
        413 => 'That is more than can be sent here at once. Send less.',
        415 => 'This address doesn’t take what was sent.',
        419 => 'This page was open too long. Load it again and repeat the last step.',
        429 => 'That was too often in a short time. Wait a minute and try again.',
        500 => 'Something went wrong here. It has been noted; nothing you had saved is lost.',
        503 => 'The workshop is being looked after and will be back shortly.',
        507 => 'There is no room left here to keep that. Nothing was changed; try again in a while.',
    ];

    /** Programs get JSON whether they say so or not. */
    private static function wantsJson(Request $request): bool
    {
        return $request->expectsJson() || $request->is('api/*');
    }

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => self::wantsJson($request));
        $exceptions->dontReport([UserMessage::class, AnswersItself::class]);
        $exceptions->render(function (UserMessage $said, Request $request): Response {
            return self::said($said->getMessage(), $request);
        });
        $exceptions->render(function (PDOException $e, Request $request): ?Response {
            if (str_contains($e->getMessage(), 'SQLSTATE[53100]')) {
                return self::answer($request, 507, self::SENTENCES[507], []);
            }

            return self::away($e) ? self::answer($request, 503, self::SENTENCES[503], ['Retry-After' => '5']) : null;
        });
        $exceptions->render(function (UnableToWriteFile $e, Request $request): Response {
            return self::answer($request, 507, self::SENTENCES[507], []);
        });
        $exceptions->render(function (PostTooLargeException $e, Request $request): Response {
            return self::answer($request, 413, self::SENTENCES[413], []);
        });
        $exceptions->respond(function (Response $response, Throwable $e, Request $request): Response {
            $status = $response->getStatusCode();
            if ($status >= 400 && $request->is(Refusals::AT)) {
                return Refusals::answer($response, $e, $request);
            }
            if ($e instanceof ValidationException || $status < 400 || $e instanceof UserMessage || $e instanceof AnswersItself) {
                return $response;
            }
            $sentence =
                $e instanceof Busy
                    ? $e->getMessage()
                    : self::SENTENCES[$status] ??
                        ($e instanceof HttpExceptionInterface && $e->getMessage() !== ''
                            ? $e->getMessage()
                            : self::SENTENCES[500]);

            return self::answer($request, $status, $sentence, self::wait($response));
        });
    }

    /** @param  array<string, string>  $headers */
    private static function answer(Request $request, int $status, string $sentence, array $headers): Response
    {
        return self::wantsJson($request)
            ? new JsonResponse(['message' => $sentence], $status, $headers)
            : response()->view(
                'plain-error',
                ['status' => $status, 'sentence' => $sentence, 'shop' => $request->route('shop') !== null],
                $status,
                $headers,
            );
    }

    /**
     * Whether the database is away or just restarting (SQLSTATE classes 08 and 57P, and too many connections): nothing
     * is wrong with what was asked.
     */
    private static function away(PDOException $e): bool
    {
        return preg_match(
            '/SQLSTATE\[(?:08\w{3}|57P0[1-4]|53300)\]|server closed the connection|no connection to the server/',
            $e->getMessage(),
        ) === 1;
    }

    /** @return array<string, string> when to come again, where that was said */
    private static function wait(Response $response): array
    {
        return array_filter(['Retry-After' => (string) $response->headers->get('Retry-After')]);
    }

    private static function said(string $sentence, Request $request, int $status = 422): Response
    {
        if (self::wantsJson($request)) {
            return new JsonResponse(['message' => $sentence, 'errors' => ['said' => [$sentence]]], $status);
        }
        if ($request->hasSession()) {
            return back()
                ->withInput()
                ->withErrors(['said' => $sentence]);
        }

        return response()->view(
            'plain-error',
            ['status' => $status, 'sentence' => $sentence, 'shop' => $request->route('shop') !== null],
            $status,
        );
    }
}
