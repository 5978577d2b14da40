<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Things that hold other things. */
final readonly class Vessels
{
    public function __construct(private Scene $scene)
    {
    }

    public function trug(string $colour): string
    {
        $slats = '';
        foreach ([0, 26, 52, 78] as $i => $d) {
            $slats .= '<path d="M'.(58 + $d * .62).' '.(214 + $d).' Q200 '.(250 + $d * 1.1).' '.(342 - $d * .62).' '.
                (214 + $d).' L'.(336 - $d * .62).' '.(238 + $d).' Q200 '.(276 + $d * 1.1).' '.(64 + $d * .62).' '.
                (238 + $d).'z" fill="'.$this->scene->face($i % 2 ? Scene::shade($colour, .1) : $colour).'"/>';
        }

        return $this->scene->stands(200, 334, 118, 15).
            '<path d="M110 216 Q104 60 200 58 Q296 60 290 216" fill="none" stroke="'.Scene::shade($colour, .3).
            '" stroke-width="17"/><path d="M108 214 Q102 58 200 54 Q298 58 292 214" fill="none" stroke="'.
            Scene::tint($colour, .22).'" stroke-width="7"/>'
            .'<ellipse cx="200" cy="216" rx="142" ry="34" fill="'.Scene::shade($colour, .62).
                '"/><g stroke-width="2"><circle cx="150" cy="206" r="26" fill="#c7502f" stroke="#8f3119"/>'.
                '<circle cx="206" cy="200" r="29" fill="#d06a3c" stroke="#95451f"/>'.
                '<circle cx="256" cy="208" r="24" fill="#c7502f" stroke="#8f3119"/>'.
                '<path d="M150 182 q-4 -16 8 -22 M206 172 q-2 -18 12 -24 M256 186 q0 -14 10 -18" stroke="#4f7a3c" '.
                'stroke-width="5" fill="none" stroke-linecap="round"/></g>'
            .$slats.'<path d="M56 212 Q200 250 344 212" fill="none" stroke="'.Scene::tint($colour, .25).
                '" stroke-width="11" stroke-linecap="round"/><g fill="#6e5a3a"><circle cx="114" cy="232" r="4"/>'.
                '<circle cx="286" cy="232" r="4"/></g>'
            .'<path d="M130 318 h140 l-6 14 h-128z" fill="'.Scene::shade($colour, .34).'"/>';
    }

    public function sieve(string $colour): string
    {
        $mesh = '';
        for ($i = -9; $i <= 9; $i++) {
            $mesh .= '<path d="M'.(200 + $i * 15).' 90 V290 M40 '.(186 + $i * 9).' H360"/>';
        }

        return $this->scene->stands(206, 296, 150, 20).
            '<path d="M56 186 V242 Q60 318 200 320 Q340 318 344 242 V186z" fill="'.$this->scene->round($colour).
            '"/><path d="M60 262 Q80 300 200 302 Q320 300 340 262" fill="none" stroke="'.Scene::shade($colour, .4).
            '" stroke-opacity=".5" stroke-width="3"/>'
            .'<ellipse cx="200" cy="186" rx="144" ry="82" fill="'.Scene::tint($colour, .18).
                '"/><ellipse cx="200" cy="190" rx="130" ry="70" fill="'.Scene::shade($colour, .3).
                '"/><clipPath id="mesh"><ellipse cx="200" cy="196" rx="124" ry="62"/></clipPath>'
            .'<ellipse cx="200" cy="196" rx="124" ry="62" fill="#b9ad97"/>'.
                '<g clip-path="url(#mesh)" stroke="#5d6468" stroke-width="2.2">'.$mesh.
                '</g><path d="M76 172 Q104 116 190 108" stroke="#fff" stroke-opacity=".6" stroke-width="6" '.
                'fill="none" stroke-linecap="round"/><path d="M70 236 V258" stroke="#fff" stroke-opacity=".4" '.
                'stroke-width="8" stroke-linecap="round"/>';
    }

    public function pots(string $colour): string
    {
        return '<g transform="translate(128 88) scale(.68)">'.$this->pot($colour, false).
            '</g><g transform="translate(-34 54) scale(.86)">'.$this->pot($colour, true).'</g>';
    }

    public function tray(string $colour): string
    {
        $cells = '';
        for ($row = 0; $row < 3; $row++) {
            for ($col = 0; $col < 5; $col++) {
                $x = 92 + $col * 46 - $row * 12;
                $y = 176 + $row * 34;
                $cells .= '<path d="M'.$x.' '.$y.' h38 l-9 25 h-38z" fill="#3f2e1f"/>'.
                    (($row + $col) % 2 !== 0 ? '' : '<path d="M'.($x + 15).' '.($y + 12).' v-22 q-12 -2 -14 -14 '.
                        'q13 0 14 12 q2 -13 15 -14 q-1 13 -15 16" stroke="#4f7a3a" stroke-width="3" fill="#8fbe64"/>');
            }
        }

        return $this->scene->cast('<path d="M84 160 H336 L300 292 H36z"/>', 10, 26).
            '<path d="M36 292 H300 V318 H44z" fill="'.$this->scene->face($colour).
            '"/><path d="M300 292 L340 160 V184 L302 318z" fill="'.Scene::shade($colour, .45).
            '"/><path d="M84 158 H342 L302 294 H34z" fill="'.$this->scene->face(Scene::tint($colour, .1)).'"/>'.
            $cells
            .'<path d="M40 290 L86 162 H336" stroke="#fff" stroke-opacity=".45" stroke-width="4" fill="none"/>';
    }

    private function pot(string $colour, bool $planted): string
    {
        $plant = '<g stroke="#4f7a3a" stroke-width="5" fill="none" stroke-linecap="round">'.
            '<path d="M200 108 q-4 -40 -2 -66"/></g><path d="M198 66 q-44 -8 -56 -40 q44 -6 56 40z" '.
            'fill="#6c9a4c"/><path d="M199 58 q6 -42 48 -44 q0 40 -48 44z" fill="#86b55f"/>'.
            '<path d="M198 66 q-26 -18 -48 -34 M199 58 q20 -24 40 -38" stroke="#41682e" stroke-opacity=".55" '.
            'stroke-width="2" fill="none"/>';

        return $this->scene->stands(202, 332, 104, 17).
            '<path d="M118 150 L140 322 Q142 332 152 332 H248 Q258 332 260 322 L282 150 Z" fill="'.
            $this->scene->round($colour).'"/><path d="M118 150 L121 174 Q200 190 279 174 L282 150Z" fill="'.
            Scene::shade($colour, .5).'" opacity=".36"/>'
            .'<rect x="104" y="104" width="192" height="52" rx="7" fill="'.
                $this->scene->round(Scene::tint($colour, .06)).'"/><ellipse cx="200" cy="106" rx="95" ry="13" fill="'.
                Scene::shade($colour, .5).'"/><ellipse cx="200" cy="109" rx="86" ry="9" fill="#3a2318"/>'
            .'<path d="M137 190 L151 318" stroke="#fff" stroke-opacity=".4" stroke-width="7" '.
                'stroke-linecap="round"/><path d="M116 116 v30" stroke="#fff" stroke-opacity=".45" '.
                'stroke-width="6" stroke-linecap="round"/>'.($planted ? $plant : '');
    }
}
