<?php

declare(strict_types=1);

// What words in suppliers' titles mean, for core/Words/TitleFacts.php. Each list is written in singular, small letters.
return [
    // What a thing is: the last word of its name.
    'heads' => 'apron bag barrel basket bell blanket bottle bowl box brush bucket bundle calendar candle cane cap card chisel cloche cloth '.
        'coat crate cup cushion dibber dish forcer fork frame gauge glove greenhouse hammer hat hoe hook jar jug kettle key '.
        'kneeler knife label lamp lantern light line mat mister mug netting notebook pad pan peg pen pillow pitcher plane '.
        'planter plate pliers pole pot poster print propagator rack rake riddle ring rope rose saucer saw scarf scissors scoop '.
        'secateurs shears shelf shirt shovel sieve snips sock spade spoon stand sticker stool string sweatshirt tag '.
        'tee thermometer thimble tin tongs tote towel tray trowel trug tub twine umbrella vase wallet watch weeder wrap',
    // Heads that stand before another head and say what it is for: a twine tin is a tin.
    'before' => 'bean bird butterfly bottle card cane flower glove greenhouse key knife label lamp light plant pot rope seed string '.
        'tea twine watering peg pen',
    'holding' => 'bag basket box can dispenser frame holder jar label packet pot pole rack rose stand tag thermometer tin '.
        'tray tub',
    // What is sold for a thing, and isn't it.
    'for' => 'cover panel replacement refill',
    // Two words that are one thing.
    'pairs' => 'watering-can cold-frame grow-bag rain-gauge tea-towel bell-jar',
    // Words that tell one such thing from another; they stay in its name.
    'sorts' => 'bean bird bulb bunch butterfly border bypass compost cut draw flower folding fruit grow hand harvest heated '.
        'hanging herb indoor kneeling onion packet pillar plant planting plug pocket potting pruning rain salad seed soil spray tea '.
        'transplanting unheated tool vegetable watering weeding wall kitchen balcony tarred',
    // Words between a sort and its thing that don't part them.
    'between' => 'garden gardening storage small mini large classic the fibre',
    // Materials as they are said of a thing ("of …"), by how they are written.
    'materials' => [
        'ash' => 'ash', 'bamboo' => 'bamboo', 'beech' => 'beech', 'brass' => 'brass', 'bronze' => 'bronze',
        'canvas' => 'canvas', 'cedar' => 'cedar', 'ceramic' => 'ceramic', 'clay' => 'clay', 'copper' => 'copper',
        'cotton' => 'cotton', 'enamel' => 'enamel', 'enamelled' => 'enamel', 'felt' => 'felt', 'fir' => 'fir',
        'foam' => 'foam', 'galvanised' => 'galvanised steel', 'galvanized' => 'galvanised steel', 'glass' => 'glass',
        'goatskin' => 'goatskin', 'hazel' => 'hazel', 'iron' => 'iron', 'jute' => 'jute', 'leather' => 'leather',
        'linen' => 'linen', 'metal' => 'metal', 'neoprene' => 'neoprene', 'nitrile' => 'nitrile', 'oak' => 'oak',
        'plastic' => 'plastic', 'polycarbonate' => 'polycarbonate', 'rubber' => 'rubber', 'slate' => 'slate',
        'stainless' => 'stainless steel', 'steel' => 'steel', 'stone' => 'stone', 'stoneware' => 'stoneware',
        'terracotta' => 'terracotta', 'walnut' => 'walnut', 'willow' => 'willow', 'wood' => 'wood', 'wooden' => 'wood',
        'wool' => 'wool', 'woollen' => 'wool', 'zinc' => 'zinc',
    ],
    // Of two that are said together, the one that says less.
    'vaguer' => [
        'steel' => ['stainless steel', 'galvanised steel'],
        'metal' => ['steel', 'stainless steel', 'galvanised steel', 'iron', 'copper', 'brass', 'bronze', 'zinc'],
        'wood' => ['ash', 'beech', 'cedar', 'fir', 'hazel', 'oak', 'walnut', 'willow'],
        'leather' => ['goatskin'],
        'clay' => ['terracotta'],
        'stone' => ['slate'],
    ],
    // How a material stands before a name, where it isn't said as it is.
    'adjectives' => ['wood' => 'wooden', 'wool' => 'woollen'],
    // Parts of a thing that a title names, and those that are worth naming by themselves.
    'parts' => 'blade cover cuff dial handle lid mesh palm pocket reservoir rim rose spout stake stem strap tine tooth tube',
    'alone' => [
        'cutter' => 'a cutter', 'lid' => 'a lid', 'vents' => 'vents', 'with dome' => 'a dome', 'dividers' => 'dividers',
        'pockets' => 'pockets', 'drainage' => 'drainage holes', 'depth marks' => 'depth marks',
    ],
    // What a part may be besides of some material.
    // Parts that a pair of things has two of.
    'twofold' => 'cuff palm',
    'shapes' => 'curved fine long narrow sharp short wide',
    // What may be said of a thing as a whole.
    'features' => [
        'biodegradable' => 'biodegradable', 'breathable' => 'breathable', 'embossable' => 'embossable',
        'flexible' => 'flexible', 'lightweight' => 'light', 'reusable' => 'reusable', 'rot proof' => 'rot-proof',
        'rustproof' => 'rustproof', 'spring loaded' => 'spring-loaded', 'thorn proof' => 'thorn-proof',
        'waterproof' => 'waterproof', 'weatherproof' => 'weatherproof', 'handmade' => 'handmade', 'recycled' => 'recycled',
    ],
];
