<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Payment\ApprovesTrials;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Payment\PaymentConnector;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;

/** Approves the payment where it is tried out, and comes back to the shop. */
final readonly class Pays implements Step
{
    public function __construct(private PaymentConnector $service)
    {
    }

    public function kind(): StepKind
    {
        return StepKind::Paid;
    }

    public function __invoke(Visit $visit): string
    {
        $order = $visit->order();
        if ($order->payment_id === null && ! $visit->await(static fn (): bool => $visit->order()->payment_id !== null)) {
            throw new Stuck('The payment service doesn’t answer.', (string) $order->trouble());
        }
        if (! $this->service instanceof ApprovesTrials) {
            throw new Untested('The payment service can’t be tried out');
        }
        try {
            $this->service->approve(PaymentConnection::of($visit->stall)->access(false), (string) $visit->order()->payment_id);
        } catch (PaymentTrouble $trouble) {
            throw new Stuck('The payment service takes no test payment.', $trouble->getMessage());
        }
        $visit->browser->request('GET', $visit->stall->shopAddress('/orders/'.$order->token.'/paid'));
        if (! $visit->await(static fn (): bool => $visit->order()->state !== OrderState::AwaitingPayment)) {
            throw new Stuck('It isn’t known as paid.', (string) $visit->order()->trouble());
        }
        if ($visit->order()->state !== OrderState::Paid) {
            throw new Stuck('It was ordered, and not paid.', (string) $visit->order()->trouble());
        }

        return 'Paid '.lcfirst(($visit->method ?? PayMethod::Card)->words());
    }
}
