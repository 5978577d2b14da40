<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Content;
use WindowStall\Window\Window;

/** Around every screen: whose stall, which others, what waits where. */
final class FrameTest extends AppTestCase
{
    public function test_each_area_shows_what_waits_there(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->inWindow($stall, Items::item([Items::variant('x')], id: 'X'));
        $this->world->listing($stall, Items::item([Items::variant('y')], id: 'Y'));
        $this->frame($stall, ['onBench' => 1, 'drifting' => 0, 'toDecide' => 0]);
        $this->world->pull($stall, Items::item([Items::variant('x', 700)], id: 'X'));
        $this->frame($stall, ['onBench' => 1, 'drifting' => 1]);
    }

    public function test_the_awning_wears_the_stalls_own_colours(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $window = Window::query()->findOrFail($stall->id);
        $content = $window->workingContent()->toArray();
        $content['look'] = ['colours' => ['#1f4e79']] + (array) $content['look'];
        $window->update(['working' => Content::from($content)->toArray()]);
        $this->frame($stall, ['brand' => '#1f4e79', 'name' => 'Quillet', 'shopUrl' => $stall->shopAddress('/')]);
    }

    public function test_only_my_own_stalls_are_offered(): void
    {
        $user = $this->signIn();
        $mine = $this->world->stall($user);
        $second = $this->world->stall($user);
        $this->world->stall(
            \WindowStall\Stall\User::query()->create([
                'name' => 'O',
                'email' => 'o@quillet.example',
                'password' => 'two-rows-of-leeks',
            ]),
        );
        $this->get(route('source', $mine))->assertInertia(
            fn ($page) => $page->where('frame.stalls', [
                ['handle' => $mine->handle, 'name' => 'Quillet'],
                ['handle' => $second->handle, 'name' => 'Quillet'],
            ]),
        );
        $this->get(route('stalls.new'))->assertInertia(
            fn ($page) => $page->where('frame.handle', null)->has('frame.stalls', 2),
        );
    }

    /** @param  array<string, mixed>  $expected */
    private function frame(Stall $stall, array $expected): void
    {
        $this->get(route('source', $stall))
            ->assertOk()
            ->assertInertia(function ($page) use ($expected): void {
                foreach ($expected as $key => $value) {
                    $page->where('frame.'.$key, $value);
                }
            });
    }
}
