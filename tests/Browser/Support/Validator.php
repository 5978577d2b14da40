<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser\Support;

use PHPUnit\Framework\Assert;

/** html-validate, begun once for all walks: beginning it takes longer than looking at a page. */
final class Validator
{
    private static ?self $kept = null;

    /**
     * @param  resource  $process
     * @param  resource  $in
     * @param  resource  $out
     */
    private function __construct(private $process, private $in, private $out)
    {
    }

    public function __destruct()
    {
        fclose($this->in);
        fclose($this->out);
        proc_close($this->process);
    }

    /** @return list<string> what is wrong with a page */
    public static function found(string $html): array
    {
        self::$kept ??= self::begun();
        fwrite(self::$kept->in, json_encode($html, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)."\n");
        $said = fgets(self::$kept->out);
        Assert::assertIsString($said, 'html-validate has ended.');
        $found = json_decode($said, true, flags: JSON_THROW_ON_ERROR);
        Assert::assertIsArray($found);

        return array_values(array_map(strval(...), $found));
    }

    private static function begun(): self
    {
        $process = proc_open(
            ['node', __DIR__.'/validate.mjs'],
            [['pipe', 'r'], ['pipe', 'w'], STDERR],
            $pipes,
            dirname(__DIR__, 3),
        );
        Assert::assertIsResource($process, 'html-validate can’t be begun.');

        return new self($process, $pipes[0], $pipes[1]);
    }
}
