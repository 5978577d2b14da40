<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Support\RichText;
use WindowStall\Tests\App\AppTestCase;

final class RichTextTest extends AppTestCase
{
    #[TestWith(['<p>a</p><script>x</script>', '<p>a</p>'])]
    #[TestWith(['<p onmouseover="x">a</p>', '<p>a</p>'])]
    #[TestWith(['<a href="JaVaScRiPt:alert(1)">a</a>', '<a rel="nofollow noopener">a</a>'])]
    #[TestWith(['<a href="data:text/html,x">a</a>', '<a rel="nofollow noopener">a</a>'])]
    #[TestWith(['<svg><script>x</script></svg>b', 'b'])]
    #[TestWith(['<div><p>kept</p></div>', '<p>kept</p>'], 'a wrapper goes, what it held stays')]
    #[TestWith(['<style>p{}</style><p>a</p>', '<p>a</p>'])]
    #[TestWith(['<p>2 &lt; 3 &amp; 4</p>', '<p>2 &lt; 3 &amp; 4</p>'])]
    #[TestWith(['<img src=x onerror=y>', ''])]
    #[TestWith(['<form action="//x"><input name=a></form>', ''])]
    public function test_only_what_harms_nobody_stays(string $dirty, string $clean): void
    {
        self::assertSame($clean, (new RichText())->clean($dirty));
    }

    public function test_cleaning_twice_changes_nothing(): void
    {
        $once = (new RichText())->clean(
            '<h2>A</h2><ul><li>b & c</li></ul><p><a href="https://quillet.example/?a=1&b=2">d</a></p>',
        );
        self::assertSame($once, (new RichText())->clean($once));
    }

    public function test_plain_text_keeps_words_apart(): void
    {
        self::assertSame('One Two & three', RichText::plain('<p>One</p><ul><li>Two &amp;</li><li>three</li></ul>'));
    }
}
