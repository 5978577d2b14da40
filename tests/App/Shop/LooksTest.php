<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use WindowStall\Core\Look\FaceCut;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\Look;
use WindowStall\Window\Pages\PageRenderer;
use WindowStall\Window\Pages\ShopAssets;
use WindowStall\Window\Window;

/** One set of brand decisions reaches every page; pages are safe to frame, cache and link to. */
final class LooksTest extends AppTestCase
{
    public function test_every_starter_look_brings_its_build_colours_faces_and_shape(): void
    {
        $stall = $this->world->stall();
        $this->world->inWindow($stall);
        foreach (StarterLook::cases() as $starter) {
            $plan = $starter->plan();
            $html = $this->home($stall, Look::begin($starter, 'Quillet')->toArray());
            self::assertStringContainsString(
                '<body class="build-'.$plan->build->value.' mood-'.$plan->mood->value.' ',
                $html,
            );
            self::assertStringContainsString('--radius:'.$plan->shape->corner->radius().'px', $html);
            self::assertStringContainsString((new ShopAssets())->build($plan->build), $html);
            foreach ([FaceCut::display($plan->pair, $plan->weight), FaceCut::text($plan->pair)] as $cut) {
                $file = (new ShopAssets())->face($cut);
                self::assertStringContainsString('rel="preload" href="'.$file.'"', $html);
                self::assertStringContainsString('@font-face{font-family:"'.$cut->key().'"', $html);
                self::assertFileExists(public_path(ltrim($file, '/')));
            }
            self::assertStringContainsString('color-scheme:'.($plan->tones()->dark ? 'dark' : 'light'), $html);
            self::assertStringContainsString('Garden Trowel NEW', $html);
        }
    }

    /** What a rule writes on what must be a pair that core has given its contrast. */
    public function test_the_stylesheets_write_only_on_what_the_tones_make_readable(): void
    {
        $pairs = array_map(static fn (array $pair): string => $pair[0].' on '.$pair[1], Tones::PAIRS);
        // Contrast is the same the other way round.
        $pairs = [
            ...$pairs,
            ...array_map(static fn (array $pair): string => $pair[1].' on '.$pair[0], Tones::PAIRS),
        ];
        $seen = 0;
        foreach (glob(resource_path('shop/{parts,builds}/*.css'), GLOB_BRACE) ?: [] as $file) {
            preg_match_all('/([^{}]+)\{([^{}]*)\}/', (string) file_get_contents($file), $rules, PREG_SET_ORDER);
            foreach ($rules as [, $where, $rule]) {
                if (
                    preg_match('/(?<!-)\bcolor: var\(--([\w-]+)\)/', $rule, $text) === 1 &&
                    preg_match('/\bbackground: var\(--([\w-]+)\)/', $rule, $ground) === 1 &&
                    ! str_contains($text[1], 'btn')
                ) {
                    self::assertContains($text[1].' on '.$ground[1], $pairs, basename($file).': '.trim($where));
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(15, $seen);
    }

    public function test_the_shop_has_a_sign_for_the_tab_and_a_picture_to_share(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $look = Look::begin(StarterLook::Barrow, '<Quillet>');
        $html = app(PageRenderer::class)->home(
            $stall,
            Content::from([
                'look' => $look->toArray(),
                'sections' => [['kind' => 'hero', 'settings' => ['listing' => $listing->id]]],
            ]),
        );
        self::assertSame(1, preg_match('/rel="icon" href="(data:image\/svg[^"]+)"/', $html, $icon));
        $svg = rawurldecode((string) strstr($icon[1] ?? '', '%3Csvg'));
        self::assertStringContainsString('fill="'.$look->tones()->get('fill')->toHex().'"', $svg);
        self::assertStringContainsString('>&lt;</text>', $svg, 'a letter, whatever it is');
        self::assertStringContainsString(
            '<meta property="og:image" content="'.rtrim($stall->shopAddress(), '/').'/',
            $html,
        );
    }

    public function test_the_wordmark_is_text_whatever_is_typed(): void
    {
        $html = $this->home($this->world->stall(), Look::begin(StarterLook::SeedPacket, '<i>Q & Co</i>')->toArray());
        self::assertStringContainsString('&lt;i&gt;Q &amp; Co&lt;/i&gt;', $html);
        self::assertStringNotContainsString('<i>', $html);
    }

    public function test_a_logo_path_that_isnt_one_of_ours_is_left_out(): void
    {
        $look = array_diff_key(Look::begin(StarterLook::SeedPacket, 'Q')->toArray(), ['logo' => null]);
        foreach (['../../etc/passwd', '1/logo/short', 'http://evil.example/x', 7] as $path) {
            self::assertNull(Look::from($look + ['logo' => ['path' => $path, 'width' => 1, 'height' => 1]])->logo);
        }
        self::assertSame(
            '1/logo/0123456789abcdef',
            Look::from($look + ['logo' => ['path' => '1/logo/0123456789abcdef', 'width' => 6, 'height' => 2]])->logo[
                'path'
            ] ?? null,
        );
    }

    public function test_pages_for_all_may_be_kept_and_pages_for_one_may_not(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        foreach (['/', '/goods/'.$listing->slug] as $path) {
            $this->get($stall->shopAddress($path))
                ->assertHeader('Cache-Control', 'no-cache, private')
                ->assertHeaderMissing('Set-Cookie');
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
        foreach (
            ["script-src 'self'", "base-uri 'none'", "frame-ancestors 'self' @SCHEME@://workshop.@HOST@"] as $rule
        ) {
            self::assertStringContainsString($rule, $file);
        }
    }

    public function test_a_page_names_its_own_address_and_what_it_is_about(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->get($stall->shopAddress('/goods/'.$listing->slug))
            ->assertSee('<link rel="canonical" href="'.$stall->shopAddress('/goods/'.$listing->slug).'">', false)
            ->assertSee('<meta name="description" content="Dear friend">', false)
            ->assertSee('<title>Garden Trowel NEW · Quillet</title>', false);
        $this->get($stall->shopAddress('/'))->assertSee('<meta name="description" content="Quillet">', false);
    }

    /** @param  array<string, mixed>  $look */
    private function home(Stall $stall, array $look): string
    {
        $content = Window::query()->findOrFail($stall->id)->workingContent()->toArray();

        return app(ShopRenderer::class)->home($stall, Content::from(['look' => $look] + $content));
    }
}
