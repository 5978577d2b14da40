<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Things for watering; the colourway is the metal's. */
final readonly class Water
{
    public function __construct(private Scene $scene)
    {
    }

    public function rose(string $colour): string
    {
        $holes = '';
        for ($ring = 0; $ring < 5; $ring++) {
            $count = $ring === 0 ? 1 : $ring * 6;
            for ($i = 0; $i < $count; $i++) {
                $a = 2 * M_PI * $i / $count;
                $holes .= sprintf('<ellipse cx="%.1f" cy="%.1f" rx="3.4" ry="2.9"/>', 166 + cos($a) * $ring * 17.5, 170 + sin($a) * $ring * 16);
            }
        }

        return $this->scene->cast('<ellipse cx="170" cy="174" rx="96" ry="88"/><path d="M210 220 l100 100 20 -30 -90 -110z"/>')
            .'<path d="M246 148 L318 252 L284 290 L176 256z" fill="'.$this->scene->metal($colour).
                '"/><path d="M288 246 l38 54 -26 24 -44 -44z" fill="'.$this->scene->metal(Scene::shade($colour, .12)).
                '"/>'
            .'<path d="M296 272 l22 -20 M304 286 l22 -20 M312 300 l20 -20" stroke="'.Scene::shade($colour, .5).
                '" stroke-width="3.5"/>'
            .'<ellipse cx="166" cy="170" rx="96" ry="88" fill="'.$this->scene->metal(Scene::shade($colour, .08)).
                '"/><ellipse cx="166" cy="170" rx="86" ry="78" fill="'.$this->scene->face(Scene::tint($colour, .3)).
                '"/><g fill="'.Scene::shade($colour, .68).'">'.$holes.'</g>'
            .'<path d="M92 134 A82 74 0 0 1 150 94" stroke="#fff" stroke-opacity=".85" stroke-width="8" '.
                'fill="none" stroke-linecap="round"/>';
    }

    public function mister(string $colour): string
    {
        $metal = $this->scene->metal($colour);

        return $this->scene->stands(196, 336, 84, 15)
            .'<path d="M188 96 h26 v44 h-26z" fill="'.$metal.
                '"/><path d="M118 208 Q118 138 201 138 Q284 138 284 208 V300 Q284 338 201 338 Q118 338 118 300z" '.
                'fill="'.$metal.'"/>'
            .'<path d="M140 140 q60 -26 122 0 q-10 22 -61 22 q-50 0 -61 -22z" fill="'.Scene::shade($colour, .28).
                '" opacity=".55"/>'
            .'<rect x="176" y="84" width="50" height="26" rx="6" fill="'.
                $this->scene->metal(Scene::shade($colour, .14)).
                '"/><path d="M180 92 L110 82 L104 100 L180 106z" fill="'.$metal.
                '"/><circle cx="106" cy="91" r="11" fill="'.$this->scene->face(Scene::shade($colour, .3)).'"/>'
            .'<rect x="192" y="34" width="18" height="52" fill="'.$metal.
                '"/><ellipse cx="201" cy="34" rx="30" ry="11" fill="'.$this->scene->face(Scene::tint($colour, .2)).
                '"/>'
            .'<path d="M222 96 q54 10 40 74" stroke="'.Scene::shade($colour, .2).
                '" stroke-width="10" fill="none" stroke-linecap="round"/>'
            .'<path d="M124 222 q76 20 154 0 M124 296 q76 22 154 0" stroke="'.Scene::shade($colour, .45).
                '" stroke-opacity=".5" stroke-width="3" fill="none"/>'.
                '<path d="M144 186 V312" stroke="#fff" stroke-opacity=".6" stroke-width="10" '.
                'stroke-linecap="round"/>'
            .'<g fill="#fff" fill-opacity=".75"><circle cx="76" cy="82" r="3"/>'.
                '<circle cx="62" cy="94" r="2.6"/><circle cx="58" cy="76" r="2.2"/>'.
                '<circle cx="42" cy="88" r="2.6"/><circle cx="46" cy="104" r="2"/><circle cx="34" cy="70" r="2"/>'.
                '</g>';
    }

    public function can(string $colour): string
    {
        $metal = $this->scene->metal($colour);
        $dark = Scene::shade($colour, .32);

        return $this->scene->stands(200, 330, 124, 17).'<path d="M262 236 L330 150" stroke="'.
            Scene::shade($colour, .12).'" stroke-width="22" stroke-linecap="round"/>'.
            '<path d="M258 230 L326 146" stroke="#fff" stroke-opacity=".3" stroke-width="5"/>'
            .'<g transform="rotate(40 338 140)"><path d="M322 118 h32 l10 30 h-52z" fill="#8b7332"/>'.
                '<ellipse cx="338" cy="118" rx="17" ry="6" fill="#d6b75e"/><g fill="#5e4c1c">'.
                '<circle cx="331" cy="118" r="1.6"/><circle cx="338" cy="116" r="1.6"/>'.
                '<circle cx="345" cy="118" r="1.6"/></g></g>'
            .'<path d="M136 180 q-62 8 -54 78 q6 44 54 40" fill="none" stroke="'.$dark.
                '" stroke-width="13" stroke-linecap="round"/><path d="M136 180 q-56 10 -50 74" fill="none" stroke="'.
                Scene::tint($colour, .4).'" stroke-opacity=".7" stroke-width="4" stroke-linecap="round"/>'
            .'<path d="M150 172 q48 -96 108 -6" fill="none" stroke="'.$dark.
                '" stroke-width="12" stroke-linecap="round"/><path d="M156 160 q44 -78 92 -8" fill="none" stroke="'.
                Scene::tint($colour, .4).'" stroke-opacity=".7" stroke-width="3.5" stroke-linecap="round"/>'
            .'<path d="M134 166 L126 316 Q126 328 140 328 H262 Q276 328 276 316 L268 166Z" fill="'.$metal.
                '"/><ellipse cx="201" cy="166" rx="67" ry="13" fill="'.Scene::tint($colour, .1).
                '"/><path d="M150 163 q50 -12 102 0 q-50 14 -102 0z" fill="'.Scene::shade($colour, .7).'"/>'
            .'<path d="M131 214 q70 14 140 0 M128 290 q74 14 147 0" stroke="'.$dark.
                '" stroke-opacity=".6" stroke-width="3" fill="none"/>';
    }
}
