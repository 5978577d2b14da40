<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

use WindowStall\Core\Opening\Rehearsal\Roll;

/** How a stall stands at this moment, as far as opening its shop goes by it. Names are as shoppers read them. */
final readonly class LeftFacts
{
    /**
     * @param  int  $goods  in the window
     * @param  list<string>  $soldOut  those nobody can buy
     * @param  list<string>  $underFloor  those that keep less than is asked of them, unawares
     * @param  list<string>  $wordless  those with a picture that says nothing to whoever doesn't see it
     * @param  list<string>  $longTitles  those whose title search engines cut
     * @param  list<string>  $unreached  countries it has prices for and sends nothing to
     * @param  array<string, list<string>>  $holes  place → goods that can't be sent there
     * @param  array<string, list<string>>  $losses  place → goods that lose money there
     * @param  list<string>  $taxUnsaid  countries for which the home rate of tax is taken
     * @param  bool  $paid  whether a way of paying is on
     * @param  bool  $live  whether money is taken, or payment only tried
     * @param  list<string>  $unnamed  what isn't said of who runs it, such as "your address"
     * @param  list<string>  $unpublished  policies that shoppers can't read
     * @param  list<string>  $outdated  policies that say otherwise than the stall is set up
     * @param  bool  $published  whether the front page is
     * @param  int  $untouched  texts that read as the program drafted them
     * @param  array<string, list<string>>  $nowhere  page → what leads nowhere on it
     * @param  array<string, string>  $failing  supplier → what is amiss with it
     * @param  int  $suppliers  connected
     * @param  Roll|null  $rehearsed  the last rehearsal that came to an end; null where there was none
     * @param  list<string>  $plain  what pages are seen as elsewhere that could be better, such as "/about: no words describe it"
     * @param  list<string>|null  $phone  what the phone audit found on the front page; null where nobody measured it
     * @param  list<string>  $unspoken  letters the seller worded, and a language of the shop they aren't worded in
     * @param  bool  $changed  whether something that it goes by was changed since
     */
    public function __construct(
        public int $goods,
        public array $soldOut = [],
        public array $underFloor = [],
        public array $wordless = [],
        public array $longTitles = [],
        public array $unreached = [],
        public array $holes = [],
        public array $losses = [],
        public array $taxUnsaid = [],
        public bool $paid = true,
        public bool $live = true,
        public array $unnamed = [],
        public array $unpublished = [],
        public array $outdated = [],
        public bool $published = true,
        public int $untouched = 0,
        public array $nowhere = [],
        public array $failing = [],
        public int $suppliers = 1,
        public ?Roll $rehearsed = null,
        public bool $changed = false,
        public array $plain = [],
        public ?array $phone = null,
        public array $unspoken = [],
    ) {
    }
}
