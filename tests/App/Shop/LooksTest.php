<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use WindowStall\Core\Look\StarterLook;
use WindowStall\Shop\ShopAssets;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\Look;
use WindowStall\Window\Window;

/** One set of brand decisions reaches every page; pages are safe to frame, cache and link to. */
final class LooksTest extends AppTestCase
{
    public function test_every_starter_look_brings_its_colours_faces_and_shape(): void
    {
        $stall = $this->world->stall();
        foreach (StarterLook::cases() as $starter) {
            $html = $this->home($stall, ['starter' => $starter->value, 'brand' => $starter->brand()->toHex(), 'wordmark' => 'Quillet']);
            self::assertStringContainsString('<body class="'.$starter->value.'">', $html);
            self::assertStringContainsString('--radius:'.$starter->radius().'px', $html);
            self::assertStringContainsString(ShopAssets::family($starter->displayFace()), $html);
            foreach (array_unique([$starter->displayFace(), $starter->textFace()]) as $face) {
                $font = (new ShopAssets)->font($face);
                self::assertStringContainsString('rel="preload" href="'.$font.'"', $html);
                self::assertFileExists(public_path(ltrim($font, '/')));
            }
            self::assertStringContainsString('color-scheme:'.($starter->mood()->dark() ? 'dark' : 'light'), $html);
        }
    }

    public function test_the_wordmark_is_text_whatever_is_typed(): void
    {
        $html = $this->home($this->world->stall(), ['starter' => 'seed-packet', 'brand' => '#2c5a43', 'wordmark' => '<i>Q & Co</i>']);
        self::assertStringContainsString('&lt;i&gt;Q &amp; Co&lt;/i&gt;', $html);
        self::assertStringNotContainsString('<i>', $html);
    }

    public function test_a_logo_path_that_isnt_one_of_ours_is_left_out(): void
    {
        $look = ['starter' => 'seed-packet', 'brand' => '#2c5a43', 'wordmark' => 'Q'];
        foreach (['../../etc/passwd', '1/logo/short', 'http://evil.example/x', 7] as $path) {
            self::assertNull(Look::from($look + ['logo' => ['path' => $path, 'width' => 1, 'height' => 1]])->logo);
        }
        self::assertSame('1/logo/0123456789abcdef', Look::from($look + ['logo' => ['path' => '1/logo/0123456789abcdef', 'width' => 6, 'height' => 2]])->logo['path'] ?? null);
    }

    public function test_pages_for_all_may_be_kept_and_pages_for_one_may_not(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        foreach (['/', '/goods/'.$listing->slug] as $path) {
            $this->get($stall->shopAddress($path))->assertHeader('Cache-Control', 'no-cache, private')->assertHeaderMissing('Set-Cookie');
        }
        foreach (['/basket'] as $path) {
            $this->get($stall->shopAddress($path))->assertHeader('Cache-Control', 'no-store, private');
        }
    }

    public function test_only_the_workshop_may_frame_a_shop_and_only_its_own_scripts_run(): void
    {
        $stall = $this->world->stall();
        $policy = (string) $this->get($stall->shopAddress('/'))->headers->get('Content-Security-Policy');
        self::assertStringContainsString("frame-ancestors 'self' http://workshop.localhost", $policy);
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("base-uri 'none'", $policy);
        // Pages served as files get the same from the web server.
        $file = (string) file_get_contents(base_path('ops/shop-headers.conf'));
        foreach (["script-src 'self'", "base-uri 'none'", "frame-ancestors 'self' http://workshop.localhost"] as $rule) {
            self::assertStringContainsString($rule, $file);
        }
    }

    public function test_a_page_names_its_own_address_and_what_it_is_about(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertSee('<link rel="canonical" href="'.$stall->shopAddress('/goods/'.$listing->slug).'">', false)->assertSee('<meta name="description" content="Dear friend">', false)->assertSee('<title>Garden Trowel NEW · Quillet</title>', false);
        $this->get($stall->shopAddress('/'))->assertSee('<meta name="description" content="Good things, well chosen.', false);
    }

    /** @param  array<string, mixed>  $look */
    private function home(Stall $stall, array $look): string
    {
        $content = Window::query()->findOrFail($stall->id)->workingContent()->toArray();

        return app(ShopRenderer::class)->home($stall, Content::from(['look' => $look] + $content));
    }
}
