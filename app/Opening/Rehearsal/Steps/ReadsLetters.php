<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Opening\Rehearsal\OrderLetters;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Visit;
use WindowStall\Window\Policies\Particulars;

/** Reads what they are mailed once it is paid. */
final readonly class ReadsLetters implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Letters;
    }

    public function __invoke(Visit $visit): string
    {
        $letters = OrderLetters::of($visit->order());
        $thanks = $letters[0] ?? throw new Stuck('No letter says that it was ordered.');
        $order = $visit->order();
        if (! str_contains($thanks->text, '/orders/'.$order->token) && ! in_array('/orders/'.$order->token, $thanks->links, true)) {
            throw new Stuck('The letter doesn’t lead to the order.', $thanks->subject);
        }
        $trader = trim((string) Particulars::of($visit->stall)->trader);
        if ($trader === '' || ! str_contains($thanks->text, $trader)) {
            throw new Stuck('The letter doesn’t say who sent it.', $thanks->subject);
        }
        $page = $visit->exactly('/orders/'.$order->token);
        if ($page->filter('.trouble')->count() > 0) {
            throw new Stuck('The page of the order says that something is amiss.', Visit::read($page));
        }

        return sprintf('Letter read: “%s”', $thanks->subject);
    }
}
