<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Written\WrittenPage;

/** How lists of goods and the basket are laid: their own part, and sections of the seller's around it. */
final class DressedPagesTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        foreach (['Pot' => 900, 'Cane' => 400, 'Net' => 1_500, 'Rake' => 2_500] as $title => $cost) {
            $id = strtolower($title);
            $listing = $this->world->inWindow($this->stall, Items::item([Items::variant($id, $cost)], $title, id: $id));
            $this->world->say($listing, ListingPatch::none()->cell('type', $title === 'Pot' ? 'Pots' : 'Tools'));
        }
    }

    public function test_lists_stand_as_the_program_lays_them_until_they_are_published_otherwise(): void
    {
        $before = $this->shop('/goods');
        self::assertStringContainsString('across-4', $before);
        $page = $this->dress('lists', [
            ['id' => 'above', 'kind' => 'promises', 'settings' => ['which' => 'own', 'own' => [['head' => 'Packed in paper', 'words' => '']]]],
            ['id' => 'listed', 'kind' => 'listed', 'settings' => ['across' => '3', 'phone' => '1', 'first' => 'price', 'then' => 'type']],
        ]);
        self::assertSame($before, $this->shop('/goods'), 'nobody sees what isn’t published');
        $this->publish($page);
        $html = $this->shop('/goods');
        self::assertStringContainsString('across-3 phone-1', $html);
        self::assertMatchesRegularExpression('/Packed in paper.*Everything on the stall/s', $html);
        preg_match_all('/data-facet="([^"]+)"/', $html, $m);
        self::assertSame(['price', 'What it is'], $m[1]);
        self::assertStringContainsString('Packed in paper', $this->shop('/search?q=pot'), 'on every list');

        self::assertSame($page->id, $this->dress('lists', [['id' => 'listed', 'kind' => 'listed', 'settings' => ['narrowed' => 'no']]])->id);
        $this->publish($page->refresh());
        self::assertStringNotContainsString('data-sift', $this->shop('/goods'));
        self::assertStringContainsString('/goods/pot', $this->shop('/goods'), 'the list itself is always there');
        $this->deleteJson(route('window.page.destroy', [$this->stall, $page]))->assertOk();
        self::assertSame($before, $this->shop('/goods'));
    }

    public function test_the_basket_has_sections_around_it_and_asks_for_what_it_shall(): void
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->stall->hasMany(\WindowStall\Bench\Listing::class)->firstOrFail()->variants()->firstOrFail());
        $basket = static fn (): string => (string) $shopper->send('get', '/basket')->assertOk()->getContent();
        self::assertStringContainsString('name="code"', $basket());
        $this->publish($this->dress('basket', [
            ['id' => 'basket', 'kind' => 'basket', 'settings' => ['codes' => 'not', 'along' => 'not']],
            ['id' => 'below', 'kind' => 'promises', 'settings' => ['which' => 'own', 'own' => [['head' => 'Thirty days to think', 'words' => '']]]],
        ]));
        $html = $basket();
        self::assertStringNotContainsString('name="code"', $html);
        self::assertStringNotContainsString('/basket/link', $html);
        self::assertMatchesRegularExpression('/data-basket.*Thirty days to think/s', $html);
        self::assertStringContainsString('href="/checkout"', $html);
    }

    public function test_the_galley_shows_both_with_goods_and_they_stand_at_no_address_of_their_own(): void
    {
        foreach (['lists' => ['listed', 'data-list'], 'basket' => ['basket', 'data-basket']] as $kind => [$part, $marked]) {
            $page = $this->dress($kind, [['id' => $part, 'kind' => $part, 'settings' => []]]);
            $galley = $this->pageProps($this->get(route('window.page', [$this->stall, $page])));
            self::assertNotContains('shots', array_column($galley['kinds'], 'key'));
            $this->get($galley['galley']['sheetUrl'])->assertOk()->assertSee($marked, false)->assertSee('/goods/rake', false);
            $this->publish($page);
            $this->get($this->stall->shopAddress('/pages/'.$page->slug))->assertNotFound();
            self::assertStringNotContainsString($page->slug, (string) $this->get($this->stall->shopAddress('/sitemap.xml'))->getContent());
        }
        self::assertSame(0, WrittenPage::of($this->stall)->count());
        $laid = $this->pageProps($this->get(route('window.pages', $this->stall)))['papers']['laid'];
        self::assertSame(['Shoppers see it.', 'Shoppers see it.'], array_column($laid, 'stands'));
    }

    /** @param  list<array<string, mixed>>  $sections */
    private function dress(string $kind, array $sections): WrittenPage
    {
        $id = $this->postJson(route('window.pages.store', $this->stall), ['kind' => $kind])->assertOk()->json('id');
        $page = WrittenPage::dressed($this->stall)->findOrFail((int) $id);
        $this->putJson(route('window.page.save', [$this->stall, $page]), ['version' => $page->version, 'sections' => $sections])->assertOk();

        return $page->refresh();
    }

    private function publish(WrittenPage $page): void
    {
        $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => true])->assertOk();
    }

    private function shop(string $path): string
    {
        return (string) $this->get($this->stall->shopAddress($path))->assertOk()->getContent();
    }
}
