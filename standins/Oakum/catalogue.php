<?php

declare(strict_types=1);

/**
 * What Oakum Depot lists in the demo: US cents and grams.
 *
 * Row: code, supplier title, category, drawing, unit cost, grams, colours (as the supplier codes them → colour), more:
 *   clr      what the colour option is called ("Clr" unless given)
 *   sizes    size → added cents; the option is called "Size"
 *   from     warehouses with stock (GB, DE, CN, US)
 *   ships    true: a "Ships from" option doubles every variant per warehouse
 *   rrp      recommended price in cents
 *   prose    which of the supplier's texts; kinds: variants drawn as different goods; costs: cents added for each of them
 */
$steel = '#b9c1c5';
$copper = '#b8693c';
$black = '#3a3c40';
$brass = '#c39a3a';
$green = '#3d6b58';
$red = '#b0483a';
$blue = '#46688c';
$cream = '#d9c9a3';
$natural = '#c9a06a';
$grey = '#7d8285';

return [
    ['OD-1001', '2026 NEW Garden Hand Trowel Shovel Stainless Wood Handle HOT Outdoor Tool 1pc', 'Hand tools', 'trowel', 540, 310, ['STL-01' => $steel, 'CPR-02' => $copper, 'BLK-03' => $black], 'from' => ['CN', 'DE', 'EU', 'GB', 'US'], 'ships' => true, 'rrp' => 2400],
    ['OD-1002', 'Hand Fork Weeding Garden Three Tines Ash Wood Handle Premium Quality Gardening', 'Hand tools', 'fork', 560, 330, ['STL-01' => $steel, 'CPR-02' => $copper], 'from' => ['GB', 'DE'], 'rrp' => 2400],
    ['OD-1003', 'Transplanting Spade Long Narrow Blade T-Handle Garden Shovel Heavy Duty', 'Hand tools', 'spade', 1480, 1150, ['STL-01' => $steel, 'BLK-03' => $black], 'sizes' => ['66 cm' => 0, '90 cm' => 420], 'from' => ['GB', 'DE'], 'rrp' => 5200],
    ['OD-1004', 'Wooden Dibber Seed Planter Bulb Dibbler Depth Marks T Handle Gift for Gardener', 'Hand tools', 'dibber', 420, 340, ['STL-01' => $steel, 'BRS-04' => $brass], 'from' => ['GB', 'CN'], 'rrp' => 1900],
    ['OD-1005', 'Soil Rake 12 Teeth Garden Rake Head with Handle Leveling Ground Rake Metal', 'Hand tools', 'rake', 1120, 1350, ['STL-01' => $steel, 'GRN-05' => $green], 'from' => ['GB', 'DE'], 'rrp' => 3900],
    ['OD-1006', 'Draw Hoe Swan Neck Garden Hoe Weeding Tool Long Handle Farm Agricultural', 'Hand tools', 'hoe', 980, 1280, ['STL-01' => $steel], 'sizes' => ['120 cm' => 0, '150 cm' => 260], 'from' => ['GB', 'DE'], 'rrp' => 3600],
    ['OD-1007', 'Harvest Knife Curved Blade Vegetable Cutting Knife Mushroom Asparagus Wood Handle', 'Hand tools', 'knife', 610, 190, ['STL-01' => $steel, 'BLK-03' => $black], 'from' => ['GB', 'CN'], 'rrp' => 2600],
    ['OD-1008', 'Cut Flower Snips Floral Scissors Pruning Shears Bonsai Japanese Style Sharp', 'Hand tools', 'snips', 470, 170, ['STL-01' => $steel, 'BLK-03' => $black, 'GLD-06' => $brass], 'sizes' => ['Fine' => 0, 'Strong' => 60], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 2100],
    ['OD-1009', 'Mini Hand Trowel Potting Scoop Narrow Succulent Tool Small Shovel Indoor Plant', 'Hand tools', 'trowel', 260, 150, ['STL-01' => $steel, 'CPR-02' => $copper, 'GRN-05' => $green], 'sizes' => ['Narrow' => 0, 'Wide' => 20], 'from' => ['CN', 'DE'], 'rrp' => 1200],
    ['OD-1010', 'Copper Hand Fork Bronze Garden Tool Anti Slug Soil Health Non Rust Handmade', 'Hand tools', 'fork', 1690, 360, ['CPR-02' => $copper], 'from' => ['DE'], 'rrp' => 6400],
    ['OD-1011', 'Bulb Planting Dibber Ergonomic Handle Lawn Bulb Planter Autumn Tool', 'Hand tools', 'dibber', 690, 480, ['STL-01' => $steel], 'from' => ['US'], 'rrp' => 2500],
    ['OD-1012', 'Children Garden Rake Kids Size Safe Wooden Handle School Garden', 'Hand tools', 'rake', 540, 620, ['STL-01' => $steel, 'RED-07' => $red, 'BLU-08' => $blue], 'sizes' => ['70 cm' => 0, '90 cm' => 120], 'from' => ['GB', 'CN'], 'rrp' => 1800],
    ['OD-1013', 'Gardener Tool Bundle Multi Style Choose Trowel Gloves Twine BEST SELLER 2026', 'Sets', 'trowel', 520, 300, ['STYLE A Trowel' => $steel, 'STYLE B Gloves' => '#c98f50', 'STYLE C Twine' => '#6f9158', 'STYLE D Snips' => $steel, 'STYLE E Dibber' => '#a06a3c'], 'clr' => 'Style', 'sizes' => ['S' => 0, 'L' => 60], 'from' => ['CN', 'GB'], 'rrp' => 2200, 'kinds' => ['trowel', 'gloves', 'twine', 'snips', 'dibber'], 'costs' => [0, 190, -360, -140, 60]],
    ['OD-1014', 'Jute Garden Twine Natural Plant Tie String Biodegradable 150m Roll Craft', 'Tying and training', 'twine', 180, 260, ['GRN-05' => '#6f9158', 'NAT-09' => '#bd9a66', 'RED-07' => '#a8584a', 'BLU-08' => '#5c7f9c'], 'sizes' => ['75 m' => 0, '150 m' => 90, '300 m' => 210], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 850],
    ['OD-1015', 'Tarred Twine Rot Proof Outdoor String Strong Marine Garden Line', 'Tying and training', 'twine', 310, 330, ['BLK-03' => '#4c443b', 'BRN-10' => '#7d5a33'], 'from' => ['GB'], 'rrp' => 1300],
    ['OD-1016', 'Twine Tin Dispenser with Cutter Metal String Holder Box Retro Garden Gift', 'Tying and training', 'twinetin', 490, 380, ['GRN-05' => $green, 'CRM-11' => $cream, 'RED-07' => $red, 'GRY-12' => $grey], 'sizes' => ['Small' => 0, 'Tall' => 140], 'from' => ['GB', 'DE'], 'rrp' => 2100],
    ['OD-1017', 'Slate Plant Labels Set Garden Markers Natural Stone Write On Herb Signs', 'Labels', 'labels', 330, 540, ['SLT-13' => '#4a5258'], 'clr' => 'Stone', 'sizes' => ['Set of 6' => 0, 'Set of 12' => 280, 'Set of 24' => 790], 'from' => ['GB', 'CN'], 'rrp' => 1600],
    ['OD-1018', 'Wooden Plant Labels Beech Markers Seed Tags Eco Friendly Bulk', 'Labels', 'labels', 120, 140, ['WOOD' => '#cfa878'], 'clr' => 'Material', 'sizes' => ['Set of 10' => 0, 'Set of 25' => 110, 'Set of 50' => 240], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 700],
    ['OD-1019', 'Copper Plant Labels Embossable Permanent Weatherproof Garden Tags', 'Labels', 'labels', 510, 210, ['CPR-02' => '#b8693c', 'ZNC-14' => '#9aa4a8'], 'sizes' => ['Set of 6' => 0, 'Set of 12' => 430], 'from' => ['GB', 'DE'], 'rrp' => 2200],
    ['OD-1020', 'Seed Tin Storage Box Organizer Monthly Dividers Seed Packet Holder Vintage', 'Seeds and sowing', 'seedtin', 880, 780, ['RED-07' => $red, 'GRN-05' => $green, 'CRM-11' => $cream, 'BLU-08' => $blue], 'sizes' => ['Small' => 0, 'Large' => 310], 'from' => ['GB', 'DE'], 'rrp' => 3400],
    ['OD-1021', 'Seed Storage Tin Small Lid Pocket Collecting Seeds Container Round', 'Seeds and sowing', 'twinetin', 290, 190, ['GRN-05' => $green, 'GRY-12' => $grey], 'from' => ['CN'], 'rrp' => 1100],
    ['OD-1022', 'Heated Propagator Lid Vents Seed Tray Germination Kit UK Plug Windowsill', 'Seeds and sowing', 'propagator', 1340, 1450, ['BLK-03' => '#35463e', 'GRN-05' => '#4d7a4a'], 'sizes' => ['Single' => 0, 'Double' => 960], 'from' => ['GB', 'DE'], 'rrp' => 4900],
    ['OD-1023', 'Unheated Propagator 38cm Seedling Tray with Dome Clear Humidity', 'Seeds and sowing', 'propagator', 460, 690, ['BLK-03' => '#3a3c40', 'TRC-15' => '#b8643d'], 'from' => ['GB', 'CN'], 'rrp' => 1900],
    ['OD-1024', 'Seed Tray 15 Cell Plug Tray Reusable Thick Plastic Garden Nursery Starter', 'Seeds and sowing', 'tray', 190, 1980, ['BLK-03' => '#3b4a44'], 'from' => ['CN'], 'rrp' => 900],
    ['OD-1025', 'Heavy Duty Seed Trays Pack No Holes Microgreens Growing Tray', 'Seeds and sowing', 'tray', 720, 900, ['BLK-03' => '#3a3c40', 'GRN-05' => $green], 'sizes' => ['Pack of 5' => 0, 'Pack of 10' => 610], 'from' => ['GB', 'DE'], 'rrp' => 2900],
    ['OD-1026', 'Wooden Cold Frame Greenhouse Mini Raised Planter Fir Polycarbonate Lid', 'Under glass', 'coldframe', 3980, 8200, ['NAT-09' => '#b98a5c', 'GRY-12' => '#8a8d88', 'GRN-05' => '#5d7f63'], 'sizes' => ['75 cm' => 0, '100 cm' => 1280], 'from' => ['DE', 'GB'], 'rrp' => 12900],
    ['OD-1027', 'Glass Cloche Bell Jar Plant Cover Frost Protection Victorian Dome', 'Under glass', 'cloche', 1190, 1650, ['CLR-16' => '#b9d6cd', 'GRN-05' => '#9cc4a4'], 'sizes' => ['22 cm' => 0, '30 cm' => 740], 'from' => ['GB', 'DE'], 'rrp' => 4400],
    ['OD-1028', 'Plastic Cloche Bell Set Garden Cover Protect Seedling Slug Reusable', 'Under glass', 'cloche', 540, 720, ['CLR-16' => '#cddfe2'], 'sizes' => ['Set of 3' => 0, 'Set of 6' => 490, 'Set of 10' => 980], 'from' => ['CN', 'GB'], 'rrp' => 2300],
    ['OD-1029', 'Brass Watering Rose Fine Spray Head Replacement Can Attachment', 'Watering', 'rose', 640, 230, ['BRS-04' => $brass, 'CPR-02' => $copper], 'sizes' => ['Fine' => 0, 'Coarse' => 0], 'from' => ['GB', 'DE'], 'rrp' => 2600],
    ['OD-1030', 'Brass Plant Mister Vintage Spray Bottle Indoor Orchid Fern Decorative', 'Watering', 'mister', 720, 410, ['BRS-04' => $brass, 'CPR-02' => $copper, 'BLK-03' => '#4a4a4c', 'SLV-17' => '#b5bcc0'], 'from' => ['CN', 'GB', 'DE'], 'ships' => true, 'rrp' => 3200],
    ['OD-1031', 'Galvanised Watering Can Brass Rose Long Reach Metal Garden Can', 'Watering', 'can', 1860, 1900, ['ZNC-14' => '#6f8f88', 'GRN-05' => $green, 'BLU-08' => $blue], 'sizes' => ['4.5 litres' => 0, '9 litres' => 870], 'from' => ['GB', 'DE'], 'rrp' => 6900],
    ['OD-1032', 'Indoor Watering Can Small Long Spout Houseplant Metal Modern', 'Watering', 'can', 760, 620, ['CPR-02' => $copper, 'CRM-11' => $cream, 'BLK-03' => $black], 'sizes' => ['0.5 litre' => 0, '1 litre' => 180], 'from' => ['CN', 'DE'], 'rrp' => 2900],
    ['OD-1033', 'Goatskin Leather Gardening Gloves Thorn Proof Long Cuff Women Men', 'Clothing', 'gloves', 690, 180, ['TAN-18' => '#c98f50', 'GRN-05' => '#6c8a5e', 'BRN-10' => '#8a5a34'], 'sizes' => ['XS' => 0, 'S' => 0, 'M' => 0, 'L' => 40, 'XL' => 90, 'XXL' => 150], 'from' => ['GB', 'DE'], 'rrp' => 2800],
    ['OD-1034', 'Bamboo Fibre Garden Gloves Breathable Grip Nitrile Palm Lightweight', 'Clothing', 'gloves', 210, 90, ['GRN-05' => '#7fa068', 'PNK-19' => '#c98b8b', 'GRY-12' => $grey], 'sizes' => ['S' => 0, 'M' => 0, 'L' => 0, 'XL' => 20], 'from' => ['GB', 'CN'], 'rrp' => 950],
    ['OD-1035', 'Waxed Canvas Gardener Apron Tool Pockets Cross Back Strong', 'Clothing', 'apron', 1290, 620, ['OLV-20' => '#7d8a63', 'BRN-10' => '#8a6242', 'NVY-21' => '#47566b'], 'sizes' => ['Regular' => 0, 'Long' => 210], 'from' => ['GB', 'DE'], 'rrp' => 4800],
    ['OD-1036', 'Foam Garden Kneeler Pad Extra Thick Knee Cushion Waterproof Handle', 'Comfort', 'kneeler', 430, 310, ['GRN-05' => '#5d7f52', 'BLU-08' => $blue, 'GRY-12' => $grey, 'PNK-19' => '#b87878'], 'sizes' => ['Standard' => 0, 'Wide' => 160], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 1900],
    ['OD-1037', 'Memory Foam Kneeling Mat Luxury Garden Kneeler Neoprene Cover', 'Comfort', 'kneeler', 870, 540, ['OLV-20' => '#7d8a63', 'BLK-03' => $black], 'from' => ['US'], 'rrp' => 3300],
    ['OD-1038', 'Wooden Trug Basket Harvest Garden Handmade Willow Traditional', 'Harvest', 'trug', 1680, 980, ['NAT-09' => $natural, 'OAK-22' => '#8f6a42'], 'sizes' => ['Small' => 0, 'Medium' => 420, 'Large' => 980], 'from' => ['GB', 'DE'], 'rrp' => 5900],
    ['OD-1039', 'Garden Sieve Riddle Soil Compost Wooden Rim Stainless Mesh', 'Soil', 'sieve', 980, 1050, ['NAT-09' => '#b98a5c'], 'clr' => 'Rim', 'sizes' => ['6 mm' => 0, '9 mm' => 0, '12 mm' => 60], 'from' => ['GB', 'DE'], 'rrp' => 3700],
    ['OD-1040', 'Metal Soil Sieve Green Powder Coated Garden Riddle Round', 'Soil', 'sieve', 740, 890, ['GRN-05' => $green, 'GRY-12' => $grey], 'sizes' => ['6 mm' => 0, '9 mm' => 0], 'from' => ['CN', 'GB'], 'rrp' => 2600],
    ['OD-1041', 'Rain Gauge Copper Stake Glass Tube Garden Weather Measuring', 'Instruments', 'gauge', 590, 420, ['CPR-02' => $copper, 'BRS-04' => $brass, 'BLK-03' => $black], 'sizes' => ['Stake' => 0, 'Wall' => 110], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 2400],
    ['OD-1042', 'Compost Thermometer Long Stem Stainless Dial Soil Temperature 50cm', 'Instruments', 'thermometer', 830, 280, ['BRS-04' => '#b9973f', 'STL-01' => $steel], 'sizes' => ['30 cm' => 0, '50 cm' => 190], 'from' => ['GB', 'DE'], 'rrp' => 3200],
    ['OD-1043', 'Soil Thermometer Small Dial Probe Seedling Plant Meter', 'Instruments', 'thermometer', 340, 120, ['STL-01' => $steel], 'from' => ['CN'], 'rrp' => 1400],
    ['OD-1044', 'Bird Netting Garden Protection Mesh Fruit Cage Pond Net Strong', 'Protection', 'netting', 560, 740, ['GRN-05' => '#3f5e4a', 'BLK-03' => $black], 'sizes' => ['4 × 5 m' => 0, '4 × 10 m' => 430, '8 × 10 m' => 1120], 'from' => ['GB', 'DE', 'CN'], 'rrp' => 2300],
    ['OD-1045', 'Butterfly Netting Fine Mesh Brassica Cabbage White Insect Net', 'Protection', 'netting', 690, 560, ['WHT-23' => '#b9bfb4', 'GRN-05' => '#4d7a5c'], 'sizes' => ['2 × 5 m' => 0, '4 × 5 m' => 480], 'from' => ['GB'], 'rrp' => 2700],
    ['OD-1046', 'Bamboo Canes Garden Stakes Thick Plant Support Bundle Natural', 'Tying and training', 'canes', 380, 1450, ['NAT-09' => '#c9a55c'], 'clr' => 'Finish', 'sizes' => ['90 cm, 10' => 0, '120 cm, 10' => 190, '180 cm, 10' => 520], 'from' => ['GB', 'DE'], 'rrp' => 1700],
    ['OD-1047', 'Painted Hazel Bean Poles Bundle Rustic Support Natural Wigwam', 'Tying and training', 'canes', 890, 2600, ['BRN-10' => '#8a6a45', 'GRN-05' => '#6b8a58'], 'from' => ['GB'], 'rrp' => 2600],
    ['OD-1048', 'Terracotta Pots Hand Thrown Look Clay Flower Pot Drainage Set', 'Pots and bags', 'pots', 620, 1900, ['TRC-15' => '#c4683d', 'WHT-23' => '#c9bda8', 'GRY-12' => '#8a8681'], 'sizes' => ['Pair, 12 cm' => 0, 'Pair, 18 cm' => 480, 'Pair, 24 cm' => 1040], 'from' => ['GB', 'DE'], 'rrp' => 2400],
    ['OD-1049', 'Long Tom Terracotta Pot Tall Clay Herb Planter Rustic', 'Pots and bags', 'pots', 780, 2100, ['TRC-15' => '#b75c33', 'BLK-03' => '#4b4744'], 'from' => ['DE'], 'rrp' => 2800],
    ['OD-1050', 'Fabric Grow Bags Potato Planter Felt Pot Handles Aeration Thick', 'Pots and bags', 'growbag', 310, 260, ['BLK-03' => '#4b4f52', 'GRN-05' => '#4d6b52', 'TAN-18' => '#a98a5f'], 'sizes' => ['20 litres' => 0, '40 litres' => 140, '70 litres' => 310, '100 litres' => 520], 'from' => ['GB', 'CN', 'DE'], 'rrp' => 1500],
    ['OD-1051', 'Jute Grow Bag Natural Eco Planter Vegetable Balcony Sack', 'Pots and bags', 'growbag', 460, 340, ['NAT-09' => '#b3925f'], 'sizes' => ['20 litres' => 0, '40 litres' => 170], 'from' => ['GB'], 'rrp' => 1900],
    ['OD-1052', 'Stainless Transplanting Spade Junior Lightweight Ladies Border Spade', 'Hand tools', 'spade', 1190, 890, ['STL-01' => $steel], 'from' => ['GB'], 'rrp' => 4200],
    ['OD-1053', 'Pruning Snips Bypass Fruit Harvest Micro Tip Spring Loaded Comfortable', 'Hand tools', 'snips', 380, 140, ['RED-07' => '#b5bcc0', 'GRN-05' => $steel], 'from' => ['CN', 'GB'], 'rrp' => 1600],
    ['OD-1054', 'Folding Harvest Knife Pocket Horticultural Grafting Pruning Walnut', 'Hand tools', 'knife', 930, 130, ['STL-01' => $steel], 'from' => ['US', 'CN'], 'rrp' => 3500],
    ['OD-1055', 'Onion Hoe Short Handle Hand Hoe Japanese Style Weeder Sharp Blade', 'Hand tools', 'hoe', 650, 420, ['STL-01' => $steel, 'BLK-03' => $black], 'from' => ['GB', 'DE'], 'rrp' => 2500],
    ['OD-1056', 'Harvest Trug Recycled Rubber Bucket Flexible Garden Tub', 'Harvest', 'trug', 540, 820, ['GRN-05' => '#5f8a5a', 'RED-07' => '#b0584a', 'BLU-08' => '#5c7f9c'], 'sizes' => ['14 litres' => 0, '26 litres' => 210, '40 litres' => 430], 'from' => ['GB', 'CN'], 'rrp' => 2100],
    ['OD-1057', 'Cold Frame Cover Replacement Glass Panel Wooden Small Balcony Frame', 'Under glass', 'coldframe', 2890, 5400, ['NAT-09' => '#c29a6c'], 'from' => ['CN'], 'rrp' => 4100],
    ['OD-1058', 'Enamel Watering Rose Long Reach Plastic Lightweight Universal Fit', 'Watering', 'rose', 170, 90, ['GRN-05' => '#5d7f63', 'GRY-12' => $grey], 'from' => ['CN', 'GB'], 'rrp' => 700],
    ['OD-1059', 'Linen Potting Apron Half Waist Pocket Gardener Florist', 'Clothing', 'apron', 780, 280, ['NAT-09' => '#cdbf9e', 'GRN-05' => '#7f957c', 'RUS-24' => '#a9694a'], 'sizes' => ['Half' => 0, 'Full' => 290], 'from' => ['GB', 'DE'], 'rrp' => 3200],
    ['OD-1060', 'Seed Packet Tin Kitchen Garden Allotment Keepsake Embossed', 'Seeds and sowing', 'seedtin', 640, 560, ['GRN-05' => '#557a5e', 'BLK-03' => '#4b4f52'], 'from' => ['GB'], 'rrp' => 2600, 'prose' => 'shop'],
    ['OD-1061', 'Thermometer Greenhouse Max Min Brass Dial Wall Hanging', 'Instruments', 'thermometer', 1250, 390, ['BRS-04' => $brass], 'from' => ['DE'], 'rrp' => 1390],
    ['OD-1062', 'Plant Mister Glass Effect Fine Spray Amber Retro Houseplant', 'Watering', 'mister', 390, 300, ['AMB-25' => '#a8753a', 'GRN-05' => '#5f8a6c', 'BLU-08' => '#5c7f9c'], 'sizes' => ['250 ml' => 0, '500 ml' => 130], 'from' => ['CN', 'DE'], 'rrp' => 1700],
    ['OD-1063', 'Rain Gauge Plastic Simple Ground Stake Weather Station Kids', 'Instruments', 'gauge', 140, 110, ['GRN-05' => $green, 'RED-07' => $red], 'from' => ['CN', 'GB'], 'rrp' => 650],
    ['OD-1064', 'Cotton Garden Twine Bakers Style Two Tone Decoration Gift Wrap', 'Tying and training', 'twine', 150, 120, ['RED-07' => '#b5645a', 'GRN-05' => '#7fa068', 'BLU-08' => '#6d8fae', 'BLK-03' => '#5a5750'], 'from' => ['GB', 'CN', 'DE', 'US'], 'ships' => true, 'rrp' => 700],
];
