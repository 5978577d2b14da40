<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use WindowStall\Tests\App\AppTestCase;

final class PlainErrorsTest extends AppTestCase
{
    public function test_all_is_well_is_said_only_when_the_database_answers(): void
    {
        $this->get(route('up'))->assertOk()->assertSee('All is well.');
        config([
            'database.connections.away' => ['port' => 9] + (array) config('database.connections.pgsql'),
            'database.default' => 'away',
        ]);
        $this->get(route('up'))->assertStatus(503)->assertSee('The database doesn’t answer.', false);
        config(['database.default' => 'pgsql']);
    }

    public function test_what_isnt_there_is_said_in_a_sentence_to_people_and_programs(): void
    {
        $this->get('http://workshop.localhost/nowhere')
            ->assertNotFound()
            ->assertSee('There is nothing at this address.');
        $this->getJson('http://workshop.localhost/nowhere')
            ->assertNotFound()
            ->assertExactJson(['message' => 'There is nothing at this address.']);
        $this->delete(route('sign-in'))->assertStatus(405)->assertSee('This address can’t be used that way.', false);
    }

    public function test_who_is_signed_out_is_asked_to_sign_in(): void
    {
        $stall = $this->world->stall();
        $this->get(route('bench', $stall))->assertRedirect(route('sign-in'));
        $this->getJson(route('bench', $stall))
            ->assertUnauthorized()
            ->assertJsonPath('message', 'You are signed out. Sign in again; what you were doing is kept.');
    }

    public function test_a_fault_of_ours_tells_nothing_of_its_inside(): void
    {
        config(['app.debug' => false]);
        \Illuminate\Support\Facades\Route::get('/broken', fn () => throw new \RuntimeException('SQLSTATE secret'));
        $this->withoutExceptionHandling([])->withExceptionHandling();
        $this->get('http://workshop.localhost/broken')
            ->assertStatus(500)
            ->assertSee('Something went wrong here.')
            ->assertDontSee('SQLSTATE');
    }
}
