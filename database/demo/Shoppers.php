<?php

declare(strict_types=1);

namespace WindowStall\Demo;

/** Who bought at Quillet, when, what, and what became of it. All invented; the postcodes have the right form and no place. */
final class Shoppers
{
    public const PEOPLE = [
        'ines' => ['Ines Fennimore', '4 Pound Row', 'Aldermere', 'AL4 7QT', 'GB'],
        'bram' => ['Bram Holloway', '17 Sluice Lane', 'Wexcombe', 'WX2 3DD', 'GB'],
        'maud' => ['Maud Penhallow', '2 Kiln Yard', 'Wexcombe', 'WX2 4LP', 'GB'],
        'tobit' => ['Tobit Marsh', '9 Staithe Walk', 'Port Ewer', 'PE6 1RR', 'GB'],
        'orla' => ['Orla Devane', '3 Weir Road', 'Kilbrannan', 'F42 XK81', 'IE'],
        'wessel' => ['Wessel Dijkgraaf', 'Sluisweg 12', 'Waardemond', '3299 ZX', 'NL'],
        'hester' => ['Hester Loveday', '21 Chantry Street', 'Sallow Bridge', 'SB1 8HG', 'GB'],
        'jonas' => ['Jonas Ackery', 'Glebe Cottage', 'Aldermere', 'AL4 2BN', 'GB'],
        'prudence' => ['Prudence Oakshott', '58 Market Hill', 'Sallow Bridge', 'SB2 5TD', 'GB'],
        'elias' => ['Elias Thornbury', '7 Ropewalk', 'Port Ewer', 'PE6 3HW', 'GB'],
        'nuala' => ['Nuala Keane', 'Harbour View', 'Kilbrannan', 'F42 YT63', 'IE'],
        'greet' => ['Greet van Santen', 'Dorpsstraat 4', 'Waardemond', '3299 XP', 'NL'],
        'corin' => ['Corin Ashdown', '33 Orchard Close', 'Wexcombe', 'WX2 9SA', 'GB'],
        'sabina' => ['Sabina Rowe', 'Flat 2, 11 Quay Side', 'Port Ewer', 'PE6 1TB', 'GB'],
        'alban' => ['Alban Pryce', '6 Tanner’s Row', 'Aldermere', 'AL4 6JE', 'GB'],
        'lettice' => ['Lettice Harrow', 'The Old Forge', 'Wexcombe', 'WX2 1UP', 'GB'],
        'merrick' => ['Merrick Dunne', '14 Beacon Way', 'Sallow Bridge', 'SB1 3LQ', 'GB'],
        'thea' => ['Thea Winslade', '40 Mill Road', 'Aldermere', 'AL4 9RD', 'GB'],
        'ossian' => ['Ossian Grey', '1 Lock House', 'Port Ewer', 'PE6 7KN', 'GB'],
        'ivy' => ['Ivy Cranmer', '25 Priory Gardens', 'Sallow Bridge', 'SB2 2YC', 'GB'],
    ];

    /**
     * Who, days ago, goods, days until it was posted and from there until it was there (null: not yet), and what else
     * happened.
     *
     * @var list<array{0: string, 1: int, 2: array<string, int>, 3: float|null, 4: float|null, 5?: string}>
     */
    public const ORDERS = [
        ['hester', 172, ['OD-1014' => 3], 1.2, 2.1],
        ['jonas', 158, ['OD-1033' => 1], 0.8, 3.0],
        ['orla', 151, ['OD-1042' => 1], 1.4, 5.2],
        ['prudence', 139, ['OD-1031' => 1], 1.1, 2.2],
        ['elias', 127, ['OD-1020' => 1, 'OD-1014' => 1], 0.9, 2.0, 'came back'],
        ['wessel', 118, ['OD-1008' => 1], 2.0, 6.1],
        ['corin', 104, ['OD-1048' => 2], 1.0, 2.9],
        ['sabina', 93, ['OD-1030' => 1], 1.3, 8.0, 'late'],
        ['hester', 88, ['OD-1042' => 1], 0.7, 2.0],
        ['alban', 76, ['OD-1033' => 2], 1.1, 3.1],
        ['nuala', 69, ['OD-1014' => 2], 1.2, 4.8],
        ['lettice', 61, ['OD-1001' => 1], 0.9, 2.3],
        ['merrick', 52, ['OD-1038' => 1], 1.6, 7.2, 'disputed'],
        ['thea', 44, ['OD-1008' => 1, 'OD-1033' => 1], 1.0, 2.4],
        ['greet', 37, ['OD-1014' => 1], 1.5, 5.5],
        ['jonas', 33, ['OD-1020' => 1], 1.0, 2.2],
        ['ossian', 31, ['OD-1042' => 2], 0.8, 6.9, 'late'],
        ['ines', 14, ['OD-1033' => 2], 1.0, 3.2, 'sends back'],
        ['ivy', 6, ['OD-1020' => 1], 1.1, 3.9],
        ['elias', 6, ['OD-1038' => 1], 1.0, null, 'stands still'],
        ['prudence', 4, ['OD-1048' => 1], 1.2, null],
        ['wessel', 3, ['OD-1030' => 1], 1.1, null],
        ['corin', 2, ['OD-1014' => 2, 'OD-1008' => 1], 1.3, null],
        ['thea', 1, ['OD-1027' => 1], null, null, 'refused'],
        ['maud', 1, ['OD-1042' => 1], null, null],
    ];
}
