<?php

declare(strict_types=1);

namespace WindowStall\Print\Jobs;

use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\OlderVersions;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\MakeGoods;
use WindowStall\Print\Placing\Placed;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Lays a newer version of an artwork where older ones lie, and makes the goods of those anew that were made. Each is done for
 * itself and nothing is done twice, so that taken up it goes on where it broke off.
 */
final class LayNewerVersion extends RunJob
{
    private const WITH = ['blankItem.words', 'blankItem.variants', 'blankItem.connection'];

    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(LayOut $lay, MakeGoods $make): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Laying the newer version',
            function () use ($run, $stall, $lay, $make): void {
                $newer = Artwork::of($stall)->findOrFail((int) $run->subject['newer']);
                $older = OlderVersions::of($stall, $newer);
                /** @var list<int> $placings */
                $placings = $run->subject['placings'] ?? [];
                $run->update(['total' => count($placings)]);
                foreach ($placings as $n => $id) {
                    $run->stopIfCancelled();
                    $placed = Placed::of($stall)->with(self::WITH)->find($id);
                    if ($placed !== null) {
                        $this->one($run, $stall, $placed, $older, $lay, $make);
                    }
                    $run->update(['done' => $n + 1]);
                }
            },
            'Something went wrong here. It has been noted; what was laid stays.',
        );
    }

    private function one(Run $run, Stall $stall, Placed $placed, OlderVersions $older, LayOut $lay, MakeGoods $make): void
    {
        try {
            $older->replaceOn($placed, $lay);
            if ($placed->made_item_id !== null && $placed->made_revision !== $placed->revision) {
                $make($stall, $placed, User::query()->find((int) $run->getAttribute('user_id')));
            }
        } catch (Refusal $refusal) {
            $note = $placed->name.': '.$refusal->getMessage().' It is laid there; what is sold is as before.';
            $run->update(['notes' => [...$run->notes, $note], 'rejects' => $run->rejects + 1]);
        }
    }
}
