<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** What people say is kept: two who write at once, a file brought in and taken back, a forgotten password. */
final class KeptTest extends BrowserTestCase
{
    public function test_whoever_writes_over_somebody_elses_words_is_asked_and_a_file_is_taken_back_listing_by_listing(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'jute grow bag', 'OD-1051');
        $address = $desk->driver->getCurrentURL();
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'Being fetched'), 'for the pictures');
        // The same person's other window, in which the page isn't open.
        $this->sayElsewhere($desk, ['title' => 'Theirs']);
        $desk->write('Title', 'Mine, typed meanwhile')->key(Page::ENTER)->see('was changed meanwhile');
        self::assertSame(
            'Mine, typed meanwhile',
            $desk->css('[data-field="title"]')->getAttribute('value'),
            'nothing typed is lost',
        );
        $desk->readsForEveryone('two who write at once')->press('Take what stands')->waitFor('h1', 'Theirs');
        $this->sayElsewhere($desk, ['title' => 'Theirs again']);
        $desk
            ->write('Title', 'Mine after all')
            ->key(Page::ENTER)
            ->see('was changed meanwhile')
            ->press('Save mine over it')
            ->waitFor('h1', 'Mine after all');

        $id = (int) basename((string) parse_url($address, PHP_URL_PATH));
        $file = sys_get_temp_dir().'/listings-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents(
            $file,
            (string) json_encode([
                'format' => 'window-stall/listings',
                'listings' => [
                    ['listing' => $id, 'title' => 'From the file'],
                    ['listing' => 0, 'supplier' => 'Nobody', 'item' => 'X-1'],
                ],
            ]),
        );
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->press('Out and in');
        $desk->all('[data-import]')[0]->sendKeys($file);
        $desk
            ->see('1 listing was changed; 1 cell was left out.')
            ->see('Neither this listing nor the item “X-1” of “Nobody” is in this stall.')
            ->readsForEveryone('what was brought in');
        $desk->press('Take back')->see('taken back')->press('Close');
        $desk->open($address)->waitFor('h1', 'Mine after all');
    }

    public function test_a_forgotten_password_is_set_anew_from_the_mail(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, connect: false);
        $phone = $this->desk();
        $phone
            ->open(self::workshop('/sign-in'))
            ->press('forgotten the password')
            ->see('Send me the link')
            ->write('E-mail', $handle.'@quillet.example')
            ->press('Send me the link')
            ->see('a link is on its way to it');
        $mail = $this->desk();
        $mail->until(
            fn (): bool => str_contains(
                $mail->open(self::url('mailbox.standins.localhost'))->text(),
                $handle.'@quillet.example',
            ),
            'for the mail',
        );
        preg_match('#http://\S+/password/new/\S+'.$handle.'\S+#', $mail->text(), $m);
        $phone
            ->open($m[0] ?? self::fail('no link'))
            ->still()
            ->write('New password', 'password123')
            ->press('Set it and sign in')
            ->see('Many people use this password');
        $phone
            ->still()
            ->write('New password', 'four-rows-of-parsnips')
            ->press('Set it and sign in')
            ->see('No supplier is connected yet');
        $phone->open(self::workshop('/you'))->see('Where you are signed in')->readsForEveryone('a person’s own page');
        // Where they were signed in before, they are no more.
        $desk->open(self::workshop('/you'))->see('Sign in');
    }

    /** @param  array<string, string>  $own */
    private function sayElsewhere(Page $desk, array $own): void
    {
        $desk->script(
            'fetch(location.pathname, {method: "PATCH", headers: {"Content-Type": "application/json", Accept: '.
                '"application/json", "X-XSRF-TOKEN": '.
                'decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1])}, body: JSON.stringify('.
                json_encode($own).
                ')}).then((r) => { document.body.dataset.elsewhere = String(r.status); })',
        );
        $desk->until(
            fn (): bool => (bool) $desk->script(
                'const seen = document.body.dataset.elsewhere === "200"; if (seen) delete '.
                    'document.body.dataset.elsewhere; return seen',
            ),
            'for the other window',
        );
    }
}
