<?php

declare(strict_types=1);

// Screens, settings, sentences and actions, and the everyday words that people look for them by; for app/Frame/Places.php.
// Each: what it is called, where it is, words, and a sentence where the thing looked for isn't done there as expected.
return [
    [
        'Source: find goods',
        'source',
        'find goods products items catalogue catalog wholesaler search browse import buy stock',
    ],
    [
        'Connect a supplier',
        'source.connect',
        'supplier wholesaler vendor connect add key feed csv file upload dropshipping integration',
    ],
    [
        'Compare items',
        'source.compare',
        'compare side cheaper cheapest against barcode',
        'Choose items in Source first, then compare them.',
    ],
    [
        'Bench: prepare listings',
        'bench',
        'bench prepare listing product edit draft title description variants delete split join',
    ],
    [
        'Bench, as a grid',
        'bench.grid',
        'grid spreadsheet table bulk mass many edit paste excel replace',
    ],
    [
        'Questions shoppers ask about goods',
        'reviews.questions',
        'question ask answer faq shopper goods product page',
    ],
    [
        'What is left before the shop opens',
        'opening',
        'open launch go live ready checklist todo missing readiness publish store',
        'What stops the shop from opening, what would be a pity, and where each is mended.',
    ],
    [
        'Rehearse the shop',
        'opening',
        'rehearse rehearsal test order try checkout payment whole chain dry run',
        'On “What is left”: shoppers made up for it go through the shop and back.',
    ],
    [
        'How search engines and messengers show the shop',
        'opening.seen',
        'seo search engine share shared social preview title description meta picture card messenger',
    ],
    [
        'Who may look into the closed shop',
        'opening',
        'preview password link share client look closed secret friends code',
        'On “What is left”, while the shop is closed.',
    ],
    [
        'Scripts of others, and what shoppers agree to',
        'window.pages',
        'script scripts pixel analytics tracking consent cookie cookies banner advertising',
        'On “Pages and policies”.',
    ],
    [
        'A first shop from one sentence',
        'opening.first',
        'first shop niche start begin build generate template homepage quick new stall beginner',
    ],
    [
        'Listings out and in',
        'bench',
        'export import download csv json backup leave move transfer carry file',
        'On the bench, “Out and in” carries listings to a file and back.',
    ],
    [
        'Print: artwork on blanks',
        'print',
        'print artwork design upload drawing mockup shirt tee mug poster tote blank place dpi print-on-demand',
    ],
    [
        'Drift: what suppliers changed',
        'drift',
        'drift changes sync update synchronise cost rise stock out news agree',
    ],
    [
        'Your rules for what suppliers change',
        'drift',
        'rules automatic automate follow ask notify policy threshold',
        'On Drift, “Your rules” says what asks you.',
    ],
    [
        'The daily mail of changes',
        'drift',
        'mail email digest notification alert daily hour summary',
        'It is said under “Your rules” on Drift.',
    ],
    [
        'Taxes: rates, classes of goods, registered businesses',
        'taxes',
        'tax vat gst sales rate reduced zero exempt reverse charge threshold county state business number class',
    ],
    [
        'Baskets left at the checkout, and the reminder',
        'counter.left',
        'abandoned left basket cart reminder recovery unpaid mail win back',
    ],
    [
        'How shoppers pay',
        'counter.payment',
        'payment card bank transfer later pay method checkout test live key fee merchant account',
    ],
    [
        'Price board',
        'pricing',
        'price prices pricing profit margin markup was sale loss floor earn',
    ],
    [
        'Price recipes',
        'pricing.recipes',
        'recipe formula markup rounding ending rule automatic price',
    ],
    [
        'Try other prices',
        'pricing.trial',
        'trial simulate what if dearer test prices exchange',
    ],
    [
        'Cost sheet',
        'pricing.costs',
        'cost costs fees fee payment platform advertising returns handling expenses',
    ],
    [
        'Sales tax',
        'pricing.costs',
        'tax vat gst rate taxes',
        'The first line of the cost sheet.',
    ],
    [
        'Where it goes: what shoppers pay for delivery',
        'delivery',
        'shipping delivery postage charge free rate zone courier place carrier express surcharge weight island postcode state',
    ],
    [
        'Try a basket against your delivery',
        'delivery',
        'try test basket calculate quote arrival date estimate',
        'At the right of “Where it goes”.',
    ],
    [
        'When suppliers pack: cut-off and days off',
        'delivery',
        'cut-off cutoff holiday closed processing handling time packing vacation dispatch',
        'Under the places of “Where it goes”.',
    ],
    [
        'Countries you sell to',
        'delivery',
        'country countries market markets abroad international eu export',
        'Make a place for it; its price list and its duty are on the cost sheet, under Markets.',
    ],
    [
        'Duty and prices abroad',
        'pricing.costs',
        'duty customs market markets price list abroad ending currency',
        'On the cost sheet, under Markets.',
    ],
    [
        'Exchange rates',
        'pricing.costs',
        'currency exchange rate dollar euro pound convert',
        'On the cost sheet, at the right.',
    ],
    [
        'Prices for several pieces',
        'pricing',
        'bulk quantity ladder volume multi-buy bundle offer tier',
        'On a listing, a multi-buy ladder gives prices that fall with the number bought.',
    ],
    [
        'Discount codes and offers at the till',
        'codes',
        'discount coupon voucher code promo promotion percent off offer sale bundle free',
    ],
    [
        'Shelves',
        'shelves',
        'shelf shelves collection category categories group department arrange',
    ],
    [
        'Tags and types',
        'shelves',
        'tag tags type types label rename',
        'On Shelves, “Tags and types” renames them everywhere.',
    ],
    [
        'What shoppers looked for',
        'shelves',
        'search searches looked synonym synonyms missing words',
        'On Shelves, “Looked for” holds what shoppers searched in vain.',
    ],
    [
        'Window: the front page',
        'window',
        'window homepage home page front theme design dress section editor website',
    ],
    [
        'Logo',
        'window',
        'logo brand wordmark sign picture',
        'In the Window, the masthead’s note and the look hold it.',
    ],
    [
        'Colours and typefaces',
        'window',
        'colour color colours font fonts typeface style brand look palette',
        'In the Window, pull up the Look along the bottom.',
    ],
    [
        'Menus and the foot',
        'window',
        'menu menus navigation links header footer masthead foot',
        'In the Window, each stands in its section’s note.',
    ],
    [
        'Earlier versions of the front page',
        'window',
        'version versions history undo restore revision publish schedule',
        'In the Window, at its head.',
    ],
    [
        'People who left their mail',
        'window.sign-ups',
        'newsletter subscribers sign-ups mailing list customers audience',
    ],
    [
        'Pages and policies',
        'window.pages',
        'pages page policy policies about faq contact terms legal write',
    ],
    [
        'Returns, delivery and privacy policies',
        'window.pages',
        'returns refund return policy privacy gdpr cookies withdrawal imprint',
        'Among the pages: written from how the stall is set up.',
    ],
    [
        'Languages',
        'window.languages',
        'language languages translate translation locale multilingual german french dutch spanish words abroad',
    ],
    [
        'Open or close the shop',
        'window.pages',
        'open close launch live sign maintenance password publish start',
        'Under Pages and policies.',
    ],
    [
        'See the shop',
        'window.shop',
        'see view shop storefront visit preview phone',
    ],
    [
        'Counter: orders',
        'counter',
        'order orders sales counter customer tracking parcel dispatch fulfil',
    ],
    [
        'All orders: find, narrow, out as a file',
        'counter.orders',
        'orders all find search filter export csv json download tracking postcode sku late refused',
    ],
    [
        'Give money back',
        'counter.orders',
        'refund refunds money back cancel return chargeback',
        'Open the order; all of it can be given back, or pieces, some of the delivery, an amount.',
    ],
    [
        'Said of us: what buyers wrote',
        'reviews',
        'review reviews rating ratings stars feedback testimonial said of us answer hide',
    ],
    [
        'People: who bought',
        'counter.people',
        'customer customers buyer shopper people contacts forget privacy data consent export',
    ],
    [
        'How orders are shared out over suppliers',
        'counter.sharing',
        'sharing routing split supplier source fulfil cheapest quickest parcels mail order table csv',
    ],
    [
        'What letters say: your own words',
        'counter.mails',
        'mail email template templates notification confirmation words shipped thank you edit subject',
    ],
    [
        'Asking suppliers: samples, changes, pieces ahead',
        'counter.asking',
        'ask supplier sample sourcing request quote bulk buy ahead custom logo packaging negotiate offer',
    ],
    [
        'What suppliers are owed',
        'counter.owed',
        'owed balance prepaid wallet top up invoice bill terms insert card packing slip packaging branding limit',
    ],
    [
        'Letters from shoppers',
        'counter.letters',
        'letter letters message messages inbox contact support reply question',
    ],
    [
        'Settings',
        'settings',
        'settings name stall home market promise configuration preferences',
    ],
    [
        'Address of the shop',
        'settings',
        'domain url address host website dns subdomain',
        'A shop answers at the address it was opened with. A domain of your own can’t be set here yet.',
    ],
    [
        'Pictures of goods',
        'bench',
        'picture pictures photo photos image images upload crop video film gallery',
        'On a listing, under your words: crop, order, add your own.',
    ],
    [
        'Language of the shop',
        'settings',
        'language languages translate translation english german locale',
        'A shop speaks English only, whichever country it sells to.',
    ],
    [
        'The stall’s clock',
        'settings',
        'clock time zone timezone hours midnight date',
        'In the settings: days begin and end by it.',
    ],
    [
        'Tokens for programs',
        'settings',
        'api token tokens program key developer access',
        'In the settings.',
    ],
    [
        'Programs that are told what happens',
        'settings',
        'webhook webhooks hook hooks notify program integration',
        'In the settings.',
    ],
    [
        'You: password and where you are signed in',
        'you',
        'password you account profile security sign-in sessions log out logout email keys shortcuts',
    ],
    [
        'Make another stall',
        'stalls.new',
        'another new stall shop store second add open create',
    ],
    [
        'Keys and help',
        '',
        'help keys shortcuts keyboard manual guide tutorial how',
        'Press ? anywhere to see every key. Words of our own explain themselves where they stand first.',
    ],
    [
        'Figures and reports',
        'counter',
        'analytics report reports statistics dashboard revenue visitors traffic ledger',
        'There is no ledger yet. The till strip of each order says what it kept.',
    ],
    [
        'Reviews',
        'window',
        'review reviews rating ratings stars testimonial',
        'What buyers write about goods can’t be collected yet. A section of the page can quote what '.
            'was said of you.',
    ],
    [
        'Staff',
        'settings',
        'staff team member members users invite permissions roles',
        'A second person can’t be invited to a stall yet.',
    ],
];
