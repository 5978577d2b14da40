<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/** Which languages a shop speaks in a market, the one first that its pages have there by themselves. */
final class ChangeLanguages
{
    /** @param  list<string>  $languages  none: the seller's own */
    public function __invoke(Stall $stall, string $market, array $languages): void
    {
        DB::transaction(static function () use ($stall, $market, $languages): void {
            $stall->languageRows()->where('market', $market)->delete();
            // To speak the seller's own alone needs no saying.
            foreach ($languages === [$stall->language] ? [] : $languages as $position => $language) {
                $stall->languageRows()->create(['market' => $market, 'language' => $language, 'position' => $position]);
            }
            StalePages::frame($stall);
        });
        $stall->unsetRelation('languageRows');
    }

    /** The language the seller writes in. */
    public function own(Stall $stall, string $language): void
    {
        DB::transaction(static function () use ($stall, $language): void {
            $stall->update(['language' => $language]);
            StalePages::frame($stall);
        });
    }
}
