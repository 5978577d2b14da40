<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Print;

use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia as Page;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Print\Jobs\LayNewerVersion;
use WindowStall\Print\Jobs\MakeManyPrints;
use WindowStall\Print\Placing\Placed;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullItem;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Standins\Tannet\Books;

/** From an artwork on a blank to goods on the bench, with pictures, prices, and what becomes of the blank. */
final class PlacingTest extends PrintTestCase
{
    private Artwork $leaf;

    protected function setUp(): void
    {
        parent::setUp();
        $this->leaf = $this->artwork(self::leaf());
    }

    public function test_what_is_laid_is_moved_looked_at_and_mended(): void
    {
        $answer = $this->post(route('print.lay', $this->stall), ['blank' => $this->blank('TP-TEE')->id, 'artwork' => $this->leaf->id]);
        $placed = Placed::of($this->stall)->sole();
        $answer->assertRedirect(route('print.placing', [$this->stall, $placed]));
        $this->get(route('print.placing', [$this->stall, $placed]))->assertInertia(fn (Page $page): Page => $page
            ->where('placing.name', 'Leaf, heavy cotton tee')
            // 600 pixels on 150 mm.
            ->where('placing.findings.0.short', 'Too coarse: 101 dots to the inch.')
            ->where('placing.findings.0.mend', 'Make it 101.6 mm wide')
            ->where('placing.stops', true)
            ->where('placing.steps', 'Of many pieces in one order, printing costs 3% less from 10, 7% less from 25 and 12% less from 100.')
            ->has('placing.cloths', 9)
            ->has('placing.sizes', 8));
        $this->post(route('print.placing.make', [$this->stall, $placed]))
            ->assertSessionHasErrors([
                'said' => 'Mend this first: too coarse: 101 dots to the inch. Direct print needs 150. '.
                    'It reaches them up to 101.6 mm wide.',
            ]);
        $this->postJson(route('print.placing.mend', [$this->stall, $placed]), ['revision' => 1, 'finding' => 0])
            ->assertOk()
            ->assertJsonPath('stops', false)
            ->assertJsonPath('laid.0.pieces.0.width', 1016)
            ->assertJsonPath('revision', 2);
        $this->putJson(route('print.placing.say', [$this->stall, $placed]), ['revision' => 1, 'colours' => ['Oat']])->assertStatus(409);
        $this->putJson(route('print.placing.say', [$this->stall, $placed]), ['revision' => 2, 'colours' => ['Oat', 'Plum'], 'sizes' => ['M', '4XL']])
            ->assertOk()
            ->assertJsonPath('revision', 3)
            ->assertJsonPath('sizes.2.chosen', true)
            ->assertJsonPath('sizes.3.chosen', false);
        self::assertSame(['Oat'], $placed->refresh()->placing()->colours);
        self::assertSame(3, DB::table('placing_revisions')->where('placing_id', $placed->id)->count());
    }

    public function test_what_it_keeps_follows_from_blank_printing_delivery_and_price(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['prices' => ['low' => '24.00', 'upTo' => 'XL', 'high' => '27.00']])
            ->assertJsonPath('sizes.0.asks', '£24.00')
            ->assertJsonPath('sizes.7.asks', '£27.00');
        $view = $this->say($placed, ['colours' => ['Oat']])->json();
        $variant = SupplierVariant::query()->where('external_id', 'TP-TEE-OAT-M')->firstOrFail();
        // 6.10 + 4.20 in euros, and the parcel.
        $rate = $this->stall->rateFrom('EUR');
        $costs = $rate->convert(\WindowStall\Core\Money\Money::of(1030, 'EUR'))->minor +
            $rate->convert(\WindowStall\Core\Money\Money::of((int) $variant->first_minor, 'EUR'))->minor;
        self::assertSame('£'.number_format($costs / 100, 2), $view['sizes'][2]['costs']);
        // A dark cloth needs white under it: the dearest counts.
        $dark = $this->say($placed, ['colours' => ['Oat', 'Ink']])->json();
        self::assertGreaterThan((float) substr($view['sizes'][2]['costs'], 2), (float) substr($dark['sizes'][2]['costs'], 2));
        $this->say($placed, ['prices' => ['low' => 'cheap', 'upTo' => 'XL', 'high' => '27.00']])->assertStatus(422);
        $this->say($placed, ['prices' => null])->assertJsonPath('prices', null);
    }

    public function test_it_becomes_a_listing_with_pictures_and_its_prices_once(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['colours' => ['Oat', 'Bottle'], 'sizes' => ['M', '3XL'], 'prices' => ['low' => '24.00', 'upTo' => 'XL', 'high' => '29.00']])
            ->assertOk();
        $listing = $this->make($placed);
        self::assertSame('on_bench', $listing->state->value);
        $item = $listing->supplierItem ?? self::fail();
        self::assertSame(['TP-TEE~'.$placed->id, 'Leaf, heavy cotton tee', 4], [$item->external_id, $item->title, $item->variants_count]);
        self::assertSame($this->blank('TP-TEE')->id, $item->made_from_id);
        $said = $item->words?->item() ?? self::fail();
        self::assertSame(610 + 420, $said->variant('TP-TEE-OAT-M~'.$placed->id)?->cost->minor);
        self::assertSame(610 + 690 + 420 + 90, $said->variant('TP-TEE-BOT-3XL~'.$placed->id)?->cost->minor);
        self::assertStringContainsString('printed when ordered', $said->description);
        self::assertStringContainsString('<td>3XL</td><td>66</td>', $said->description);
        $prices = ListingVariant::query()->where('listing_id', $listing->id)->pluck('own_price_minor', 'external_id')->all();
        self::assertSame([2400, 2900], [$prices['TP-TEE-OAT-M~'.$placed->id], $prices['TP-TEE-OAT-3XL~'.$placed->id]]);

        // Two colours in three scenes, each with a name of its own; made, they are pictures with their words.
        $pictures = Picture::query()->where('listing_id', $listing->id);
        self::assertSame(6, $pictures->count());
        Picture::query()->where('listing_id', $listing->id)->where('source', 'not like', '%/flat/Oat/%')->delete();
        app()->call([new FetchPictures($listing->id), 'handle']);
        $picture = Picture::query()->where('listing_id', $listing->id)->sole();
        self::assertSame([Picture::READY, null, 'Leaf on the heavy cotton tee in Oat, lying flat'], [$picture->state, $picture->trouble, $picture->alt]);

        // Pressed again nothing is doubled, and Source doesn't offer what lies on the bench.
        self::assertSame($listing->id, $this->make($placed)->id);
        self::assertSame(1, SupplierItem::of($this->stall)->whereNotNull('made_from_id')->count());
        $this->get(route('source', $this->stall))->assertInertia(fn (Page $page): Page => $page->where('found', 9));
        $this->delete(route('print.placing.remove', [$this->stall, $placed]))->assertSessionHasErrors('said');
    }

    public function test_ink_lies_on_the_cloth_where_it_was_laid(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['colours' => ['Oat']])->assertOk();
        $listing = $this->make($placed);
        $source = (string) Picture::query()->where('listing_id', $listing->id)->where('source', 'like', '%/flat/%')->value('source');
        $bytes = app(\WindowStall\Bench\Pictures\MakesPictures::class)->bytes($this->stall, $source);
        $picture = imagecreatefromstring($bytes) ?: self::fail();
        self::assertSame(400, imagesx($picture));
        $at = static fn (float $x, float $y): array => array_values(
            array_slice((array) imagecolorsforindex($picture, (int) imagecolorat($picture, (int) $x, (int) $y)), 0, 3),
        );
        // The tee is a metre wide on nine tenths of the picture; the leaf's middle lies in the middle of the front.
        $piece = $placed->refresh()->placing()->laid[0]->pieces[0];
        $middle = 200 + (105 + ($piece->y + $piece->width * 0.75) / 10 - 380) * 0.36;
        [$r, $g, $b] = $at(200, $middle);
        self::assertTrue($g > $r + 20 && $g > $b, "$r $g $b");
        [$r, $g, $b] = $at(200, 300);
        self::assertTrue($r > 150 && $r > $b, "cloth: $r $g $b");
    }

    public function test_what_becomes_of_the_blank_becomes_of_the_goods(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['colours' => ['Oat'], 'sizes' => ['M', 'L']])->assertOk();
        $listing = $this->make($placed);
        $stock = static fn (): int => (int) SupplierVariant::query()->where('external_id', 'TP-TEE-OAT-M~'.$placed->id)->value('stock');
        self::assertGreaterThan(0, $stock());
        Books::db()->table('out_of_stock')->insert(['sku' => 'TP-TEE-OAT-M']);
        app()->call([new PullItem($this->house->id, 'TP-TEE'), 'handle']);
        self::assertSame(0, $stock());
        // A whole pull knows it, too, and doesn't take it for gone.
        app(\WindowStall\Source\Pulling\StartPull::class)($this->house, null);
        self::assertNull($listing->supplierItem?->refresh()->gone_at);
        self::assertSame(0, $stock());
    }

    public function test_a_piece_is_made_as_large_as_it_goes_or_covers_the_whole_area(): void
    {
        $placed = $this->placed();
        $fit = fn (string $as, int $piece = 0) => $this->say($placed, ['fit' => ['area' => 'front', 'piece' => $piece, 'as' => $as]]);
        // Between the safe lines 384 of 400 mm are high, and the leaf is two thirds as wide.
        $fit('within')->assertOk()->assertJsonPath('laid.0.pieces.0.width', 2558)->assertJsonPath('laid.0.pieces.0.x', 0);
        $fit('fill')->assertOk()->assertJsonPath('laid.0.pieces.0.width', 3000);
        $fit('within', 7)->assertStatus(422);
        $fit('sideways')->assertStatus(422);
    }

    public function test_an_area_that_the_print_house_changed_is_shown_as_it_was(): void
    {
        $placed = $this->placed();
        $words = $this->blank('TP-TEE')->words ?? self::fail();
        $smaller = str_replace('"width":300,"height":400', '"width":280,"height":380', (string) json_encode($words->item()->toArray()));
        DB::table('supplier_words')->where('id', $words->id)->update(['said' => $smaller]);
        $this->get(route('print.placing', [$this->stall, $placed]))->assertInertia(fn (Page $page): Page => $page
            ->where('placing.were.0.says', 'Front was 300 × 400 mm when you laid this, and is 280 × 380 mm now.'));
        $this->say($placed, ['colours' => ['Oat']])->assertJsonPath('were', []);
    }

    public function test_a_changed_placing_makes_its_pictures_anew(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['colours' => ['Oat'], 'sizes' => ['M'], 'scenes' => ['flat']])->assertOk();
        $listing = $this->make($placed);
        $sources = static fn (): array => Picture::query()->where('listing_id', $listing->id)->orderBy('id')->pluck('source')->all();
        [$first] = $sources();
        $laid = $placed->refresh()->laid['laid'];
        $laid[0]['pieces'][0]['x'] = 200;
        $this->say($placed, ['laid' => $laid])->assertJsonPath('stands', false);
        self::assertSame([$first], $sources(), 'nothing changes before it is made anew');
        $this->make($placed);
        self::assertCount(2, array_unique($sources()));
    }

    public function test_many_are_laid_as_one_was_kept_and_none_twice_when_it_broke_off(): void
    {
        $kept = $this->placed();
        $this->say($kept, ['colours' => ['Oat', 'Ink'], 'prices' => ['low' => '24.00', 'upTo' => 'XL', 'high' => '27.00']])->assertOk();
        $this->put(route('print.placing.keep', [$this->stall, $kept]), ['name' => 'Chest'])->assertSessionHas('say');
        $beet = $this->artwork(self::leaf(1400, 1400, '#7c1f42'), 'beet.png');
        $speck = $this->artwork(self::leaf(40, 40), 'speck.png');
        $many = fn (array $with) => $this->postJson(route('print.placing.many', [$this->stall, $kept]), $with);
        $many(['artworks' => [], 'blanks' => [1]])->assertStatus(422);
        $many(['artworks' => [999_999], 'blanks' => [$this->blank('TP-TEE')->id]])->assertStatus(422);

        $blanks = [$this->blank('TP-TEE')->id, $this->blank('TP-TOT')->id];
        $run = Run::of($this->stall)->findOrFail((int) $many(['artworks' => [$beet->id, $speck->id], 'blanks' => $blanks])->assertOk()->json('id'));
        self::assertSame([4, 4, null], [$run->done, $run->total, $run->trouble]);
        // The speck is made small until it is sharp enough.
        self::assertSame([0, 4], [$run->rejects, $run->counts['new'] ?? 0]);
        $tee = Placed::of($this->stall)->where('name', 'Beet, heavy cotton tee')->sole();
        self::assertEquals(['low' => 2400, 'upTo' => 'XL', 'high' => 2700], $tee->prices);
        self::assertSame([900, ['Oat', 'Ink']], [$tee->placing()->laid[0]->pieces[0]->width, $tee->placing()->colours]);
        $tote = Placed::of($this->stall)->where('name', 'Beet, canvas tote')->sole();
        self::assertSame([840, null], [$tote->placing()->laid[0]->pieces[0]->width, $tote->prices]);
        self::assertSame(4, Listing::of($this->stall)->count());

        // Killed after the first was laid, before goods were made of it, and taken up.
        $laid = (array) $run->subject['laid'];
        DB::table('placings')->where('id', $laid[0])->update(['made_item_id' => null, 'made_revision' => null]);
        $run->update(['state' => RunState::Waiting, 'done' => 0, 'subject' => ['laid' => [$laid[0]]] + $run->subject]);
        DB::table('placings')->whereIn('id', array_slice($laid, 1))->delete();
        app()->call([new MakeManyPrints($run->id), 'handle']);
        self::assertSame(5, Placed::of($this->stall)->count(), 'the kept one, and one of each');
        self::assertSame(1, SupplierItem::of($this->stall)->where('external_id', 'TP-TEE~'.$laid[0])->count());
    }

    public function test_a_newer_version_is_proposed_where_the_older_lies_and_laid_there_in_one_go(): void
    {
        $sold = $this->placed();
        $this->say($sold, ['colours' => ['Oat'], 'sizes' => ['M'], 'scenes' => ['flat']])->assertOk();
        $listing = $this->make($sold);
        $sources = static fn (): int => Picture::query()->where('listing_id', $listing->id)->distinct()->count('source');
        $tote = $this->lay($this->leaf, 'TP-TOT');
        $beet = $this->lay($this->artwork(self::leaf(1400, 1400, '#7c1f42'), 'beet.png'), 'TP-TOT');
        $newer = $this->read(app(SendArtwork::class)($this->stall, self::leaf(1200, 1800, '#204a30'), 'leaf-2.png', $this->leaf));
        $follow = fn (array $placings) => $this->postJson(route('print.artwork.follow', [$this->stall, $newer]), ['placings' => $placings]);

        $this->get(route('print', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->where('artworks.0.name', 'Leaf, version 2')
            ->where('artworks.0.behind', [
                ['id' => $sold->id, 'name' => $sold->name, 'made' => true],
                ['id' => $tote->id, 'name' => $tote->name, 'made' => false],
            ]));
        $follow([$beet->id])->assertStatus(422);
        $run = Run::of($this->stall)->findOrFail((int) $follow([$sold->id, $tote->id, $beet->id])->assertOk()->json('id'));
        self::assertSame([2, 2, 0, null], [$run->done, $run->total, $run->rejects, $run->trouble]);
        self::assertSame([$newer->id], $tote->refresh()->placing()->artworks());
        self::assertSame([$newer->id], $sold->refresh()->placing()->artworks());
        self::assertSame([$sold->revision, null], [$sold->made_revision, $tote->made_revision]);
        self::assertSame(2, $sources(), 'its picture is made anew');
        $this->get(route('print', $this->stall))->assertInertia(fn (Page $page): Page => $page->where('artworks.0.behind', []));

        // Taken up once more after the end, nothing is done twice.
        $run->update(['state' => RunState::Waiting, 'done' => 0]);
        app()->call([new LayNewerVersion($run->id), 'handle']);
        self::assertSame($sold->revision, $sold->refresh()->revision);
        $follow([$sold->id])->assertStatus(422);
    }

    public function test_a_listing_says_what_it_was_made_of_and_what_is_amiss_with_that(): void
    {
        $placed = $this->placed();
        $this->say($placed, ['colours' => ['Oat'], 'sizes' => ['M'], 'scenes' => ['flat']])->assertOk();
        $listing = $this->make($placed);
        $from = fn () => $this->getJson(route('bench.listing.view', [$this->stall, $listing]))->assertOk()->json('supplier.madeFrom');
        self::assertSame($placed->name, $from()['name']);
        self::assertSame(route('print.placing', [$this->stall, $placed]), $from()['address']);
        $soft = $from()['amiss'];
        self::assertStringStartsWith('A little soft:', $soft[0]);
        $placed->refresh()->update(['refusal' => 'The artwork shows marks along its edge.']);
        $laid = $placed->laid['laid'];
        $laid[0]['pieces'][0]['width'] = 2_500;
        $this->say($placed, ['laid' => $laid])->assertOk();
        self::assertSame([
            'The print house refused it: The artwork shows marks along its edge.',
            ...$soft,
            'It was laid anew since; what is sold is as it was before.',
        ], $from()['amiss'], 'what was found is found of what is sold, not of what was laid since');
    }

    public function test_what_isnt_this_stalls_is_not_found_and_nonsense_is_refused(): void
    {
        $placed = $this->placed();
        $other = $this->world->stall($this->world->keeper());
        $this->get(route('print.placing', [$other, $placed]))->assertNotFound();
        $this->say($placed, ['laid' => [['area' => 'hood', 'method' => 'direct', 'pieces' => []]]])->assertStatus(422);
        $laid = $placed->laid['laid'];
        $laid[0]['pieces'][0]['artwork'] = 999_999;
        $this->say($placed, ['laid' => $laid])->assertStatus(422);
        $this->say($placed, ['scenes' => []])->assertStatus(422);
        $this->post(route('print.lay', $this->stall), ['blank' => 0, 'artwork' => 0])->assertNotFound();
        self::assertSame(1, $placed->refresh()->revision);
    }

    private function placed(): Placed
    {
        $placed = $this->lay($this->leaf, 'TP-TEE');
        $laid = $placed->laid['laid'];
        $laid[0]['pieces'][0]['width'] = 900;
        $placed->update(['laid' => ['laid' => $laid] + $placed->laid]);
        DB::table('placing_revisions')->where('placing_id', $placed->id)->update(['laid' => json_encode($placed->laid)]);

        return $placed->refresh();
    }

    /**
     * @param  array<string, mixed>  $own
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(Placed $placed, array $own): \Illuminate\Testing\TestResponse
    {
        return $this->putJson(route('print.placing.say', [$this->stall, $placed]), $own + ['revision' => $placed->refresh()->revision]);
    }

    private function make(Placed $placed): Listing
    {
        $this->post(route('print.placing.make', [$this->stall, $placed]))->assertSessionHasNoErrors();

        return Listing::of($this->stall)->with('supplierItem.words')->where('supplier_item_id', $placed->refresh()->made_item_id)->sole();
    }
}
