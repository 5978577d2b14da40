<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use Symfony\Component\DomCrawler\Crawler;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Core\Words\Plural;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Visit;
use WindowStall\Opening\Rehearsal\WantedGoods;

/** Puts one of each supplier in the basket, of the first two. */
final readonly class PutsInBasket implements Step
{
    public function kind(): StepKind
    {
        return StepKind::Basket;
    }

    public function __invoke(Visit $visit): string
    {
        foreach ($visit->wanted as $n => $wanted) {
            for ($pieces = $n === 0 ? 2 : 1; $pieces > 0; $pieces--) {
                self::put($visit, $wanted);
            }
        }
        $page = $visit->exactly('/basket');
        $pieces = 1 + count($visit->wanted);

        return sprintf('%s in the basket, %s', ucfirst(Plural::spoken($pieces, 'piece')), trim($page->filter('[data-total]')->text('')));
    }

    private static function put(Visit $visit, WantedGoods $wanted): void
    {
        $page = $visit->open('/goods/'.$wanted->slug);
        $asked = $page->filter('form[action="/grown-up"]');
        if ($asked->count() > 0) {
            $visit->browser->submit($asked->form());
        }
        $form = $page->filter('#basket-form');
        if ($form->count() === 0) {
            throw new Stuck(sprintf('%s can’t be put in a basket.', $wanted->title), Visit::read($page));
        }
        $answer = $visit->browser->submit($form->form());
        // On to the basket, or, where there is only one of goods, straight to the checkout.
        if (! in_array($visit->browser->status(), [302, 303], true)) {
            throw new Stuck(sprintf('%s can’t be put in the basket.', $wanted->title), self::said($answer));
        }
    }

    private static function said(Crawler $page): string
    {
        return Visit::read($page) ?: trim($page->filter('h1')->text(''));
    }
}
