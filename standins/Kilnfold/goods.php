<?php

declare(strict_types=1);

/**
 * What Kilnfold makes: trade prices in pence and grams.
 *
 * Row: range code, name, section, drawing, trade price, grams, glazes (name → colour), sizes (name → added pence), RRP in pence, prose, and
 * where Oakum Depot lists the same goods, Oakum's item code with its own names for glaze and size, in the same order.
 */
$clay = '#c4683d';
$chalk = '#d8cfbf';
$slate = '#6d7478';
$moss = '#71805b';
$ink = '#3f4a58';

return [
    ['KF-POT', 'Hand-thrown flower pots, a pair', 'Pots', 'pots', 640, 1900, ['Terracotta' => $clay, 'Chalk' => $chalk, 'Slate' => $slate], ['12 cm' => 0, '18 cm' => 410, '24 cm' => 980], 2400, 'Thrown at the wheel and wood-fired; each carries its maker’s thumb print under the rim. Frost-proof to −15 °C.', 'OD-1048', ['TRC-15', 'WHT-23', 'GRY-12'], ['Pair, 12 cm', 'Pair, 18 cm', 'Pair, 24 cm']],
    ['KF-TOM', 'Long tom', 'Pots', 'pots', 720, 2100, ['Terracotta' => $clay, 'Ink' => $ink], ['' => 0], 2600, 'A tall pot for deep roots: sweet peas, parsley, a young fig.', 'OD-1049', ['TRC-15', 'BLK-03'], ['']],
    ['KF-PAN', 'Alpine pan', 'Pots', 'pots', 580, 1500, ['Terracotta' => $clay, 'Moss' => $moss], ['20 cm' => 0, '28 cm' => 390], 2100, 'Wide and shallow, for sempervivums and seedlings.', null, [], []],
    ['KF-SAU', 'Saucer', 'Pots', 'tray', 190, 620, ['Terracotta' => $clay, 'Chalk' => $chalk, 'Slate' => $slate], ['14 cm' => 0, '20 cm' => 90, '26 cm' => 210], 750, 'Glazed inside, so that it holds water and the sill stays dry.', null, [], []],
    ['KF-FOR', 'Rhubarb forcer with lid', 'Forcing', 'cloche', 3900, 9800, ['Terracotta' => $clay], ['45 cm' => 0, '60 cm' => 1650], 11500, 'Brings tender stems three weeks early. The lid lifts off to look.', null, [], []],
    ['KF-KAL', 'Sea-kale bell', 'Forcing', 'cloche', 2950, 7600, ['Terracotta' => $clay, 'Slate' => $slate], ['' => 0], 8900, 'A bell with a knob for lifting and a drip edge.', null, [], []],
    ['KF-CLO', 'Bell cloche in glass', 'Glasshouse', 'cloche', 1080, 1650, ['Clear' => '#b9d6cd', 'Green' => '#9cc4a4'], ['22 cm' => 0, '30 cm' => 620], 3900, 'Blown glass with a knob of solid glass. Keeps frost off and slugs out.', 'OD-1027', ['CLR-16', 'GRN-05'], ['22 cm', '30 cm']],
    ['KF-FRM', 'Cold frame in cedar', 'Glasshouse', 'coldframe', 6400, 14200, ['Oiled' => '#b98a5c', 'Painted green' => '#5d7f63'], ['90 cm' => 0, '120 cm' => 1900], 17900, 'Western red cedar and toughened glass, with a two-step stay.', null, [], []],
    ['KF-PRO', 'Clay-based propagator', 'Glasshouse', 'propagator', 1850, 3400, ['Terracotta' => $clay, 'Ink' => $ink], ['' => 0], 5600, 'A clay base that keeps an even warmth under a glass lid.', null, [], []],
    ['KF-LAB', 'Stoneware plant labels', 'Small things', 'labels', 430, 480, ['Chalk' => $chalk, 'Slate' => $slate], ['Set of 6' => 0, 'Set of 12' => 330], 1650, 'Unglazed on the face, so that pencil stays readable for years.', null, [], []],
    ['KF-GAU', 'Rain gauge on a stake', 'Small things', 'gauge', 520, 420, ['Copper' => '#b8693c', 'Brass' => '#c39a3a'], ['Stake' => 0, 'Wall' => 90], 2200, 'A glass tube with a scale burnt in.', 'OD-1041', ['CPR-02', 'BRS-04'], ['Stake', 'Wall']],
    ['KF-THE', 'Greenhouse thermometer', 'Small things', 'thermometer', 990, 390, ['Brass' => '#c39a3a'], ['' => 0], 3400, 'Shows the least and the most since it was last set.', 'OD-1061', ['BRS-04'], ['']],
    ['KF-CAN', 'Stoneware watering pot', 'Watering', 'can', 2450, 2600, ['Moss' => $moss, 'Ink' => $ink, 'Chalk' => $chalk], ['2 litres' => 0], 6900, 'For seedlings: the rose is fired in one piece with the spout.', null, [], []],
    ['KF-BAG', 'Potato barrel in clay', 'Pots', 'growbag', 5200, 16500, ['Terracotta' => $clay], ['40 litres' => 0], 14900, 'Heavy enough to stay where it stands. Three hatches for picking from below.', null, [], []],
];
