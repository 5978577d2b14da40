<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\Storage;

/** A kept file, which may lie in object storage, as a file of this machine for as long as it is read. */
final class LocalCopy
{
    /**
     * @template T
     *
     * @param  callable(string): T  $do  told the path
     * @return T
     *
     * @throws Refusal when the file isn't kept any more
     */
    public static function with(string $kept, callable $do): mixed
    {
        $in = Storage::exists($kept) ? Storage::readStream($kept) : null;
        $path = tempnam(sys_get_temp_dir(), 'kept') ?: throw new \RuntimeException('No room for a file.');
        try {
            if ($in === null) {
                throw new Refusal('The file that was sent isn’t kept any more. Send it again.');
            }
            $out = fopen($path, 'w') ?: throw new \RuntimeException('No room for a file.');
            stream_copy_to_stream($in, $out);
            fclose($out);

            return $do($path);
        } finally {
            unlink($path);
        }
    }
}
