<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Window;

final class SignInTest extends AppTestCase
{
    public function test_one_signs_up_sets_up_a_stall_and_is_in(): void
    {
        $this->post(route('sign-up'), [
            'name' => 'Ada',
            'email' => ' Ada@Quillet.example ',
            'password' => 'two-rows-of-leeks',
        ])->assertRedirect(route('stalls.new'));
        self::assertSame('ada@quillet.example', User::query()->latest('id')->value('email'));
        $this->post(route('stalls.store'), $this->stall(['handle' => 'adas-plot']))->assertRedirect();
        $stall = Stall::query()->where('handle', 'adas-plot')->firstOrFail();
        self::assertSame([2000, 295, 'GBP'], [$stall->vat_bp, $stall->flat_delivery_minor, $stall->currency]);
        self::assertNotNull(Window::of($stall)->first(), 'a new stall has a dressed window');
        $this->get(route('source', $stall))->assertOk();
        $this->post(route('sign-out'))->assertRedirect(route('sign-in'));
        $this->get(route('source', $stall))->assertRedirect(route('sign-in'));
    }

    public function test_a_wrong_password_gets_one_sentence_that_tells_nothing(): void
    {
        $user = $this->world->keeper();
        foreach ([$user->email, 'nobody@quillet.example'] as $email) {
            $this->post(route('sign-in'), ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors([
                'email' => 'No one with that address and password works here. Check both, or sign up.',
            ]);
        }
        $this->assertGuest();
        $this->post(route('sign-in'), [
            'email' => strtoupper($user->email),
            'password' => 'two-rows-of-leeks',
        ])->assertRedirect();
        $this->assertAuthenticated();
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badStalls(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a name of two lines' => [['name' => "Quillet\nBcc: all@quillet.example"], 'name'];
        yield 'a name that turns what follows' => [['name' => "Quillet \u{202E}"], 'name'];
        yield 'a name too long' => [['name' => str_repeat('x', 61)], 'name'];
        yield 'an address with a space' => [['handle' => 'my plot'], 'handle'];
        yield 'an address that is kept' => [['handle' => 'workshop'], 'handle'];
        yield 'no such country' => [['country' => 'XX'], 'country'];
        yield 'no such currency' => [['currency' => 'ABC'], 'currency'];
        yield 'tax in words' => [['vat' => 'twenty'], 'vat'];
        yield 'tax over the whole' => [['vat' => '101'], 'vat'];
        yield 'delivery below nothing' => [['flat_delivery' => '-1'], 'flat_delivery'];
        yield 'delivery absurd' => [['flat_delivery' => '99999999'], 'flat_delivery'];
        yield 'a list for a name' => [['name' => ['x']], 'name'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badStalls')]
    public function test_what_cant_be_a_stall_is_refused_field_by_field(array $wrong, string $field): void
    {
        $this->signIn();
        $before = Stall::query()->count();
        $this->post(route('stalls.store'), $this->stall($wrong))->assertSessionHasErrors($field);
        self::assertSame($before, Stall::query()->count());
    }

    public function test_another_stalls_things_dont_exist_for_me(): void
    {
        $mine = $this->world->stall();
        $listing = $this->world->listing($mine);
        $this->signIn();
        $this->get(route('bench.listing', [$mine, $listing]))->assertOk();

        $other = User::query()->create([
            'name' => 'Other',
            'email' => 'other@quillet.example',
            'password' => 'two-rows-of-leeks',
        ]);
        $theirs = $this->world->stall($other);
        $this->signIn($other);
        $this->get(route('source', $mine))->assertNotFound();
        $this->get(route('bench.listing', [$mine, $listing]))->assertNotFound();
        $this->get(route('bench.listing', [$theirs, $listing->id]))->assertNotFound();
        $this->patchJson(route('bench.listing.update', [$theirs, $listing->id]), [
            'title' => 'Mine now',
        ])->assertNotFound();
        $this->postJson(route('bench.window', $theirs), ['listings' => [$listing->id]])->assertUnprocessable();
        $this->postJson(route('bench.out', $theirs), ['listings' => [$listing->id]])->assertUnprocessable();
        self::assertNull($listing->refresh()->own_title);
    }

    public function test_a_word_that_was_waved_away_isnt_explained_again_to_that_person(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $known = fn (): array => $this->pageProps($this->get(route('bench', $stall)))['frame']['explained'];
        self::assertSame([], $known());
        foreach (['held', 'put_by', 'held'] as $term) {
            $this->putJson(route('you.terms'), ['term' => $term])->assertNoContent();
        }
        self::assertSame(['held', 'put_by'], $known());
        $this->putJson(route('you.terms'), ['term' => 'mood'])->assertUnprocessable();
        self::assertSame([], User::query()->create([
            'name' => 'Another', 'email' => 'another@quillet.example', 'password' => 'two-rows-of-leeks',
        ])->explained);
    }

    public function test_one_person_steps_between_stalls(): void
    {
        $user = $this->signIn();
        $one = $this->world->stall($user);
        $two = $this->world->stall($user);
        $this->get(route('source', $two))->assertOk();
        $this->get(route('home'))->assertRedirect(route('source', $two));
        $this->get(route('source', $one))->assertOk();
        $this->get(route('home'))->assertRedirect(route('source', $one));
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function stall(array $other): array
    {
        return $other + [
            'name' => 'Ada’s plot',
            'handle' => 'h'.bin2hex(random_bytes(4)),
            'country' => 'GB',
            'home_market' => 'GB',
            'currency' => 'GBP',
            'vat' => '20',
            'flat_delivery' => '2.95',
        ];
    }
}
