<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * JSON: the first list of objects in the file is the records, wherever it stands.
 *
 * {@see CutObjects} cuts them out of the stream; each is decoded by itself.
 */
final readonly class JsonFeed implements Feed
{
    use PicksRows;

    private const CHUNK = 65_536;

    /** @var list<string> */
    private array $header;

    public function __construct(private string $path)
    {
        $this->header = Records::header($this->records());
    }

    public function about(): string
    {
        return 'JSON';
    }

    public function header(): array
    {
        return $this->header;
    }

    public function rows(): iterable
    {
        return Records::table($this->records(), $this->header);
    }

    /** @return \Generator<int, array<mixed>> */
    private function records(): \Generator
    {
        return self::objectsIn($this->path);
    }

    /**
     * The objects of the first list of objects in a file, one at a time.
     *
     * @return \Generator<int, array<mixed>>
     *
     * @throws FeedTrouble when one of them isn't right, or the file breaks off
     */
    public static function objectsIn(string $path): \Generator
    {
        $n = 0;
        foreach (self::objects($path) as $object) {
            $record = json_decode($object, true, 32, JSON_BIGINT_AS_STRING);
            if (! is_array($record)) {
                throw FeedTrouble::because(
                    sprintf(
                        'Record %s isn’t right JSON (%s). Nothing was taken from the file.',
                        number_format($n + 1),
                        json_last_error_msg(),
                    ),
                );
            }
            $n++;
            yield $record;
        }
    }

    /** @return \Generator<int, string> the texts of the objects of the first list that holds objects */
    private static function objects(string $path): \Generator
    {
        $in = fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        $cut = new CutObjects();
        try {
            while (! feof($in)) {
                yield from $cut->from((string) fread($in, self::CHUNK));
                if ($cut->length() > Limits::RECORD) {
                    throw FeedTrouble::because(
                        sprintf(
                            'A record is longer than %s letters. The file wasn’t read.',
                            number_format(Limits::RECORD),
                        ),
                    );
                }
            }
            if ($cut->isOpen()) {
                throw FeedTrouble::because('The JSON breaks off in the middle. Fetch it again.');
            }
        } finally {
            fclose($in);
        }
    }
}
