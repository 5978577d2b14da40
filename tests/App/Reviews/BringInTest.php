<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Reviews;

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Reviews\Review;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What was said elsewhere: brought in with its source named, once, and in no average. */
final class BringInTest extends AppTestCase
{
    private Stall $stall;

    private Listing $pot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->pot = $this->world->inWindow($this->stall, Items::item([Items::variant('pot')], 'Clay pot', id: 'pot'));
    }

    public function test_each_is_marked_with_its_source_and_counts_in_no_average(): void
    {
        $rows = array_map(static fn (int $n): string => "clay-pot;5;\"Fine; number {$n}\";Ines;2026-05-0{$n}", range(1, 6));
        $this->bring("goods;stars;words;name;date\n".implode("\n", $rows))
            ->assertOk()
            ->assertJsonPath('words', '6 reviews brought in from the market hall.')
            ->assertJsonPath('left', []);
        $review = Review::of($this->stall)->orderBy('id')->firstOrFail();
        self::assertSame([false, 'the market hall', 'Fine; number 1', '2026-05-01'], [
            $review->verified, $review->source, $review->words, $review->written_at->format('Y-m-d'),
        ]);
        $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug))
            ->assertSee('brought in from the market hall')
            ->assertDontSee('aggregateRating');
    }

    public function test_the_same_table_again_adds_nothing(): void
    {
        $table = "Goods,Stars,Words\nClay pot,4,Good\nClay pot,4,Good\nclay-pot,2,\n";
        $this->bring($table)->assertJsonPath('words', '2 reviews brought in from the market hall. 1 was here already.');
        $this->bring($table)->assertJsonPath('words', '0 reviews brought in from the market hall. 3 were here already.');
        self::assertSame(2, Review::of($this->stall)->count());
    }

    public function test_a_row_that_cannot_be_taken_says_why_and_the_others_are(): void
    {
        $long = str_repeat('x', 2001);
        $left = $this->bring("goods,stars,words,date\nspade,5,,\nclay-pot,6,,\nclay-pot,5,$long,\nclay-pot,5,,yesterday\nclay-pot,3,See www.cheap.example,\n")
            ->assertOk()
            ->json('left');
        self::assertSame([
            'Row 2: No goods are called “spade”, and none have such an address.',
            'Row 3: “Stars” is a whole number from 1 to 5.',
            'Row 4: It has more than 2,000 letters.',
            'Row 5: “Date” is a day such as 2026-05-31, or empty.',
        ], $left);
        self::assertSame(ReviewState::Held, Review::of($this->stall)->sole()->state, 'a link is looked at first');
    }

    public function test_what_is_no_such_table_is_refused(): void
    {
        $this->bring("title,rating\nPot,5\n")->assertUnprocessable();
        $this->bring('')->assertUnprocessable();
        $this->bring("goods,stars\nclay-pot,5\n", source: '')->assertUnprocessable()
            ->assertJsonPath('message', 'Say where it was said, in 80 letters at the most: shoppers read it beside each.');
        self::assertSame(0, Review::of($this->stall)->count());
    }

    /** @return TestResponse<Response> */
    private function bring(string $table, string $source = 'the market hall'): TestResponse
    {
        return $this->wantingJson()->post(route('reviews.bring-in', $this->stall), [
            'source' => $source,
            'file' => UploadedFile::fake()->createWithContent('said.csv', $table),
        ]);
    }
}
