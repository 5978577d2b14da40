<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\ColumnNames;

/** Chooses among the parts of a file in which goods could stand: the one a person said, else the one most like goods. */
final class Parts
{
    /**
     * @param  array<string, list<string>>  $columns  part → what its columns are called
     * @param  string  $said  the part a person chose; "" for none
     *
     * @throws FeedTrouble where that one isn't there any more
     */
    public static function choose(array $columns, string $said, string $what): string
    {
        if ($said !== '') {
            return isset($columns[$said]) ? $said : throw FeedTrouble::because(
                sprintf(
                    'The %s “%s” isn’t in the file any more; it has %s. Open the mapping and choose one.',
                    $what,
                    $said,
                    implode(', ', array_map(static fn (string $name): string => '“'.$name.'”', array_keys($columns))),
                ),
            );
        }
        $best = '';
        $most = -1.0;
        foreach ($columns as $part => $names) {
            $likes = ColumnNames::likeGoods($names);
            if ($likes > $most) {
                [$best, $most] = [(string) $part, $likes];
            }
        }

        return $best;
    }
}
