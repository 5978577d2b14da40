<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** The lists of objects in a JSON file, as far as they begin near its head, each with the columns of its first object. */
final class JsonLists
{
    /** So far into the file lists are looked for; the first is found wherever it begins. */
    private const BYTES = 4_194_304;

    private const CHUNK = 65_536;

    private const MOST = 12;

    /**
     * @return array<string, list<string>> name → the names of its columns, in the file's order; [] where there is none
     *
     * @throws FeedTrouble where the JSON is broken on the way
     */
    public static function in(string $path): array
    {
        $lists = [];
        for ($n = 0; $n < self::MOST; $n++) {
            try {
                [$name, $object] = self::first($path, $n);
            } catch (FeedTrouble $e) {
                // Of a list that nobody reads it needn't be said here what is amiss.
                $object = $n === 0 ? throw $e : null;
                $name = '';
            }
            if ($object === null) {
                break;
            }
            $unique = $name === '' ? 'the list' : $name;
            for ($again = 2; isset($lists[$unique]); $again++) {
                $unique = ($name === '' ? 'the list' : $name).' '.$again;
            }
            $lists[$unique] = self::columns($object);
        }

        return $lists;
    }

    /** @return array{string, string|null} the name of the list of that number, and the text of its first object */
    private static function first(string $path, int $list): array
    {
        $in = fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        $cut = new CutObjects($list);
        try {
            while (! feof($in) && ($list === 0 || ftell($in) < self::BYTES)) {
                // Object by object: the name is that of the list at hand.
                foreach ($cut->from((string) fread($in, self::CHUNK), stopAfter: 1) as $object) {
                    return [$cut->listName(), $object];
                }
                if ($cut->length() > Limits::RECORD) {
                    break;
                }
            }
        } finally {
            fclose($in);
        }

        return ['', null];
    }

    /** @return list<string> */
    private static function columns(string $object): array
    {
        $names = array_keys(NestedRecords::rows(JsonText::decode($object) ?? [])[0] ?? []);

        return array_map(
            static fn (int|string $path): string => substr((string) strrchr('/'.$path, '/'), 1),
            $names,
        );
    }
}
