<?php

declare(strict_types=1);

namespace WindowStall\Print\Http\Api;

use WindowStall\Core\Print\Findings\FindingKind;
use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Support\Api\Schema;

/** How the API speaks of artwork, placings and print files. */
final class PrintSchema
{
    private const NUMBER = ['type' => 'number'];

    private const TEXT = ['type' => 'string'];

    private const ID = ['type' => 'integer'];

    private const TEXTS = ['type' => 'array', 'items' => self::TEXT];

    /** @return array<string, mixed> */
    public static function artworks(): array
    {
        return ['post' => [
            'summary' => 'Sends an artwork, up to 100 MB; it is read afterwards; a token that may decide',
            'operationId' => 'sendArtwork',
            'requestBody' => ['required' => true, 'content' => ['multipart/form-data' => [
                'schema' => Schema::object(['file' => ['type' => 'string', 'contentMediaType' => 'application/octet-stream']]),
            ]]],
            'responses' => self::made('The artwork', 'Artwork'),
        ]];
    }

    /** @return array<string, mixed> */
    public static function artwork(): array
    {
        return ['get' => [
            'summary' => 'An artwork, and what was read of it',
            'operationId' => 'readArtwork',
            'parameters' => [self::number('artwork')],
            'responses' => Schema::answers('The artwork', Schema::named('Artwork'), 404),
        ]];
    }

    /** @return array<string, mixed> */
    public static function placings(): array
    {
        return ['post' => [
            'summary' => 'Lays an artwork on a blank, as the workshop begins; a token that may decide',
            'operationId' => 'layArtwork',
            'requestBody' => self::body(Schema::object(['blank' => self::ID, 'artwork' => self::ID])),
            'responses' => self::made('The placing', 'Placing', 404),
        ]];
    }

    /** @return array<string, mixed> */
    public static function placing(): array
    {
        return [
            'get' => [
                'summary' => 'A placing, with what is found about it',
                'operationId' => 'readPlacing',
                'parameters' => [self::number('placing')],
                'responses' => Schema::answers('The placing', Schema::named('Placing'), 404),
            ],
            'put' => [
                'summary' => 'Says how artwork lies; needs the revision that was read; a token that may decide',
                'operationId' => 'sayPlacing',
                'parameters' => [self::number('placing')],
                'requestBody' => self::body(Schema::object(['revision' => self::ID] + self::written(), ['revision'])),
                'responses' => Schema::answers('The placing', Schema::named('Placing'), 403, 404),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function goods(): array
    {
        $numbers = ['type' => 'array', 'items' => self::ID];

        return ['post' => [
            'summary' => 'Makes goods of a placing, or a run that makes some of many artworks and blanks laid like it; a token that may decide',
            'operationId' => 'makePrintedGoods',
            'parameters' => [self::number('placing')],
            'requestBody' => ['content' => Schema::json(Schema::object(['artworks' => $numbers, 'blanks' => $numbers], []))],
            'responses' => Schema::answers('The listing, or the run', Schema::object([
                'listing' => ['type' => ['integer', 'null']],
                'run' => ['type' => ['integer', 'null']],
            ]), 403, 404),
        ]];
    }

    /** @return array<string, mixed> */
    public static function findings(): array
    {
        return ['post' => [
            'summary' => 'What would be found about an artwork on a blank; nothing is kept',
            'operationId' => 'findPrintFaults',
            'requestBody' => self::body(Schema::object([
                'blank' => self::ID,
                'area' => self::TEXT,
                'method' => self::TEXT,
                'artwork' => self::ID,
                'width' => self::NUMBER + ['description' => 'millimetres'],
                'x' => self::NUMBER + ['description' => 'of its middle from the area’s middle, millimetres'],
                'y' => self::NUMBER + ['description' => 'of its upper edge from the area’s, millimetres'],
                'turn' => self::NUMBER + ['description' => 'degrees, clockwise'],
                'colours' => self::TEXTS,
            ], ['blank', 'area', 'method', 'artwork', 'width'])),
            'responses' => Schema::answers('What is found', Schema::object([
                'findings' => ['type' => 'array', 'items' => Schema::named('PrintFinding')],
            ]), 404),
        ]];
    }

    /** @return array<string, mixed> */
    public static function file(): array
    {
        $binary = ['schema' => ['type' => 'string', 'contentMediaType' => 'application/octet-stream']];

        return ['get' => [
            'summary' => 'A print file itself',
            'operationId' => 'fetchPrintFile',
            'parameters' => [self::number('file')],
            'responses' => [
                200 => ['description' => 'The file', 'content' => ['image/png' => $binary, 'application/pdf' => $binary]],
            ] + Schema::answers('', [], 404),
        ]];
    }

    /** @return array<string, array<string, mixed>> */
    public static function schemas(): array
    {
        $maybe = static fn (string $type): array => ['type' => [$type, 'null']];

        return [
            'Artwork' => Schema::object([
                'id' => self::ID,
                'name' => self::TEXT,
                'version' => self::ID,
                'family' => self::ID + ['description' => 'the first version’s id'],
                'state' => ['enum' => ['waiting', 'ready', 'refused']],
                'trouble' => $maybe('string'),
                'width' => $maybe('integer') + ['description' => 'pixels'],
                'height' => $maybe('integer'),
                'vector' => $maybe('boolean'),
                'transparent' => $maybe('boolean'),
                'colours' => ['type' => 'array', 'items' => Schema::object(['hex' => self::TEXT, 'share' => self::NUMBER])],
                'notes' => self::TEXTS,
            ]),
            'Placing' => Schema::object([
                'id' => self::ID,
                'name' => self::TEXT,
                'revision' => self::ID,
                'blank' => self::ID + ['description' => 'an item of the print house'],
                'kept_as' => $maybe('string'),
                'made' => ['type' => 'boolean', 'description' => 'whether its goods are as it lies'],
            ] + self::written() + ['findings' => ['type' => 'array', 'items' => Schema::named('PrintFinding')]]),
            'PrintFinding' => Schema::object([
                'kind' => ['enum' => array_column(FindingKind::cases(), 'value')],
                'weight' => ['enum' => array_column(Severity::cases(), 'value')],
                'area' => self::TEXT,
                'says' => self::TEXT,
                'colours' => self::TEXTS + ['description' => 'that it hits; none for all'],
                'sizes' => self::TEXTS,
                'mend' => Schema::orNull(Schema::object(['says' => self::TEXT] + self::written())),
            ]),
            'PrintFile' => Schema::object([
                'id' => self::ID,
                'name' => self::TEXT,
                'format' => ['enum' => ['png', 'pdf']],
                'sha256' => self::TEXT,
                'bytes' => self::ID,
                'width' => self::NUMBER + ['description' => 'millimetres, with bleed'],
                'height' => self::NUMBER,
                'dpi' => self::ID,
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private static function written(): array
    {
        return [
            'laid' => ['type' => 'array', 'items' => Schema::object([
                'area' => self::TEXT,
                'method' => self::TEXT,
                'pieces' => ['type' => 'array', 'items' => Schema::object([
                    'artwork' => self::ID,
                    'x' => self::NUMBER,
                    'y' => self::NUMBER,
                    'width' => self::NUMBER,
                    'turn' => self::NUMBER,
                    'repeat' => ['type' => 'boolean'],
                ], ['artwork', 'width'])],
                'ground' => ['type' => ['string', 'null'], 'pattern' => '^#[0-9a-f]{6}$'],
            ], ['area', 'method', 'pieces'])],
            'colours' => self::TEXTS,
            'sizes' => self::TEXTS,
        ];
    }

    /** @return array<string, mixed> */
    private static function number(string $name): array
    {
        return ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function body(array $schema): array
    {
        return ['required' => true, 'content' => Schema::json($schema)];
    }

    /** @return array<int|string, mixed> */
    private static function made(string $what, string $schema, int ...$refusals): array
    {
        $answers = Schema::answers($what, Schema::named($schema), 403, ...$refusals);

        return [201 => $answers[200]] + array_diff_key($answers, [200 => 1]);
    }
}
