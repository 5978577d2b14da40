<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use WindowStall\Frame\Api\OpenApi;

/** Holds answers of the interface for programs against its description. */
trait Described
{
    /**
     * The status is one that the operation names, the headers are there, and the body fits its schema.
     *
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     */
    private static function assertDescribed(TestResponse $answer, string $method, string $path): void
    {
        $document = OpenApi::document();
        $status = $answer->getStatusCode();
        $known = $document['paths'][$path][$method]['responses'] ?? [];
        Assert::assertArrayHasKey($status, $known, "{$method} {$path} names {$status}");
        $name = basename($known[$status]['$ref'] ?? '');
        $said = $name === '' ? $known[$status] : $document['components']['responses'][$name];
        foreach (array_keys($said['headers'] ?? []) as $header) {
            Assert::assertNotSame('', (string) $answer->headers->get((string) $header), (string) $header);
        }
        self::assertFits($said['content']['application/json']['schema'], (string) $answer->getContent());
    }

    /** @param  array<string, mixed>  $schema */
    private static function assertFits(array $schema, string $json): void
    {
        $why = self::misfit($schema, $json);
        Assert::assertNull($why, $json.' '.$why);
    }

    /**
     * Why a body doesn't fit; null when it does.
     *
     * @param  array<string, mixed>  $schema  with references into the description
     */
    private static function misfit(array $schema, string $json): ?string
    {
        $whole = $schema + ['$defs' => OpenApi::document()['components']['schemas']];
        $result = (new Validator())->validate(
            json_decode($json),
            str_replace('#/components/schemas/', '#/$defs/', (string) json_encode($whole, JSON_UNESCAPED_SLASHES)),
        );

        return $result->error() === null
            ? null
            : (string) json_encode((new ErrorFormatter())->format($result->error()));
    }
}
