<?php

declare(strict_types=1);

namespace WindowStall\Print\Jobs;

use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Placing\LayAs;
use WindowStall\Print\Placing\MakeGoods;
use WindowStall\Print\Placing\Placed;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Lays many artworks on many blanks as one was laid, and makes goods of each. What is laid is noted with the run before
 * goods are made of it, so that taken up it goes on where it broke off and nothing is made twice.
 */
final class MakeManyPrints extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(LayAs $lay, MakeGoods $make): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Laying artwork and making goods',
            function () use ($run, $stall, $lay, $make): void {
                /** @var list<array{int, int}> $pairs */
                $pairs = $run->subject['pairs'] ?? [];
                $run->update(['total' => count($pairs)]);
                foreach ($pairs as $n => [$artwork, $blank]) {
                    $run->stopIfCancelled();
                    $this->one($run, $stall, $n, $artwork, $blank, $lay, $make);
                    $run->update(['done' => $n + 1]);
                }
            },
            'Something went wrong here. It has been noted; what was made stays.',
        );
    }

    private function one(Run $run, Stall $stall, int $n, int $artwork, int $blank, LayAs $lay, MakeGoods $make): void
    {
        $laid = (array) ($run->subject['laid'] ?? []);
        $placed = isset($laid[$n]) ? Placed::of($stall)->find((int) $laid[$n]) : null;
        if ($placed?->made_item_id !== null) {
            return;
        }
        $picture = Artwork::of($stall)->find($artwork);
        $item = SupplierItem::of($stall)->with('words')->find($blank);
        try {
            if ($placed === null) {
                $kept = Placed::of($stall)->with('blankItem.words')->findOrFail((int) $run->subject['kept']);
                $placed = $run->getConnection()->transaction(function () use ($run, $stall, $lay, $kept, $item, $picture, $laid, $n): Placed {
                    $new = $lay(
                        $stall,
                        $kept,
                        $item ?? throw new Refusal('That blank isn’t there any more.'),
                        $picture ?? throw new Refusal('That artwork isn’t there any more.'),
                    );
                    $run->update(['subject' => ['laid' => $laid + [$n => $new->id]] + $run->subject]);

                    return $new;
                });
            }
            $make($stall, $placed->load(['blankItem.words', 'blankItem.connection']), User::query()->find((int) $run->getAttribute('user_id')));
            $run->update(['counts' => ['new' => ($run->counts['new'] ?? 0) + 1] + $run->counts]);
        } catch (Refusal $refusal) {
            $name = ($picture->name ?? 'An artwork').' on '.($item->title ?? 'a blank');
            $run->update(['notes' => [...$run->notes, $name.': '.$refusal->getMessage()], 'rejects' => $run->rejects + 1]);
        }
    }
}
