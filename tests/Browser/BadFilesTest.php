<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** Files that won't do, sent through the real server with its real limits. */
final class BadFilesTest extends BrowserTestCase
{
    public function test_too_large_no_picture_and_a_drawing_each_get_a_sentence(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Front page')->click('[data-part="colours"]')->see('A logo of your own');
        $this->send($desk, 'forty.png', str_repeat("\x89PNG", 10 * 1_048_576));
        $desk->see('The picture is larger than 12 MB. Make it smaller and try again.');
        $this->send($desk, 'ninety.png', str_repeat('x', 90 * 1_048_576));
        $desk->see('That file is larger than 80 MB, more than can be sent here. Choose a smaller one.');
        $this->send($desk, 'text.png', 'no picture at all');
        $desk->see('This file is no picture. Choose a JPEG, PNG or WebP.');
        $this->send($desk, 'drawing.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
        $desk->see('This SVG drawing carries a script');
        self::assertTrue($desk->has('[data-changes="0"]'), 'nothing of it was taken');

        $image = imagecreatetruecolor(400, 200) ?: self::fail('no image');
        imagepng($image, $file = sys_get_temp_dir().'/logo-'.bin2hex(random_bytes(4)).'.png');
        $desk->all('[data-upload]')[0]->sendKeys($file);
        $desk->see('1 change since')->see('Without it')->see('Take its colours');
    }

    private function send(Page $desk, string $name, string $bytes): void
    {
        $file = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-'.$name;
        file_put_contents($file, $bytes);
        $desk->all('[data-upload]')[0]->sendKeys($file);
        $desk->until(fn (): bool => $desk->has('[role="alert"]'), 'for the answer');
    }
}
