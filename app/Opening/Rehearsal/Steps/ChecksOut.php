<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\DomCrawler\Field\ChoiceFormField;
use Symfony\Component\DomCrawler\Form;
use WindowStall\Core\Opening\Rehearsal\MadeUpPerson;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;

/** Says where it is to go, chooses how to pay, and orders. */
final readonly class ChecksOut implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Address;
    }

    public function __invoke(Visit $visit): string
    {
        $person = MadeUpPerson::in($visit->country)
            ?? throw new Untested(sprintf('No address is made up for %s yet', Spoken::country($visit->country)));
        $page = $visit->browser->request('GET', $visit->stall->shopAddress('/checkout'));
        if ($visit->browser->status() !== 200) {
            throw new Stuck('The basket leads to no checkout.', Visit::read($visit->exactly('/basket')));
        }
        $page = $this->look($visit, $page, $person);
        // Once more: what it costs goes by the postcode, too.
        $page = $this->look($visit, $page, $person);
        $trouble = Visit::read($page);
        if ($trouble !== '') {
            throw new Stuck(sprintf('No way to send it to %s.', $person->typed['postcode']), $trouble);
        }
        $form = self::fill($page->filter('#to-pay')->form(), $visit, $person);
        $answer = $visit->browser->submit($form);
        if (! in_array($visit->browser->status(), [302, 303], true)) {
            throw new Stuck('The order isn’t taken.', Visit::read($answer));
        }
        $order = $visit->order();
        $days = array_column($order->load('lines')->promises($order->lines, $visit->stall), 'dates');

        return 'Address'.($days === [] ? '' : ', “with you '.$days[0].'”').', '.MoneyView::text($order->money($order->total_minor));
    }

    /** Has the checkout work out what it costs to where they live. */
    private function look(Visit $visit, Crawler $page, MadeUpPerson $person): Crawler
    {
        $look = $page->filter('button[name="look"]');
        $form = $page->filter('form[action="/checkout"]');
        if ($form->count() === 0) {
            throw new Stuck('There is no checkout for what lies in the basket.', Visit::read($page));
        }
        $filled = self::fill(($look->count() > 0 ? $look : $page->filter('#to-pay'))->form(), $visit, $person);
        if ($look->count() === 0) {
            return $page;
        }

        return $visit->browser->submit($filled);
    }

    private static function fill(Form $form, Visit $visit, MadeUpPerson $person): Form
    {
        $typed = ['country' => $visit->country, 'by' => $visit->method->value ?? ''] + $person->typed;
        foreach ($typed as $name => $value) {
            if (! $form->has($name)) {
                continue;
            }
            $field = $form->get($name);
            if ($field instanceof ChoiceFormField && ! in_array($value, $field->availableOptionValues(), true)) {
                throw new Stuck(match ($name) {
                    'country' => sprintf('Nothing is sent to %s.', Spoken::country($visit->country)),
                    'by' => 'That way of paying isn’t offered.',
                    default => sprintf('“%s” can’t be chosen.', $value),
                });
            }
            is_array($field) || $field->setValue($value);
        }
        if ($form->has('grown_up')) {
            $age = $form->get('grown_up');
            $age instanceof ChoiceFormField && $age->tick();
        }

        return $form;
    }
}
