<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\MovedColour;
use WindowStall\Window\HeadLogo;
use WindowStall\Window\Look;

/** The look as the tray shows it: the decisions, and what was computed from them. */
final readonly class LookView
{
    /**
     * @param  string  $sign  what should be known of the logo, or nothing
     * @param  list<string>  $colours  #rrggbb, the brand's own first
     * @param  array<string, string>  $choices  decision → what was chosen
     * @param  array<string, string>  $tones  name → #rrggbb
     * @param  string  $contrast  the least of all that is read
     * @param  list<string>  $moved  sentences about colours that can't carry words
     */
    public function __construct(
        public string $name,
        public string $wordmark,
        public ?LogoView $logo,
        public ?LogoView $logoOnDark,
        public string $sign,
        public array $colours,
        public array $choices,
        public array $tones,
        public string $contrast,
        public array $moved,
        public string $pair,
        public string $shape,
        public string $pictures,
    ) {
    }

    public static function of(Look $look): self
    {
        $form = LookForm::of($look->plan);
        $colours = $form['colours'];
        unset($form['colours']);
        $tones = $look->tones();
        $plan = $look->plan;

        return new self(
            name: $look->name,
            wordmark: $look->wordmark,
            logo: LogoView::of($look->logo),
            logoOnDark: LogoView::of($look->logoOnDark),
            sign: (string) HeadLogo::of($look)?->words(),
            colours: $colours,
            choices: $form,
            tones: $tones->toArray(),
            contrast: number_format(floor($tones->least() * 10) / 10, 1),
            moved: array_map(static fn (MovedColour $m): string => $m->words(), $tones->moved()),
            pair: $plan->pair->display()->words(),
            shape: $plan->shape->corner->words().', '.$plan->shape->line->words(),
            pictures: $plan->pictures->ratio->words().', '.$plan->pictures->ground->words(),
        );
    }
}
