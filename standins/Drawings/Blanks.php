<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/**
 * What is printed on: cloth, clay and paper, plain, with folds and light so that artwork can lie on them believably.
 */
final readonly class Blanks
{
    public function __construct(private Scene $scene)
    {
    }

    public function tee(string $colour): string
    {
        $body = '<path d="M142 78 q58 34 116 0 l66 34 q14 8 12 24 l-10 58 q-2 8 -12 6 l-34 -8 v142 q0 10 -10 11 q-70 '.
            '8 -140 0 q-10 -1 -10 -11 V192 l-34 8 q-10 2 -12 -6 l-10 -58 q-2 -16 12 -24z"';

        return $this->scene->cast($body.'/>', 12, 14).$body.' fill="'.$this->scene->face($colour).'"/>'
            .'<path d="M142 78 q58 34 116 0 q-4 46 -58 48 q-54 -2 -58 -48z" fill="'.Scene::shade($colour, .34).
                '"/><path d="M138 80 q4 56 62 58 q58 -2 62 -58" fill="none" stroke="'.Scene::shade($colour, .14).
                '" stroke-width="9"/>'
            .
                $this->folds($colour, 'M120 196 q18 60 6 140 M280 196 q-18 60 -6 140 M150 300 q50 22 104 -4 M164 150 q-8 40 -20 62 M240 152 q10 40 22 60')
            .'<path d="M120 326 q80 12 160 0 M76 190 l30 -8 M324 190 l-30 -8" stroke="'.Scene::shade($colour, .3).
                '" stroke-width="2" stroke-dasharray="5 3" fill="none"/>';
    }

    public function tote(string $colour): string
    {
        $body = '<path d="M96 142 h208 l12 190 q0 10 -10 10 H94 q-10 0 -10 -10z"';
        $strap = Scene::shade($colour, .12);

        return $this->scene->stands(200, 342, 118, 10).
            '<path d="M146 146 q-8 -112 54 -112 q62 0 54 112" fill="none" stroke="'.Scene::shade($colour, .34).
            '" stroke-width="14"/>'.$this->scene->cast($body.'/>', 10, 10)
            .$body.' fill="'.$this->scene->face($colour).
                '"/><path d="M140 150 q-10 -122 60 -122 q70 0 60 122" fill="none" stroke="'.$strap.
                '" stroke-width="15"/><path d="M96 158 h208" stroke="'.Scene::shade($colour, .28).
                '" stroke-width="2.5" stroke-dasharray="6 4"/>'
            .
                $this->folds($colour, 'M112 176 q16 70 -2 150 M288 176 q-16 70 2 150 M130 322 q70 -22 142 2 M200 168 q6 30 0 54');
    }

    public function mug(string $colour): string
    {
        return $this->scene->stands(190, 318, 108, 16).
            '<path d="M278 156 q76 -10 74 62 q-2 66 -86 62" fill="none" stroke="'.Scene::shade($colour, .16).
            '" stroke-width="24"/><path d="M278 152 q70 -8 68 60 q-2 58 -78 54" fill="none" stroke="'.
            Scene::tint($colour, .3).'" stroke-width="8" stroke-opacity=".7"/>'
            .'<path d="M96 122 L104 300 Q108 324 190 324 Q272 324 276 300 L284 122z" fill="'.
                $this->scene->round($colour).'"/><ellipse cx="190" cy="122" rx="94" ry="24" fill="'.
                Scene::tint($colour, .25).'"/><ellipse cx="190" cy="125" rx="84" ry="18" fill="'.
                Scene::shade($colour, .5).'"/>'
            .'<path d="M124 150 Q120 230 130 296" stroke="#fff" stroke-opacity=".55" stroke-width="12" '.
                'fill="none" stroke-linecap="round"/>';
    }

    public function teaTowel(string $colour): string
    {
        $body = '<path d="M112 60 q90 -14 180 4 l-8 282 q-86 -12 -166 2z"';

        return $this->scene->cast($body.'/>', 12, 14).$body.' fill="'.$this->scene->face($colour).
            '"/><path d="M118 70 q84 -12 166 4 M124 336 q78 -12 154 0 M120 66 l4 276 M284 72 l-6 264" fill="none" '.
            'stroke="'.Scene::shade($colour, .22).'" stroke-width="2.5" stroke-dasharray="6 4"/>'
            .$this->folds($colour, 'M168 62 q10 140 0 280 M236 64 q-8 140 0 278').
                '<path d="M190 56 q12 -20 24 0" fill="none" stroke="'.Scene::shade($colour, .4).
                '" stroke-width="5"/>';
    }

    public function poster(string $colour): string
    {
        $sheet = '<rect x="94" y="48" width="212" height="300" rx="2"/>';

        return $this->scene->cast($sheet, 10, 14).'<g fill="'.$this->scene->face($colour).'">'.$sheet.
            '</g><rect x="110" y="64" width="180" height="268" fill="none" stroke="'.Scene::shade($colour, .12).
            '" stroke-width="1.5"/>'
            .'<path d="M94 48 q26 10 46 40 l-46 60z" fill="#fff" opacity=".35"/>'.
                '<path d="M306 348 q-30 -4 -44 -40 q22 14 44 10z" fill="'.Scene::shade($colour, .2).'"/>';
    }

    private function folds(string $colour, string $path): string
    {
        return '<path d="'.$path.'" stroke="'.Scene::shade($colour, .5).
            '" stroke-opacity=".28" stroke-width="6" fill="none" stroke-linecap="round"/><path d="'.$path.
            '" transform="translate(-5 -2)" stroke="#fff" stroke-opacity=".3" stroke-width="4" fill="none" '.
            'stroke-linecap="round"/>';
    }
}
