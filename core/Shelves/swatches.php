<?php

declare(strict_types=1);

/**
 * Colours of materials and finishes that goods come in, besides the plain names of colours that looks know.
 *
 * @return array<string, string> name → #rrggbb
 */
return [
    'ash' => '#d9c39a',
    'bamboo' => '#d8bf85',
    'bone' => '#e9e1cf',
    'brass' => '#c39a43',
    'bronze' => '#8a6238',
    'clay' => '#b4674a',
    'copper' => '#b36b3f',
    'galvanised' => '#b4babd',
    'hessian' => '#b99f73',
    'ivory' => '#f1ead8',
    'jute' => '#b89b6a',
    'natural' => '#d7c5a0',
    'oak' => '#b98d56',
    'silver' => '#c3c7ca',
    'slate' => '#4c545b',
    'steel' => '#a9aeb2',
    'stone' => '#b6afa2',
    'tan' => '#b98a58',
    'white' => '#fbfaf6',
    'wood' => '#b78a57',
    'zinc' => '#a3abae',
];
