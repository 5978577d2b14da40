<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\HeadLogo;
use WindowStall\Window\Look;
use WindowStall\Window\ShareCard;
use WindowStall\Window\Window;

/** Logos: trimmed, seen on whatever they stand on, in the browser's tab and where the shop is shared. */
final class LogosTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('media');
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_what_is_empty_around_a_logo_is_cut_off(): void
    {
        // A dark box of 300 × 60 in the middle of 800 × 400 that can be seen through, and the same on white.
        foreach ([[0, 0, 0, 127], [255, 255, 255, 0]] as $ground) {
            $logo = $this->send(self::png([30, 40, 50], $ground));
            self::assertEqualsWithDelta(300, $logo['width'], 4);
            self::assertEqualsWithDelta(60, $logo['height'], 4);
            $made = imagecreatefromstring((string) Storage::disk('media')->get($logo['path'].'-280.webp'));
            self::assertNotFalse($made);
            $middle = imagecolorsforindex(
                $made,
                (int) imagecolorat($made, intdiv(imagesx($made), 2), intdiv(imagesy($made), 2)),
            );
            self::assertSame($ground[3], $middle['alpha'], 'what can be seen through within it stays so');
            $icon = imagecreatefromstring((string) Storage::disk('media')->get($logo['path'].'-icon.png'));
            self::assertNotFalse($icon);
            self::assertSame([180, 180], [imagesx($icon), imagesy($icon)]);
        }
        $plain = $this->send(self::png([9, 9, 9], [9, 9, 9, 0]));
        self::assertSame([800, 400], [$plain['width'], $plain['height']], 'a plain box is left as it is');
    }

    public function test_the_logo_for_the_ground_stands_there_and_one_that_cant_be_seen_gets_a_plate(): void
    {
        $dark = $this->send(self::png([30, 40, 50], [0, 0, 0, 127]));
        $light = $this->send(self::png([250, 245, 235], [0, 0, 0, 127]));
        self::assertNull(self::sign(StarterLook::SeedPacket, null, null));
        self::assertSame(
            [$dark['path'], null],
            [
                self::sign(StarterLook::SeedPacket, $dark, $light)?->logo['path'],
                self::sign(StarterLook::SeedPacket, $dark, $light)?->plate,
            ],
        );
        self::assertSame(
            [$light['path'], null],
            [
                self::sign(StarterLook::LampShed, $dark, $light)?->logo['path'],
                self::sign(StarterLook::LampShed, $dark, $light)?->plate,
            ],
        );
        $alone = self::sign(StarterLook::LampShed, $dark, null);
        self::assertSame($dark['path'], $alone?->logo['path']);
        self::assertNotNull($alone->plate, 'dark on dark is seen on a plate');
        self::assertStringContainsString('to 1, so it has a plate of its own', $alone->words());
    }

    public function test_a_published_logo_is_the_shops_sign_and_its_shared_picture(): void
    {
        $logo = $this->send(self::png([30, 40, 50], [0, 0, 0, 127]));
        $content = Window::of($this->stall)->firstOrFail()->workingContent()->toArray();
        $content['look']['logo'] = array_diff_key($logo, ['url' => 0]);
        app(DressWindow::class)->save($this->stall, Content::from($content), 1);
        app(DressWindow::class)->publish($this->stall, null);
        $look = Window::of($this->stall)->firstOrFail()->load('published')->publishedContent()?->look;
        self::assertNotNull($look);
        $card = (string) ShareCard::path($look);
        $this->get($this->stall->shopAddress('/'))
            ->assertSee(
                'property="og:image" content="'.
                    rtrim($this->stall->shopAddress(), '/').
                    Storage::disk('media')->url($card),
                false,
            )
            ->assertSee($logo['path'].'-icon.png', false);
        $image = imagecreatefromstring((string) Storage::disk('media')->get($card));
        self::assertNotFalse($image);
        self::assertSame([1200, 630], [imagesx($image), imagesy($image)]);
        $at = static fn (int $x, int $y): array => array_map(
            static fn (int $shift): int => (imagecolorat($image, $x, $y) >> $shift) & 0xFF,
            [16, 8, 0],
        );
        self::assertLessThan(70, max($at(500, 315)), 'the logo in the middle');
        self::assertGreaterThan(200, min($at(20, 20)), 'on the light ground of the look');
    }

    /**
     * @param  array{path: string, width: int, height: int}|null  $logo
     * @param  array{path: string, width: int, height: int}|null  $onDark
     */
    private static function sign(StarterLook $starter, ?array $logo, ?array $onDark): ?HeadLogo
    {
        return HeadLogo::of(new Look('x', $starter->plan(), 'Quillet', $logo, $onDark));
    }

    /** @return array{path: string, width: int, height: int, url: string} */
    private function send(string $png): array
    {
        return $this->wantingJson()
            ->post(route('window.logo', $this->stall), [
                'picture' => UploadedFile::fake()->createWithContent('logo.png', $png),
            ])
            ->assertOk()
            ->assertJsonPath('trouble', null)
            ->json('logo');
    }

    /**
     * @param  array{int<0, 255>, int<0, 255>, int<0, 255>}  $drawn  red, green, blue of a box of 300 × 60 with a hole
     * @param  array{int<0, 255>, int<0, 255>, int<0, 255>, int<0, 127>}  $ground  of the 800 × 400 around it and in the
     *     hole; how far it can be seen through
     */
    private static function png(array $drawn, array $ground): string
    {
        $image = imagecreatetruecolor(800, 400);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, ...$ground));
        imagefilledrectangle($image, 250, 170, 549, 229, (int) imagecolorallocate($image, ...$drawn));
        imagefilledrectangle($image, 380, 190, 420, 210, (int) imagecolorallocatealpha($image, ...$ground));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
