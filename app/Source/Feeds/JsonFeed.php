<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * JSON: the first list of objects in the file is the records, wherever it stands.
 *
 * Objects are cut out of the stream by counting braces outside of texts, then decoded one at a time.
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
            $record = json_decode($object, true, 32);
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
        $open = ''; // the brackets that are open, outermost first
        $list = null; // how deep the list lies whose objects are wanted, once it is found
        $object = null; // the text of the object being cut out
        $quoted = $escaped = false;
        try {
            while (! feof($in)) {
                $chunk = (string) fread($in, self::CHUNK);
                for ($i = 0, $length = strlen($chunk); $i < $length; $i += $step) {
                    $step = match (true) {
                        $escaped => 1,
                        $quoted => strcspn($chunk, '"\\', $i),
                        default => strcspn($chunk, '"{}[]', $i),
                    };
                    if ($step > 0) {
                        $escaped = false;
                        $object = $object === null ? null : $object.substr($chunk, $i, $step);

                        continue;
                    }
                    $sign = $chunk[$i];
                    $step = 1;
                    if (
                        $sign === '{' &&
                        ! $quoted &&
                        $object === null &&
                        str_ends_with($open, '[') &&
                        ($list ?? strlen($open)) === strlen($open)
                    ) {
                        $list = strlen($open);
                        $object = '';
                    }
                    $object = $object === null ? null : $object.$sign;
                    if ($sign === '\\') {
                        $escaped = true;
                    } elseif ($sign === '"') {
                        $quoted = ! $quoted;
                    } elseif ($sign === '{' || $sign === '[') {
                        $open .= $sign;
                    } else {
                        $open = substr($open, 0, -1);
                        if ($object !== null && strlen($open) === $list) {
                            yield $object;
                            $object = null;
                        } elseif ($list !== null && strlen($open) < $list) {
                            return;
                        }
                    }
                }
                if (strlen((string) $object) > Limits::RECORD) {
                    throw FeedTrouble::because(
                        sprintf(
                            'A record is longer than %s letters. The file wasn’t read.',
                            number_format(Limits::RECORD),
                        ),
                    );
                }
            }
            if ($open !== '' || $quoted) {
                throw FeedTrouble::because('The JSON breaks off in the middle. Fetch it again.');
            }
        } finally {
            fclose($in);
        }
    }
}
