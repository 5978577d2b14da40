<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Tools for the hand; the colourway is the metal's. */
final readonly class HandTools
{
    private const ASH = '#c8935a';

    public function __construct(private Scene $scene)
    {
    }

    public function trowel(string $metal): string
    {
        $blade = '<path d="M195 170 h10 v36 q31 8 31 50 q0 60 -36 110 q-36 -50 -36 -110 q0 -42 31 -50z"';
        $shadow = $this->scene->cast('<rect x="186" y="36" width="28" height="130" rx="14"/>'.$blade.'/>', 16, 12);

        return '<g transform="rotate(38 200 200)">'.$shadow.$this->handle(185, 34, 30, 132, self::ASH).
            $this->collar(184, 150, 32)
            .$blade.' fill="'.$this->scene->metal($metal).'"/>'
            .'<path d="M200 206 v150" stroke="'.Scene::shade($metal, .35).'" stroke-opacity=".5" stroke-width="2"/>'
            .'<path d="M172 250 q2 50 26 96" stroke="#fff" stroke-opacity=".55" stroke-width="4" fill="none"/></g>';
    }

    public function fork(string $metal): string
    {
        $tines = '<path d="M196 168 h8 v40 q46 4 48 40 l4 96 -8 6 -8 -94 q-2 -16 -26 -18 l2 112 -8 12 -8 -12 2 -112 '.
            'q-24 2 -26 18 l-8 94 -8 -6 4 -96 q2 -36 42 -40z"';

        return '<g transform="rotate(34 200 200)">'.
            $this->scene->cast($tines.'/><rect x="186" y="34" width="28" height="130" rx="14"/>', 16, 12)
            .$this->handle(185, 34, 30, 132, self::ASH).$this->collar(184, 150, 32).$tines.' fill="'.
                $this->scene->metal($metal).'"/>'
            .'<path d="M164 250 l-6 84 M198 240 v110" stroke="#fff" stroke-opacity=".5" stroke-width="3" '.
                'fill="none"/></g>';
    }

    public function spade(string $metal): string
    {
        $blade = '<path d="M168 196 q32 -10 64 0 v84 q0 56 -32 92 q-32 -36 -32 -92z"';
        $wood = $this->scene->round(self::ASH);

        return '<g transform="rotate(30 200 200)">'.
            $this->scene->cast($blade.'/><rect x="190" y="40" width="20" height="150"/><rect x="148" y="18" width="104" height="24" rx="12"/>', 16, 12)
            .'<rect x="190" y="36" width="20" height="160" fill="'.$wood.
                '"/><rect x="148" y="18" width="104" height="25" rx="12" fill="'.$this->scene->face(self::ASH).'"/>'
            .'<path d="M158 25 h84" stroke="#fff" stroke-opacity=".4" stroke-width="4" stroke-linecap="round"/>'
            .'<rect x="187" y="150" width="26" height="52" rx="5" fill="'.
                $this->scene->metal(Scene::shade($metal, .12)).
                '"/><circle cx="200" cy="166" r="3.4" fill="#3a3a38"/>'
            .$blade.' fill="'.$this->scene->metal($metal).'"/><path d="M168 198 q32 -10 64 0" stroke="'.
                Scene::shade($metal, .45).'" stroke-width="3" fill="none"/>'
            .'<path d="M180 214 q-2 76 12 124" stroke="#fff" stroke-opacity=".55" stroke-width="5" fill="none"/></g>';
    }

    public function dibber(string $metal): string
    {
        $body = '<path d="M176 128 q24 -8 48 0 l-6 160 -18 0 -18 0z"';
        $wood = $this->scene->round(self::ASH);

        return '<g transform="rotate(28 200 200)">'.
            $this->scene->cast($body.'/><path d="M182 288 h36 l-18 84z"/><rect x="140" y="60" width="120" height="34" rx="17"/>', 15, 12)
            .'<path d="M184 88 h32 l8 46 h-48z" fill="'.$wood.
                '"/><rect x="138" y="60" width="124" height="36" rx="18" fill="'.$this->scene->face(self::ASH).'"/>'
            .'<path d="M150 70 h98" stroke="#fff" stroke-opacity=".4" stroke-width="5" stroke-linecap="round"/>'.
                $body.' fill="'.$wood.'"/>'
            .'<g stroke="#6b4422" stroke-opacity=".65" stroke-width="2.5"><path d="M179 176 h42"/>'.
                '<path d="M180 206 h40"/><path d="M181 236 h38"/></g>'
            .'<path d="M181 284 q19 7 38 0 l-19 88z" fill="'.$this->scene->metal($metal).
                '"/><path d="M190 138 l3 140" stroke="#fff" stroke-opacity=".3" stroke-width="5"/></g>';
    }

    public function rake(string $metal): string
    {
        $tines = '';
        for ($i = 0; $i < 12; $i++) {
            $x = 92 + $i * 19.6;
            $tines .= '<path d="M'.$x.' 282 l-3 58 q3 6 6 0 l3 -58z"/>';
        }
        $head = '<rect x="84" y="262" width="232" height="24" rx="6"/>';

        return '<g transform="rotate(-14 200 200)">'.
            $this->scene->cast($head.$tines.'<rect x="191" y="-30" width="18" height="280"/>', 14, 14)
            .'<rect x="191" y="-60" width="18" height="270" fill="'.$this->scene->round(self::ASH).'"/>'
            .'<path d="M188 196 h24 l2 40 q30 6 46 28 h-14 q-16 -16 -46 -16 q-30 0 -46 16 h-14 q16 -22 46 '.
                '-28z" fill="'.$this->scene->metal($metal).'"/>'
            .'<g fill="'.$this->scene->face(Scene::shade($metal, .12)).'">'.$tines.
                '</g><rect x="84" y="262" width="232" height="24" rx="6" fill="'.$this->scene->face($metal).'"/>'
            .'<path d="M92 268 h216" stroke="#fff" stroke-opacity=".55" stroke-width="3"/></g>';
    }

    public function hoe(string $metal): string
    {
        $head = '<path d="M128 300 h144 l-8 46 q-64 10 -128 0z"/>';

        return '<g transform="rotate(16 200 200)">'.
            $this->scene->cast($head.'<rect x="190" y="-30" width="20" height="270"/>', 14, 14)
            .'<rect x="190" y="-60" width="20" height="280" fill="'.$this->scene->round(self::ASH).
                '"/><rect x="186" y="196" width="28" height="40" rx="5" fill="'.
                $this->scene->metal(Scene::shade($metal, .1)).'"/>'
            .'<path d="M193 230 h14 q2 44 44 72 h-20 q-30 -16 -31 -34 q-1 18 -31 34 h-20 q42 -28 44 -72z" fill="'.
                $this->scene->metal($metal).'"/>'
            .'<path d="M128 300 h144 l-8 46 q-64 10 -128 0z" fill="'.$this->scene->face($metal).
                '"/><path d="M134 338 q66 10 130 0" stroke="#fff" stroke-opacity=".7" stroke-width="4" '.
                'fill="none"/></g>';
    }

    public function knife(string $metal): string
    {
        $blade = '<path d="M212 206 q14 -84 84 -146 q14 4 14 22 q-40 50 -56 150z"';
        $grip = '<path d="M198 210 l58 24 -24 92 q-10 26 -40 18 q-26 -10 -20 -36z"';

        return $this->scene->cast($blade.'/>'.$grip.'/>')
            .$blade.' fill="'.$this->scene->metal($metal).
                '"/><path d="M224 210 q14 -76 72 -136" stroke="#fff" stroke-opacity=".6" stroke-width="4" '.
                'fill="none"/>'
            .'<path d="M254 232 q16 -100 56 -150" stroke="'.Scene::shade($metal, .4).'" stroke-width="2" fill="none"/>'
            .$grip.' fill="'.$this->scene->round('#8a5a34').'"/><path d="M196 202 l66 28 -4 16 -66 -28z" fill="'.
                $this->scene->metal('#b98a2c').'"/>'
            .'<g fill="#e3c16c"><circle cx="213" cy="262" r="6"/><circle cx="202" cy="304" r="6"/></g>'.
                '<path d="M198 236 l-16 76" stroke="#fff" stroke-opacity=".28" stroke-width="5" '.
                'stroke-linecap="round"/>';
    }

    public function snips(string $metal): string
    {
        $blades = '<path d="M196 192 L150 48 q12 6 22 22 L214 186z M206 192 L236 44 q-14 8 -22 24 L190 186z"';
        $grips = '<path d="M190 196 q-62 40 -70 104 q0 40 34 38 q26 -4 24 -46 q-2 -48 32 -78" />'.
            '<path d="M212 196 q60 44 62 108 q-2 38 -34 34 q-26 -6 -22 -48 q6 -46 -26 -76"/>';

        return $this->scene->cast($blades.'/><g stroke-width="22" fill="none">'.$grips.'</g>')
            .'<g fill="none" stroke="'.Scene::shade('#2f5a45', .12).'" stroke-width="20" stroke-linecap="round">'.
                $grips.'</g>'
            .'<g fill="none" stroke="#6fa488" stroke-opacity=".7" stroke-width="5" stroke-linecap="round">'.$grips.
                '</g>'
            .$blades.' fill="'.$this->scene->metal($metal).
                '"/><path d="M160 70 L196 180" stroke="#fff" stroke-opacity=".7" stroke-width="3"/>'
            .'<circle cx="201" cy="194" r="13" fill="'.$this->scene->metal('#b98a2c').
                '"/><path d="M194 190 l14 8" stroke="#5e4c1c" stroke-width="3"/>';
    }

    private function handle(int $x, int $y, int $w, int $h, string $wood): string
    {
        return '<rect x="'.$x.'" y="'.$y.'" width="'.$w.'" height="'.$h.'" rx="15" fill="'.$this->scene->round($wood).
            '"/>'
            .'<path d="M'.($x + 6).' '.($y + 24).' q3 40 0 86 M'.($x + 14).' '.($y + 14).' q4 60 0 106 M'.($x + 23).
                ' '.($y + 24).' q3 50 0 90" stroke="#7a4f27" stroke-opacity=".35" fill="none"/>'
            .'<circle cx="'.($x + 15).'" cy="'.($y + 16).'" r="4.2" fill="#6b4422"/><path d="M'.($x + 11).' '.
                ($y + 24).' q-26 -34 -4 -46 q20 -8 14 40" fill="none" stroke="#3e2b1c" stroke-width="3" '.
                'stroke-linecap="round"/>';
    }

    private function collar(int $x, int $y, int $w): string
    {
        return '<rect x="'.$x.'" y="'.$y.'" width="'.$w.'" height="22" rx="4" fill="'.$this->scene->metal('#b98a2c').
            '"/>';
    }
}
