<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** Addresses shoppers leave: only with consent, as the page said it, once each. */
final class SignUpTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $look = Window::of($this->stall)->firstOrFail()->workingContent()->look->toArray();
        $settings = ['heading' => 'Letters', 'consent' => 'One letter a month, and nothing else.'];
        $content = Content::from([
            'look' => $look,
            'sections' => [
                ['id' => 'letters', 'kind' => 'signup', 'settings' => $settings],
                ['id' => 'w', 'kind' => 'words'],
            ],
        ]);
        $dress = app(DressWindow::class);
        $dress->save($this->stall, $content, 1);
        $dress->publish($this->stall, null);
    }

    public function test_an_address_is_kept_with_what_was_agreed_to_where_and_when(): void
    {
        $this->get($this->stall->shopAddress('/'))->assertSee('One letter a month');
        $this->leave(['consent' => 'Everything for ever'])
            ->assertOk()
            ->assertSee('One letter a month, and nothing else.');
        $row = DB::table('sign_ups')->where('stall_id', $this->stall->id)->sole();
        self::assertSame(
            ['ines@fennimore.example', 'One letter a month, and nothing else.', 'front page, letters'],
            [$row->email, $row->consent, $row->source],
        );
        $this->leave(['email' => 'INES@fennimore.example'])->assertOk();
        self::assertSame(1, DB::table('sign_ups')->where('stall_id', $this->stall->id)->count(), 'once');
    }

    public function test_without_consent_or_an_address_nothing_is_kept(): void
    {
        $this->leave(['agreed' => ''])
            ->assertUnprocessable()
            ->assertSee('Tick the box');
        foreach (
            ['', 'nobody', 'a@b', str_repeat('x', 210).'@a.example', "a@a.example\r\nBcc: b@b.example"] as $email
        ) {
            $this->leave(['email' => $email])->assertUnprocessable();
        }
        $this->leave(['section' => 'w'])->assertNotFound();
        $this->leave(['section' => 'gone'])->assertNotFound();
        self::assertSame(0, DB::table('sign_ups')->count());
    }

    public function test_they_go_out_as_a_table_in_which_nothing_runs(): void
    {
        $this->signIn();
        $this->leave();
        DB::table('sign_ups')->update(['source' => '=1+1']);
        $csv = $this->get(route('window.sign-ups', $this->stall))->assertOk()->streamedContent();
        self::assertStringContainsString(
            'ines@fennimore.example,"One letter a month, and nothing else.",\'=1+1,',
            $csv,
        );
    }

    /**
     * @param  array<string, string>  $sent
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function leave(array $sent = []): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            $this->stall->shopAddress('/sign-up'),
            $sent + ['section' => 'letters', 'email' => 'ines@fennimore.example', 'agreed' => '1'],
        );
    }
}
