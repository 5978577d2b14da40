<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\AnswerReturn;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Returns\ReturnAddress;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;
use WindowStall\Support\Views\MoneyView;

/** Asks on the page of the order to send a piece back, and gets the money. */
final readonly class SendsBack implements Step
{
    public function __construct(private AnswerReturn $answer)
    {
    }

    public function kind(): StepKind
    {
        return StepKind::Back;
    }

    public function __invoke(Visit $visit): string
    {
        $order = $visit->order();
        $form = $visit->exactly('/orders/'.$order->token)->filter('form[action$="/returns"]');
        if ($form->count() === 0) {
            throw new Untested('The page of the order takes nothing back now');
        }
        $asked = $form->form();
        $first = array_key_first(array_filter(
            $asked->getValues(),
            static fn (string $name): bool => str_starts_with($name, 'pieces['),
            ARRAY_FILTER_USE_KEY,
        ));
        $asked->setValues([(string) $first => '1', 'why' => ReturnReason::Unwanted->value]);
        $answer = $visit->browser->submit($asked);
        $return = OrderReturn::query()->where('order_id', $order->id)->latest('id')->first()
            ?? throw new Stuck('The wish to send something back wasn’t taken.', Visit::read($answer));
        $order->load(['lines.supplierOrder.connection', 'stall']);
        $to = ReturnAddress::of($visit->stall, $order, $return);
        if ($to === '') {
            throw new Stuck('Nobody says where it is to be sent back to.');
        }
        ($this->answer)($return, ReturnState::Awaited, $to);
        ($this->answer)($return->refresh(), ReturnState::Arrived);
        $back = static fn (): ?Refund => Refund::query()->where('order_id', $order->id)->latest('id')->first();
        if (! $visit->await(static fn (): bool => $back()?->done_at !== null)) {
            throw new Stuck('The money didn’t go back.', (string) $visit->order()->trouble());
        }

        return sprintf('One sent back, %s returned', MoneyView::text($order->money((int) $back()?->total_minor)));
    }
}
