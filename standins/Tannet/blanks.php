<?php

declare(strict_types=1);

/**
 * What Tannet Print Works prints on: euro cents, grams, millimetres.
 *
 * Row: code, name, drawing, category, cost, grams, colours (name → colour), sizes (name → added cents), print areas (code → [name, width, height]),
 * methods (code → [name, first area, each further one, areas]), prose.
 */
$white = '#f2efe8';
$ink = '#2f3440';
$soil = '#5b4636';
$moss = '#5f7050';
$clay = '#b4623f';
$oat = '#dccdb0';
$garment = ['front' => ['Front', 300, 400], 'back' => ['Back', 300, 400], 'sleeve' => ['Sleeve', 90, 110]];
$print = ['transfer' => ['Direct print', 420, 310, ['front', 'back', 'sleeve']], 'screen' => ['Screen print', 290, 180, ['front', 'back']]];

return [
    ['TP-TEE', 'Heavy cotton tee', 'tee', 'Clothing', 610, 190, ['Oat' => $oat, 'White' => $white, 'Ink' => $ink, 'Moss' => $moss, 'Clay' => $clay], ['XS' => 0, 'S' => 0, 'M' => 0, 'L' => 0, 'XL' => 60, '2XL' => 240, '3XL' => 690], $garment, $print, 'Combed cotton, 190 g/m², taped shoulders.'],
    ['TP-TOT', 'Canvas tote', 'tote', 'Bags', 480, 240, ['Oat' => $oat, 'Ink' => $ink, 'Moss' => $moss], ['' => 0], ['front' => ['Front', 280, 320], 'back' => ['Back', 280, 320]], $print = ['transfer' => ['Direct print', 390, 280, ['front', 'back']], 'screen' => ['Screen print', 240, 160, ['front', 'back']]], 'Cotton canvas, 340 g/m², long handles.'],
    ['TP-APR', 'Work apron', 'apron', 'Clothing', 1120, 380, ['Oat' => $oat, 'Ink' => $ink, 'Soil' => $soil], ['' => 0], ['bib' => ['Bib', 240, 200], 'pocket' => ['Pocket', 260, 140]], ['transfer' => ['Direct print', 430, 300, ['bib', 'pocket']], 'stitch' => ['Embroidery', 690, 520, ['bib']]], 'Cotton twill with a double pocket.'],
    ['TP-MUG', 'Stoneware mug', 'mug', 'Kitchen', 390, 360, ['White' => $white, 'Clay' => $clay], ['30 cl' => 0, '40 cl' => 110], ['wrap' => ['All round', 200, 85]], ['fire' => ['Fired on', 310, 0, ['wrap']]], 'Holds a proper cup of tea. Dishwasher-safe print.'],
    ['TP-TOW', 'Linen tea towel', 'teatowel', 'Kitchen', 430, 120, ['White' => $white, 'Oat' => $oat], ['' => 0], ['whole' => ['Whole cloth', 460, 660]], ['screen' => ['Screen print', 260, 0, ['whole']], 'transfer' => ['Direct print', 410, 0, ['whole']]], 'Half linen with a loop for hanging.'],
    ['TP-POS', 'Art print on cotton paper', 'poster', 'Paper', 320, 210, ['Natural white' => '#f6f1e4'], ['A4' => 0, 'A3' => 190, 'A2' => 480], ['sheet' => ['Sheet', 400, 560]], ['giclee' => ['Pigment print', 280, 0, ['sheet']]], 'Cotton paper, 300 g/m², posted in a stiff tube.'],
];
