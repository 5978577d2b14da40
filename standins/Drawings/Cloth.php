<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Leather, canvas, felt and foam. */
final readonly class Cloth
{
    public function __construct(private Scene $scene)
    {
    }

    public function gloves(string $colour): string
    {
        return '<g transform="translate(58 -4) rotate(8 200 200) scale(.96)">'.
            $this->glove(Scene::shade($colour, .12)).'</g><g transform="translate(-34 12) rotate(-7 200 200)">'.
            $this->glove($colour).'</g>';
    }

    public function kneeler(string $colour): string
    {
        $shape = '<path d="M64 178 Q64 150 94 148 L300 128 Q336 126 340 154 L346 246 Q348 276 316 280 L100 302 Q66 304 '.
            '62 274z"/>';

        return $this->scene->cast($shape, 12, 22).'<g transform="translate(4 20)" fill="'.Scene::shade($colour, .42).
            '">'.$shape.'</g><g fill="'.$this->scene->face($colour).'">'.$shape.'</g>'
            .'<path d="M150 172 q2 -12 14 -13 l76 -8 q14 0 15 12 q0 12 -13 13 l-78 8 q-12 0 -14 -12z" fill="'.
                Scene::shade($colour, .5).'"/><path d="M160 174 q1 -6 8 -7 l70 -7" stroke="'.
                Scene::shade($colour, .75).'" stroke-width="4" fill="none" stroke-linecap="round"/>'
            .'<path d="M82 186 q2 -18 20 -20 l198 -20 q20 0 22 18 l6 78 q0 18 -18 20 l-204 20 q-20 2 -22 -18z" '.
                'fill="none" stroke="'.Scene::tint($colour, .4).
                '" stroke-opacity=".7" stroke-width="3" stroke-dasharray="9 6"/>'
            .'<path d="M84 166 Q88 160 104 158 L296 139" stroke="#fff" stroke-opacity=".45" stroke-width="6" '.
                'fill="none" stroke-linecap="round"/>';
    }

    public function apron(string $colour): string
    {
        $body = '<path d="M152 68 h96 l10 66 q8 28 42 34 l-8 180 q-92 14 -184 0 l-8 -180 q34 -6 42 -34z"';
        $strap = Scene::shade($colour, .3);

        return $this->scene->cast($body.'/>', 12, 14).
            '<path d="M158 72 q-10 -58 42 -58 q52 0 42 58" fill="none" stroke="'.$strap.
            '" stroke-width="9"/><path d="M100 176 q-40 6 -64 30 M300 176 q40 6 64 30" fill="none" stroke="'.$strap.
            '" stroke-width="8" stroke-linecap="round"/>'
            .$body.' fill="'.$this->scene->round($colour).
                '"/><path d="M128 236 h144 v74 q-72 12 -144 0z M200 238 v78" fill="'.Scene::shade($colour, .06).
                '" stroke="'.Scene::shade($colour, .36).'" stroke-width="2.5" stroke-dasharray="6 4"/>'
            .'<path d="M156 84 h88" stroke="'.Scene::tint($colour, .4).
                '" stroke-width="2.5" stroke-dasharray="6 4"/><g fill="#b98a2c"><circle cx="162" cy="80" r="5"/>'.
                '<circle cx="238" cy="80" r="5"/><circle cx="130" cy="238" r="4"/>'.
                '<circle cx="270" cy="238" r="4"/></g>'
            .'<path d="M118 190 q10 70 4 150 M282 190 q-10 70 -4 150 M176 92 q-6 30 -10 50" stroke="'.
                Scene::shade($colour, .5).'" stroke-opacity=".4" stroke-width="4" fill="none"/>';
    }

    public function growBag(string $colour): string
    {
        return $this->scene->stands(200, 332, 120, 16).
            '<g stroke="#47702f" stroke-width="4" fill="#7fae5c"><path d="M200 170 V70"/>'.
            '<path d="M200 110 q-60 -6 -70 -56 q60 2 70 56z"/><path d="M200 90 q56 -8 70 -54 q-58 0 -70 54z"/>'.
            '<path d="M200 150 q-70 10 -96 -24 q56 -22 96 24z"/>'.
            '<path d="M200 144 q66 6 94 -30 q-60 -16 -94 30z"/></g>'
            .'<path d="M100 168 Q86 250 104 322 Q200 350 296 322 Q314 250 300 168z" fill="'.
                $this->scene->round($colour).'"/><ellipse cx="200" cy="168" rx="100" ry="24" fill="'.
                Scene::shade($colour, .2).'"/><ellipse cx="200" cy="170" rx="90" ry="19" fill="#3d2d1e"/>'
            .'<g fill="#5b4530"><circle cx="160" cy="168" r="5"/><circle cx="188" cy="176" r="6"/>'.
                '<circle cx="226" cy="166" r="5"/><circle cx="250" cy="174" r="5"/></g>'
            .'<path d="M100 214 q-44 6 -38 50 q6 32 42 28 M300 214 q44 6 38 50 q-6 32 -42 28" stroke="'.
                Scene::shade($colour, .35).'" stroke-width="13" fill="none" stroke-linecap="round"/>'
            .'<path d="M100 182 Q200 214 300 182 M104 312 Q200 340 296 312" stroke="'.Scene::tint($colour, .45).
                '" stroke-opacity=".6" stroke-width="2.5" stroke-dasharray="7 5" fill="none"/>'.
                '<path d="M126 206 Q118 262 130 318" stroke="#fff" stroke-opacity=".22" stroke-width="10" '.
                'fill="none" stroke-linecap="round"/>';
    }

    private function glove(string $colour): string
    {
        $hand = 'M128 292 V196 q-4 -60 8 -98 q12 -16 24 2 l6 62 2 -86 q14 -20 28 0 l2 80 8 -74 q16 -14 26 4 l-4 88 14 '.
            '-50 q18 -10 24 10 l-20 92 q-6 36 -10 66z';
        $thumb = 'M128 236 q-34 -26 -44 -56 q2 -22 22 -14 q20 22 34 34z';

        return $this->scene->cast('<path d="'.$hand.'"/><path d="'.$thumb.'"/><rect x="118" y="286" width="134" height="52" rx="8"/>').
            '<path d="'.$hand.'" fill="'.$this->scene->round($colour).'"/><path d="'.$thumb.'" fill="'.
            Scene::shade($colour, .12).'"/>'
            .'<path d="M140 110 q-4 40 -2 80 M178 92 q4 44 2 84 M214 100 q0 40 -6 80 M246 128 q-8 30 -14 56" '.
                'stroke="#fff" stroke-opacity=".28" stroke-width="6" fill="none" stroke-linecap="round"/>'
            .'<path d="M150 206 q40 22 84 2 M146 226 q46 24 92 2" stroke="'.Scene::shade($colour, .5).
                '" stroke-opacity=".55" stroke-width="2.5" stroke-dasharray="5 4" fill="none"/>'
            .'<path d="M122 286 h124 q6 0 6 7 v36 q0 8 -8 8 H126 q-8 0 -8 -8 v-36 q0 -7 4 -7z" fill="'.
                $this->scene->round('#3f6450').
                '"/><path d="M120 298 h130 M120 324 h130" stroke="#dfe8d4" stroke-opacity=".55" stroke-width="2" '.
                'stroke-dasharray="6 4"/>';
    }
}
