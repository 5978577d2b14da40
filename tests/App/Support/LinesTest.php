<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Lines that can be read: PHP_CodeSniffer holds PHP to it, this holds templates and scripts. */
final class LinesTest extends TestCase
{
    /** Letters that no line has more of. */
    private const MOST = 160;

    /** Letters that hardly any line has more of, and how many lines in a thousand may. */
    private const GOOD = 120;

    private const FEW = 10;

    public function test_no_line_of_a_template_or_a_script_is_too_long_to_be_read(): void
    {
        $root = dirname(__DIR__, 3);
        $all = $long = 0;
        $tooLong = [];
        $files = (new Finder())
            ->in([$root.'/resources', $root.'/standins', $root.'/tests/Front'])
            ->files()
            ->name(['*.blade.php', '*.ts', '*.tsx'])
            ->notPath('js/types');
        foreach ($files as $file) {
            foreach (explode("\n", $file->getContents()) as $n => $line) {
                $all++;
                $long += (int) (mb_strlen($line) > self::GOOD);
                if (mb_strlen($line) > self::MOST) {
                    $tooLong[] = $file->getRelativePathname().':'.($n + 1);
                }
            }
        }
        self::assertGreaterThan(10_000, $all);
        self::assertSame([], $tooLong);
        self::assertLessThan(self::FEW, 1_000 * $long / $all, 'lines over 120 letters, in a thousand');
    }
}
