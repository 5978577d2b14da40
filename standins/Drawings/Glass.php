<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** Growing under glass, and instruments; the colourway is the frame's, base's or dial's. */
final readonly class Glass
{
    public function __construct(private Scene $scene)
    {
    }

    public function propagator(string $colour): string
    {
        return $this->scene->stands(200, 322, 150, 15)
            .'<g stroke="#4f7a3a" stroke-width="4" fill="#86b55f">'.
                '<path d="M120 262 v-34 q-16 -2 -20 -18 q18 0 20 16 q2 -18 20 -20 q-2 18 -20 22"/>'.
                '<path d="M172 264 v-46 q-18 -2 -22 -20 q20 0 22 18 q2 -20 22 -22 q-2 20 -22 24"/>'.
                '<path d="M228 264 v-40 q-18 -2 -22 -20 q20 0 22 18 q2 -20 22 -22 q-2 20 -22 24"/>'.
                '<path d="M282 262 v-30 q-16 -2 -20 -18 q18 0 20 16 q2 -18 20 -20 q-2 18 -20 22"/></g>'
            .'<path d="M76 258 Q80 132 108 122 H292 Q320 132 324 258z" fill="'.$this->scene->glass().
                '" stroke="#fff" stroke-opacity=".75" stroke-width="3"/>'
            .'<path d="M108 122 H292" stroke="#8fa5a0" stroke-opacity=".6" stroke-width="2"/>'.
                '<rect x="176" y="108" width="48" height="16" rx="6" fill="'.$this->scene->face($colour).'"/>'
            .'<path d="M96 246 Q100 152 122 140" stroke="#fff" stroke-width="7" stroke-opacity=".8" '.
                'fill="none" stroke-linecap="round"/><path d="M200 124 V256" stroke="#fff" stroke-opacity=".35" '.
                'stroke-width="3"/>'
            .'<path d="M64 256 H336 L322 322 H78z" fill="'.$this->scene->face($colour).
                '"/><rect x="58" y="250" width="284" height="18" rx="5" fill="'.Scene::tint($colour, .14).
                '"/><path d="M110 276 l4 40 M160 276 l2 40 M240 276 l-2 40 M290 276 l-4 40" stroke="'.
                Scene::shade($colour, .4).'" stroke-opacity=".55" stroke-width="3"/>';
    }

    public function coldFrame(string $colour): string
    {
        $front = $this->scene->face($colour);

        return $this->scene->stands(205, 322, 158, 16).'<path d="M84 178 L196 140 H336 L300 214 H52z" fill="#6d5b40"/>'
            .'<g fill="#7fae5c" stroke="#4b7335" stroke-width="2"><circle cx="130" cy="190" r="20"/>'.
                '<circle cx="186" cy="182" r="24"/><circle cx="246" cy="186" r="21"/></g>'
            .'<path d="M52 214 H300 V316 H52z" fill="'.$front.'"/><path d="M300 214 L336 140 V262 L300 316z" fill="'.
                Scene::shade($colour, .34).'"/>'
            .'<path d="M52 248 H300 M52 282 H300" stroke="'.Scene::shade($colour, .38).
                '" stroke-opacity=".6" stroke-width="2.5"/><path d="M300 248 L336 184 M300 282 L336 222" stroke="'.
                Scene::shade($colour, .6).'" stroke-opacity=".5" stroke-width="2.5"/>'
            .'<path d="M40 196 L92 92 H350 L308 196z" fill="'.$this->scene->glass('#d5e6e4').
                '"/><path d="M40 196 L92 92 H350 L308 196z" fill="none" stroke="'.Scene::tint($colour, .14).
                '" stroke-width="12" stroke-linejoin="round"/>'
            .'<path d="M174 196 L221 92" stroke="'.Scene::tint($colour, .14).
                '" stroke-width="9"/><path d="M74 176 L108 108 M96 176 L116 136 M206 176 L236 112" stroke="#fff" '.
                'stroke-opacity=".8" stroke-width="6" stroke-linecap="round"/>'
            .'<path d="M40 196 H308 V214 H46z" fill="'.$this->scene->face(Scene::tint($colour, .1)).
                '"/><circle cx="176" cy="205" r="6" fill="#3a352d"/>';
    }

    public function cloche(string $colour): string
    {
        return $this->scene->stands(200, 326, 118, 16).'<ellipse cx="200" cy="322" rx="112" ry="16" fill="#5c4931"/>'
            .'<g stroke="#47702f" stroke-width="3" fill="#8fbe64">'.
                '<path d="M200 316 q-54 -8 -64 -58 q52 4 64 58z"/>'.
                '<path d="M200 316 q54 -8 64 -58 q-52 4 -64 58z"/>'.
                '<path d="M200 316 q-34 -54 0 -106 q34 52 0 106z"/></g>'.
                '<path d="M200 312 V226" stroke="#47702f" stroke-width="2.5"/>'
            .'<path d="M92 322 Q88 110 200 92 Q312 110 308 322 Q200 344 92 322z" fill="'.
                $this->scene->glass(Scene::tint($colour, .45)).
                '" stroke="#fff" stroke-opacity=".85" stroke-width="3"/>'
            .'<circle cx="200" cy="76" r="21" fill="'.$this->scene->glass($colour).
                '" stroke="#fff" stroke-width="2.5"/><path d="M188 92 h24 v10 h-24z" fill="'.Scene::tint($colour, .4).
                '" opacity=".8"/>'
            .'<path d="M116 300 Q114 158 178 118" stroke="#fff" stroke-opacity=".85" stroke-width="10" '.
                'fill="none" stroke-linecap="round"/><path d="M286 290 Q288 186 252 140" stroke="#fff" '.
                'stroke-opacity=".45" stroke-width="5" fill="none" stroke-linecap="round"/>'.
                '<ellipse cx="200" cy="322" rx="108" ry="13" fill="none" stroke="#fff" stroke-opacity=".6" '.
                'stroke-width="3"/>';
    }

    public function gauge(string $colour): string
    {
        $marks = '';
        for ($i = 0; $i < 10; $i++) {
            $marks .= '<path d="M174 '.(276 - $i * 17).' h'.($i % 5 === 0 ? 26 : 14).
                '" stroke="#22394a" stroke-width="2.6"/>';
        }

        return $this->scene->stands(200, 344, 60, 11).'<path d="M196 300 h10 v48 l-5 14 -5 -14z" fill="'.
            $this->scene->metal($colour).'"/>'
            .'<path d="M170 206 V296 Q170 312 201 312 Q232 312 232 296 V206z" fill="#8fc0d8" opacity=".75"/>'.
                '<ellipse cx="201" cy="206" rx="31" ry="7" fill="#b9dcea"/>'
            .'<path d="M166 104 V298 Q166 318 201 318 Q236 318 236 298 V104z" fill="'.$this->scene->glass('#cfdfe6').
                '" stroke="#fff" stroke-opacity=".8" stroke-width="2.5"/>'
            .'<path d="M134 66 H268 L240 112 H162z" fill="'.$this->scene->glass('#bfd3dc').
                '" stroke="#fff" stroke-width="2.5"/><ellipse cx="201" cy="66" rx="67" ry="13" fill="#e8f1f2" '.
                'opacity=".9" stroke="'.$colour.'" stroke-width="5"/>'.$marks
            .'<rect x="156" y="228" width="90" height="22" rx="8" fill="'.$this->scene->metal($colour).
                '"/><path d="M176 112 V300" stroke="#fff" stroke-opacity=".8" stroke-width="6" '.
                'stroke-linecap="round"/>';
    }

    public function thermometer(string $colour): string
    {
        $ticks = '';
        for ($i = 0; $i < 13; $i++) {
            $ticks .= '<path d="M0 -70 v'.($i % 3 === 0 ? 14 : 8).'" transform="rotate('.(-120 + $i * 20).
                ')" stroke="#2d2a26" stroke-width="'.($i % 3 === 0 ? 3.4 : 2).'"/>';
        }

        return $this->scene->cast('<circle cx="140" cy="136" r="92"/><path d="M194 196 l140 150 -8 6 -146 -146z"/>')
            .'<path d="M190 186 L342 356 L326 346 L178 198z" fill="'.$this->scene->metal('#b9c0c4').
                '"/><path d="M188 192 L334 350" stroke="#fff" stroke-opacity=".7" stroke-width="2.5"/>'
            .'<g transform="translate(140 136)"><circle r="92" fill="'.$this->scene->metal($colour).
                '"/><circle r="80" fill="#fbf6ea"/><path d="M-52 44 A68 68 0 0 1 -34 -59" fill="none" '.
                'stroke="#5d88b5" stroke-width="9"/><path d="M-34 -59 A68 68 0 0 1 40 -55" fill="none" '.
                'stroke="#7ea35a" stroke-width="9"/><path d="M40 -55 A68 68 0 0 1 52 44" fill="none" '.
                'stroke="#c4573a" stroke-width="9"/>'
            .$ticks.'<path d="M-4 10 L28 -50 L6 14z" fill="#b03524"/><circle r="9" fill="#3a352e"/>'.
                '<path d="M-62 -46 A78 78 0 0 1 10 -77" fill="none" stroke="#fff" stroke-opacity=".85" '.
                'stroke-width="7" stroke-linecap="round"/></g>';
    }
}
