<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Speech;

/** Policies as the shop's other markets and languages would say them now. */
final class PolicyThere
{
    /**
     * @param  list<PolicyKind>  $kinds
     * @return array<string, array<string, array<string, string>>> kind → market and language → clause → words
     */
    public static function of(Stall $stall, array $kinds): array
    {
        $said = array_fill_keys(array_column($kinds, 'value'), []);
        foreach (ShopMarket::all($stall) as $market) {
            if ($market->isHome() && $market->language === $stall->language) {
                continue;
            }
            $seen = $stall->seenFrom($market->country)->speaking($market->language);
            Speech::in($market->language, static function () use ($seen, $market, $kinds, &$said): void {
                $facts = TrueFacts::of($seen);
                foreach ($kinds as $kind) {
                    $said[$kind->value][PolicyVersion::there($market)] = PolicyWords::of(WrittenPolicy::of($kind, $facts));
                }
            });
        }

        return $said;
    }
}
