<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Window;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Window\SavedWindow;

final class SavedWindowTest extends TestCase
{
    public function test_a_window_of_the_first_format_keeps_all_it_said(): void
    {
        $first = [
            'look' => ['starter' => 'lead-label', 'brand' => '#123456', 'wordmark' => 'Quillet', 'logo' => null],
            'sections' => [
                ['id' => 'n', 'kind' => 'notice', 'settings' => ['words' => 'Closed on Mondays']],
                [
                    'id' => 'h',
                    'kind' => 'hero',
                    'settings' => ['words' => 'Tools', 'under' => 'Forged', 'button' => 'See it', 'listing' => 7],
                ],
                ['id' => 'f', 'kind' => 'foot', 'settings' => ['about' => 'Us', 'email' => '']],
            ],
        ];
        $now = SavedWindow::upgrade($first);
        self::assertSame(SavedWindow::FORMAT, $now['format']);
        self::assertIsArray($now['look']);
        $plan = LookForm::read($now['look']);
        self::assertSame(
            ['#123456', 'Quillet', 'Lead label'],
            [$plan->colours[0]->toHex(), $now['look']['wordmark'], $now['look']['name']],
        );
        self::assertEquals(StarterLook::LeadLabel->plan()->pair, $plan->pair);
        self::assertIsArray($now['sections']);
        self::assertSame(
            ['notice', 'masthead', 'hero', 'foot'],
            array_column($now['sections'], 'kind'),
            'the masthead is a section now',
        );
        self::assertSame([['words' => 'Closed on Mondays']], $now['sections'][0]['settings']['messages']);
        self::assertSame('goods:7', $now['sections'][2]['settings']['leads'], 'the button still leads there');
    }

    public function test_todays_format_is_left_alone(): void
    {
        $saved = ['format' => SavedWindow::FORMAT, 'look' => ['x' => 1], 'sections' => []];
        self::assertSame($saved, SavedWindow::upgrade($saved));
    }

    public function test_nonsense_becomes_something_that_can_be_read(): void
    {
        foreach (
            [[], ['look' => 7, 'sections' => 'x'], ['look' => ['starter' => ['a']], 'sections' => [7, ['kind' => 3]]]] as $saved
        ) {
            $now = SavedWindow::upgrade($saved);
            self::assertIsArray($now['look']);
            LookForm::read($now['look']);
            self::assertIsArray($now['sections']);
        }
    }
}
