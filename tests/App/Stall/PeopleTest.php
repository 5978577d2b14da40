<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Stall\Mail\NewPasswordLink;
use WindowStall\Stall\Mail\PasswordChanged;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;
use WindowStall\Support\Http\KnownBrowser;
use WindowStall\Tests\App\AppTestCase;

/**
 * People keep their place: passwords that aren't guessed, sign-ins they can see and end, links by mail that hold once.
 */
final class PeopleTest extends AppTestCase
{
    private const GOOD = 'three-rows-of-beans';

    #[TestWith(['short', 'Ten letters or more'])]
    #[TestWith(['password123', 'Many people use'])]
    #[TestWith(['Password123!', 'Many people use'])]
    #[TestWith(['aaaaaaaaaaaa', 'repeats itself'])]
    #[TestWith(['abcabcabcabc', 'repeats itself'])]
    #[TestWith(['1234567890', 'repeats itself'])]
    #[TestWith(['margery-tull', 'made of your name'])]
    #[TestWith(['mtull1234567', 'made of your name'])]
    public function test_a_password_that_is_guessed_at_once_is_refused(string $password, string $why): void
    {
        $this->post(route('sign-up'), [
            'name' => 'Margery Tull',
            'email' => 'mtull@quillet.example',
            'password' => $password,
        ])->assertSessionHasErrors('password');
        self::assertStringContainsString($why, session('errors')->first('password'));
        self::assertFalse(User::query()->where('email', 'mtull@quillet.example')->exists());
    }

    public function test_signing_in_is_limited_by_person_and_machine_and_locks_nobody_out_who_is_known(): void
    {
        $try = fn (string $email, string $from) => $this->withServerVariables(['REMOTE_ADDR' => $from])
            ->post(route('sign-in'), ['email' => $email, 'password' => 'wrong'])
            ->getStatusCode();
        $many = array_map(
            static fn (int $n): int => $try('person'.$n.'@quillet.example', '198.51.100.7'),
            range(1, 41),
        );
        self::assertSame([302, 429], [$many[39], $many[40]], 'one machine that tries many people');
        $keeper = $this->world->keeper();
        $one = array_map(static fn (int $n): int => $try($keeper->email, '192.0.2.9'), range(1, 11));
        self::assertSame([302, 429], [$one[9], $one[10]], 'one machine that tries one person');
        self::assertSame(302, $try($keeper->email, '192.0.2.10'), 'and locks out nobody but itself');
        $some = array_map(static fn (int $n): int => $try($keeper->email, '203.0.113.'.$n), range(1, 60));
        self::assertSame(429, end($some), 'many machines that try one person');

        $known = fn (string $email) => $this->withCookie(KnownBrowser::COOKIE, hash('xxh128', $email))
            ->withServerVariables(['REMOTE_ADDR' => '192.0.2.77'])
            ->post(route('sign-in'), ['email' => $keeper->email, 'password' => 'two-rows-of-leeks']);
        $known('somebody@quillet.example')->assertStatus(429);
        // By then the password can still be sent for.
        Mail::fake();
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.77'])
            ->post(route('password.send'), ['email' => $keeper->email])
            ->assertRedirect();
        Mail::assertQueuedCount(1);
        $known($keeper->email)->assertRedirect(route('home'));
        $this->assertAuthenticated();
    }

    public function test_a_forgotten_password_is_set_anew_by_a_link_that_holds_once_and_ends_every_sign_in(): void
    {
        Mail::fake();
        $user = $this->world->keeper();
        SignIn::query()->create([
            'id' => (string) Str::uuid(),
            'user_id' => $user->id,
            'seen_at' => now(),
            'created_at' => now(),
        ]);
        $said = 'If somebody works here with that address, a link is on its way to it. It holds for an hour.';
        $this->post(route('password.send'), ['email' => $user->email])->assertSessionHas('say', $said);
        $this->post(route('password.send'), ['email' => 'nobody@quillet.example'])->assertSessionHas('say', $said);
        Mail::assertQueuedCount(1);
        $token = '';
        Mail::assertQueued(NewPasswordLink::class, function (NewPasswordLink $mail) use ($user, &$token): bool {
            $token = $mail->token;
            $mail->assertSeeInText('/password/new/'.$mail->token);

            return $mail->hasTo($user->email);
        });
        $this->get(route('password.new', ['token' => $token, 'email' => $user->email]))->assertOk();
        $set = fn (string $token, string $password) => $this->post(route('password.store'), [
            'token' => $token,
            'email' => $user->email,
            'password' => $password,
        ]);
        $set($token, 'password123')->assertSessionHasErrors('password');
        $set(str_repeat('x', 64), self::GOOD)->assertSessionHasErrors([
            'password' => 'This link has been used or is too old. Ask for another one.',
        ]);
        $set($token, self::GOOD)->assertRedirect(route('home'));
        self::assertTrue(Hash::check(self::GOOD, $user->refresh()->password));
        self::assertSame(1, SignIn::query()->where('user_id', $user->id)->count(), 'only the one that was just made');
        Mail::assertQueued(PasswordChanged::class, fn (PasswordChanged $mail): bool => $mail->hasTo($user->email));
        $this->post(route('sign-out'));
        $set($token, 'four-rows-of-peas')->assertSessionHasErrors('password');
        self::assertTrue(Hash::check(self::GOOD, $user->refresh()->password));
    }

    public function test_a_person_sees_where_they_are_signed_in_and_ends_what_isnt_theirs(): void
    {
        $user = $this->world->keeper();
        $this->post(route('sign-in'), ['email' => $user->email, 'password' => 'two-rows-of-leeks'])->assertRedirect();
        $elsewhere = SignIn::query()->create([
            'id' => (string) Str::uuid(),
            'user_id' => $user->id,
            'agent' => 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0',
            'address' => '198.51.100.9',
            'seen_at' => now()->subHour(),
            'created_at' => now()->subDay(),
        ]);
        $stranger = User::query()->create([
            'name' => 'Other',
            'email' => 'o@quillet.example',
            'password' => self::GOOD,
        ]);
        $theirs = SignIn::query()->create([
            'id' => (string) Str::uuid(),
            'user_id' => $stranger->id,
            'seen_at' => now(),
            'created_at' => now(),
        ]);
        $this->get(route('you'))->assertInertia(
            fn ($page) => $page
                ->has('person.signIns', 2)
                ->where('person.signIns.0.here', true)
                ->where('person.signIns.1.place', 'Firefox on Linux'),
        );
        $this->delete(route('you.sign-ins.end', $theirs->id))->assertRedirect();
        self::assertTrue($theirs->exists());
        $this->delete(route('you.sign-ins.end', $elsewhere->id))->assertSessionHas('say', 'Signed out there.');
        self::assertFalse(SignIn::query()->whereKey($elsewhere->id)->exists());
        self::assertTrue(SignIn::query()->whereKey($theirs->id)->exists());
    }

    public function test_a_sign_in_that_was_ended_elsewhere_is_ended_here_at_the_next_step(): void
    {
        $user = $this->world->keeper();
        $this->post(route('sign-in'), ['email' => $user->email, 'password' => 'two-rows-of-leeks']);
        $this->get(route('you'))->assertOk();
        SignIn::query()->where('user_id', $user->id)->delete();
        $this->get(route('you'))->assertRedirect(route('sign-in'));
        $this->assertGuest();
    }

    public function test_changing_the_password_takes_the_old_one_and_ends_the_other_sign_ins(): void
    {
        Mail::fake();
        $user = $this->world->keeper();
        $this->post(route('sign-in'), ['email' => $user->email, 'password' => 'two-rows-of-leeks']);
        $other = SignIn::query()->create([
            'id' => (string) Str::uuid(),
            'user_id' => $user->id,
            'seen_at' => now(),
            'created_at' => now(),
        ]);
        $this->put(route('you.password'), [
            'current' => 'not-this-one',
            'password' => self::GOOD,
        ])->assertSessionHasErrors(['current' => 'This isn’t your password now.']);
        $this->put(route('you.password'), [
            'current' => 'two-rows-of-leeks',
            'password' => self::GOOD,
        ])->assertSessionHas('say');
        self::assertFalse(SignIn::query()->whereKey($other->id)->exists());
        $this->get(route('you'))->assertOk();
        Mail::assertQueued(PasswordChanged::class);
    }

    public function test_mail_goes_out_by_smtp_and_arrives_as_it_was_written(): void
    {
        config(['mail.default' => 'smtp']);
        $user = $this->world->keeper();
        Mail::to($user->email)->sendNow(new NewPasswordLink($user, str_repeat('a', 64)));
        $box = 'http://mailbox.'.config('stall.standins_host').config('stall.port_suffix').'/messages';
        $mine = array_values(
            array_filter(Http::timeout(5)->get($box)->json(), static fn (array $m): bool => $m['to'] === [$user->email]),
        );
        self::assertSame('A new password for Window Stall', $mine[0]['subject']);
        self::assertStringContainsString(
            route('password.new', ['token' => str_repeat('a', 64), 'email' => $user->email]),
            $mine[0]['text'],
        );
    }

    public function test_every_page_of_the_workshop_says_what_a_browser_may_do_and_carries_no_script(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        foreach (
            [route('source', $stall), route('you'), route('up'), route('api.openapi'), route('bench', 'nobody')] as $address
        ) {
            $response = $this->get($address);
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self';", $policy, $address);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            $response
                ->assertHeader('X-Content-Type-Options', 'nosniff')
                ->assertHeader('Referrer-Policy', 'same-origin');
        }
        $html = (string) $this->get(route('source', $stall))->getContent();
        self::assertDoesNotMatchRegularExpression('#<script(?![^>]*\b(src=|type="application/json"))#', $html);
        self::assertDoesNotMatchRegularExpression('#\son[a-z]+="#i', $html);
    }

    public function test_cookies_travel_by_tls_only_where_it_is_served_by_it(): void
    {
        config(['stall.scheme' => 'https']);
        foreach (\WindowStall\Shop\BasketCookies::of(new \WindowStall\Shop\Basket(['id' => 'x']), 1) as $cookie) {
            self::assertTrue($cookie->isSecure());
        }
        self::assertStringContainsString(
            "'secure' => env('WINDOW_STALL_SCHEME', 'http') === 'https'",
            (string) file_get_contents(config_path('session.php')),
        );
        $this->get(route('sign-in'))->assertHeader('Strict-Transport-Security');
    }
}
