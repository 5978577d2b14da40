<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\PageKind;

/** What Quillet told of some days, with the goods it is about. */
final readonly class Notes
{
    /** Days ago → title, words and goods. */
    private const ALL = [
        40 => [
            'Clearing the bean rows',
            '<p>The last pods rattle. Pull the plants, leave the roots: they feed whatever stands there next. Jute twine comes '
            .'down with the haulm and goes on the heap whole; by May nothing is left of it.</p>'
            .'<p>Dry what you want to sow again on a windowsill for two weeks, then put it away by month.</p>',
            ['jute-garden-twine', 'seed-tin-with-month-dividers'],
        ],
        12 => [
            'How hot is a heap in November?',
            '<p>Ours stood at 52 degrees this morning with frost on the lid. Turn it once it falls under forty, and water it '
            .'if a handful doesn’t hold together. Below thirty it only rots.</p>',
            ['compost-thermometer', 'goatskin-gloves'],
        ],
        3 => [
            'Glass over winter salad',
            '<p>Lamb’s lettuce under glass grows on every mild day. Lift the cloche for an hour at noon, or it moulds. '
            .'What you cut before Christmas comes again in February.</p>',
            ['glass-bell-cloche'],
        ],
    ];

    public function __construct(private Stall $stall, private ChangePage $change)
    {
    }

    public function make(User $user): void
    {
        foreach (self::ALL as $ago => [$title, $words, $goods]) {
            $note = $this->change->make($this->stall, PageKind::Note, $title);
            $this->change->dress($this->stall, $note, [
                ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => $title]],
                ['id' => 'writing', 'kind' => 'writing', 'settings' => ['words' => $words]],
                ['id' => 'goods', 'kind' => 'goods', 'settings' => [
                    'heading' => 'What it takes',
                    'which' => 'chosen',
                    'listings' => Listing::of($this->stall)->whereIn('slug', $goods)->pluck('id')->all(),
                ]],
            ], $note->version, $user);
            $this->change->show($this->stall, $note->refresh());
            $this->change->say($this->stall, $note->refresh(), ['dated_on' => now()->subDays($ago)->toDateString()]);
        }
    }
}
