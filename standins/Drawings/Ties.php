<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Twine, tins, labels, canes and netting. */
final readonly class Ties
{
    public function __construct(private Scene $scene)
    {
    }

    public function twine(string $colour): string
    {
        $clip = 'M124 120 Q110 210 124 300 Q200 328 276 300 Q290 210 276 120 Q200 96 124 120z';

        return $this->scene->stands(200, 330, 112, 17).'<ellipse cx="200" cy="318" rx="96" ry="20" fill="#7d5a33"/>'.
            '<rect x="104" y="298" width="192" height="20" fill="#8f6a3e"/>'.
            '<ellipse cx="200" cy="298" rx="96" ry="20" fill="#b98f5c"/>'
            .'<clipPath id="reel"><path d="'.$clip.
                '"/></clipPath><g clip-path="url(#reel)"><rect x="100" y="90" width="200" height="230" fill="'.
                $this->scene->round($colour).'"/>'
            .$this->windings($colour, 78, 330).'</g><path d="'.$clip.'" fill="'.$this->sideShade().'"/>'
            .'<ellipse cx="200" cy="118" rx="76" ry="17" fill="'.Scene::shade($colour, .1).
                '"/><ellipse cx="200" cy="116" rx="70" ry="13" fill="'.Scene::tint($colour, .12).
                '"/><ellipse cx="200" cy="118" rx="26" ry="7" fill="#3b2a17"/>'
            .'<path d="M270 236 q60 24 52 66 q-10 36 -56 34" fill="none" stroke="'.$colour.
                '" stroke-width="7" stroke-linecap="round"/>'
            .$this->paperLabel(150, 190, 100, 58);
    }

    public function twineTin(string $colour): string
    {
        return $this->scene->stands(200, 324, 104).
            '<path d="M112 150 V300 Q112 328 200 328 Q288 328 288 300 V150z" fill="'.$this->scene->round($colour).
            '"/>'
            .'<path d="M112 268 Q112 296 200 296 Q288 296 288 268 V284 Q288 312 200 312 Q112 312 112 284z" '.
                'fill="#f6ead0" opacity=".9"/>'
            .'<path d="M150 196 q50 14 100 0 v56 q-50 14 -100 0z" fill="#f6ead0"/>'.
                '<path d="M168 216 q32 8 64 0 M176 234 q24 6 48 0" stroke="'.Scene::shade($colour, .2).
                '" stroke-width="5" fill="none" stroke-linecap="round"/>'
            .'<path d="M106 128 V156 Q106 182 200 182 Q294 182 294 156 V128z" fill="'.
                $this->scene->round(Scene::shade($colour, .1)).'"/>'
            .'<ellipse cx="200" cy="128" rx="94" ry="26" fill="'.$this->scene->face(Scene::tint($colour, .18)).
                '"/><ellipse cx="200" cy="128" rx="78" ry="20" fill="none" stroke="'.Scene::shade($colour, .25).
                '" stroke-opacity=".5" stroke-width="2"/>'
            .'<ellipse cx="200" cy="128" rx="12" ry="5" fill="#2b2018"/>'.
                '<path d="M200 128 q4 -54 44 -66 q48 -10 66 40 q10 34 -8 60" fill="none" stroke="#a98a56" '.
                'stroke-width="6" stroke-linecap="round"/>'
            .'<path d="M200 128 q4 -54 44 -66" fill="none" stroke="#d4b987" stroke-width="2" '.
                'stroke-dasharray="4 5"/><path d="M128 174 V300" stroke="#fff" stroke-opacity=".35" '.
                'stroke-width="7" stroke-linecap="round"/>';
    }

    public function labels(string $colour): string
    {
        $tag = 'M-34 -120 q34 -26 68 0 v150 l-34 86 -34 -86z';
        $out = $this->scene->stands(200, 330, 140, 14);
        foreach ([[118, 196, -13, .92], [286, 200, 12, .92], [200, 214, -1, 1.06]] as $i => [$x, $y, $turn, $scale]) {
            $out .= '<g transform="translate('.$x.' '.$y.') rotate('.$turn.') scale('.$scale.')">'.
                $this->scene->cast('<path d="'.$tag.'"/>', 9, 9)
                .'<path d="'.$tag.'" fill="'.$this->scene->face($i === 2 ? $colour : Scene::shade($colour, .1)).
                    '"/><path d="M-34 -120 q34 -26 68 0" fill="none" stroke="#fff" stroke-opacity=".5" '.
                    'stroke-width="3"/>'
                .'<path d="M-29 -112 v140 l26 68" fill="none" stroke="#fff" stroke-opacity=".3" '.
                    'stroke-width="3"/><circle cy="-108" r="5.5" fill="#2b241a"/>'
                .'<g fill="none" stroke="'.(hexdec(substr($colour, 1, 2)) > 140 ? '#3d3226' : '#f1ead8').
                    '" stroke-opacity=".8" stroke-width="4" stroke-linecap="round">'.
                    '<path d="M-16 -66 q8 -12 14 0 t14 -2"/><path d="M-16 -40 h26"/>'.
                    '<path d="M0 30 v-32 M0 12 q-16 -2 -16 -18 q16 2 16 18 M0 2 q14 -4 14 -18 q-14 4 -14 18"/>'.
                    '</g></g>';
        }

        return $out.'<path d="M60 334 q140 -26 290 0 q-60 26 -146 24 q-94 0 -144 -24z" fill="#5a4632"/>'.
            '<path d="M84 336 q120 -20 240 0" stroke="#7d6449" stroke-width="4" fill="none" stroke-dasharray="14 '.
            '9"/>';
    }

    public function seedTin(string $colour): string
    {
        $dark = Scene::shade($colour, .28);

        return $this->scene->stands(200, 322, 132, 17).'<path d="M82 158 L200 192 V322 L82 286Z" fill="'.
            $this->scene->face($colour).'"/><path d="M318 158 L200 192 V322 L318 286Z" fill="'.
            $this->scene->face($dark).'"/>'
            .'<path d="M76 142 L200 110 L324 142 L200 178Z" fill="'.Scene::tint($colour, .16).
                '"/><path d="M76 142 L200 178 V200 L76 164Z" fill="'.Scene::shade($colour, .08).
                '"/><path d="M324 142 L200 178 V200 L324 164Z" fill="'.Scene::shade($colour, .36).'"/>'
            .'<path d="M104 142 L200 117 L296 142 L200 169Z" fill="none" stroke="#f6e6cb" stroke-opacity=".6" '.
                'stroke-width="2.5"/><path d="M100 214 L182 238 V290 L100 264Z" fill="#f6ead0"/>'.
                '<path d="M116 238 L166 252 M116 252 L150 262" stroke="'.$dark.
                '" stroke-width="5" stroke-linecap="round"/>'
            .'<g transform="translate(258 244) skewY(-16)"><circle r="30" fill="#f6ead0"/>'.
                '<path d="M-2 18 v-20 M-2 2 q-16 -2 -18 -18 q18 0 18 18z M-2 -4 q2 -18 20 -18 q0 18 -20 18z" '.
                'fill="#5f8a45" stroke="#3f6430" stroke-width="2"/></g>'.
                '<path d="M90 172 L90 280" stroke="#fff" stroke-opacity=".28" stroke-width="5"/>';
    }

    public function canes(string $colour): string
    {
        $canes = '';
        $knots = '';
        for ($i = 0; $i < 11; $i++) {
            $x = 138 + $i * 12;
            $lean = ($i - 5) * 7;
            $top = 30 + ($i * 37) % 26;
            $canes .= '<path d="M'.($x + $lean).' '.$top.' L'.($x - $lean * .55).' '.(352 - ($i * 23) % 16).
                '" stroke="'.
                ($i % 3 === 0 ? Scene::shade($colour, .2) : ($i % 3 === 1 ? $colour : Scene::tint($colour, .16))).
                '" stroke-width="11" stroke-linecap="round"/>';
            for ($k = 1; $k < 5; $k++) {
                $t = $k / 5 + (($i * 7) % 5) / 40;
                $cx = ($x + $lean) * (1 - $t) + ($x - $lean * .55) * $t;
                $cy = $top * (1 - $t) + 350 * $t;
                $knots .= '<path d="M'.($cx - 6).' '.$cy.' h12" stroke="'.Scene::shade($colour, .48).
                    '" stroke-opacity=".75" stroke-width="2.4"/>';
            }
        }

        return '<g transform="rotate(24 200 200)">'.$this->scene->cast('<path d="M110 40 h190 l-60 310 h-80z"/>').
            $canes.$knots
            .'<path d="M146 196 q54 18 112 0 M147 206 q54 18 110 0 M148 216 q54 18 108 0" stroke="#5f7f4d" '.
                'stroke-width="7" fill="none"/><path d="M238 210 q40 14 30 54 M240 212 q20 30 4 62" '.
                'stroke="#5f7f4d" stroke-width="5" fill="none" stroke-linecap="round"/></g>';
    }

    public function netting(string $colour): string
    {
        $mesh = '';
        for ($i = -12; $i < 26; $i++) {
            $x = 60 + $i * 18;
            $mesh .= '<path d="M'.$x.' 120 l150 190 M'.($x + 150).' 120 l-150 190"/>';
        }

        return '<g transform="rotate(-12 200 210)">'.$this->scene->stands(200, 312, 148, 16)
            .'<path d="M300 286 q70 8 84 44 l-150 10 q-20 -30 -10 -44z" fill="'.Scene::tint($colour, .25).
                '" opacity=".45"/><path d="M246 300 l60 36 M276 292 l66 42 M306 290 l60 40 M330 292 l-70 44 M356 '.
                '306 l-50 32 M300 290 l-52 38" stroke="'.$colour.'" stroke-width="2"/>'
            .'<clipPath id="roll"><path d="M76 146 H316 Q338 180 338 222 Q338 266 316 300 H76 Q56 266 56 222 '.
                'Q56 180 76 146z"/></clipPath>'
            .'<g clip-path="url(#roll)"><rect x="50" y="140" width="300" height="170" fill="'.
                $this->scene->gradientDown($colour).'"/><g stroke="'.Scene::tint($colour, .45).
                '" stroke-opacity=".7" stroke-width="2" fill="none">'.$mesh.'</g></g>'
            .'<ellipse cx="316" cy="223" rx="26" ry="77" fill="'.Scene::shade($colour, .35).
                '"/><ellipse cx="316" cy="223" rx="17" ry="52" fill="none" stroke="'.Scene::tint($colour, .3).
                '" stroke-width="3"/><ellipse cx="316" cy="223" rx="9" ry="27" fill="#c9a877"/>'.
                '<ellipse cx="317" cy="223" rx="5" ry="17" fill="#4a3a26"/>'
            .'<path d="M142 146 q-18 34 -18 77 q0 44 18 77 h56 q-18 -33 -18 -77 q0 -43 18 -77z" '.
                'fill="#f3ead6"/><path d="M144 196 h32 M140 214 h34 M142 232 h28" stroke="'.Scene::shade($colour, .2).
                '" stroke-width="5" stroke-linecap="round"/></g>';
    }

    private function windings(string $colour, int $from, int $to): string
    {
        $out = '';
        for ($y = $from, $i = 0; $y < $to; $y += 10, $i++) {
            $out .= '<path d="M96 '.($y + 14).' Q200 '.($y + 48).' 304 '.$y.'" stroke="'.
                ($i % 2 ? Scene::shade($colour, .16) : Scene::tint($colour, .1)).'" stroke-width="9" fill="none"/>'
                .'<path d="M96 '.($y + 17).' Q200 '.($y + 51).' 304 '.($y + 3).'" stroke="'.
                    Scene::shade($colour, .45).
                    '" stroke-opacity=".45" stroke-width="1.6" stroke-dasharray="5 5" fill="none"/>';
        }

        return $out;
    }

    private function paperLabel(int $x, int $y, int $w, int $h): string
    {
        return '<rect x="'.$x.'" y="'.$y.'" width="'.$w.'" height="'.$h.'" rx="3" fill="#f7efdc"/><rect x="'.($x + 7).
            '" y="'.($y + 7).'" width="'.($w - 14).'" height="'.($h - 14).
            '" rx="2" fill="none" stroke="#7d5a33" stroke-width="1.5"/>'
            .'<path d="M'.($x + 22).' '.($y + 22).' h'.($w - 44).' M'.($x + 30).' '.($y + 34).' h'.($w - 60).
                '" stroke="#5b4226" stroke-width="4" stroke-linecap="round"/>';
    }

    private function sideShade(): string
    {
        return $this->scene->veil();
    }
}
