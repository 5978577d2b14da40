<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

/** A folder for the files of one piece of work, gone when it is done. */
final class Workbench
{
    /**
     * @template T
     *
     * @param  callable(string): T  $do  told the folder
     * @return T
     */
    public static function with(callable $do): mixed
    {
        $folder = sys_get_temp_dir().'/print'.bin2hex(random_bytes(8));
        mkdir($folder, 0700);
        try {
            return $do($folder);
        } finally {
            array_map(unlink(...), glob($folder.'/*') ?: []);
            rmdir($folder);
        }
    }
}
