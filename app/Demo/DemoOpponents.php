<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

/** The invented opponents of the Saltmarsh club. */
final class DemoOpponents
{
    public const FASTPITCH = [
        'Lanternfish' => <<<'CSV'
        order,number,name,bats,home_to_first_s,tendency,power,bunts,goes
        1,2,Voss,SL,2.95,other,no,yes,yes
        2,14,Imre,R,3.05,all,no,yes,yes
        3,7,Calder,L,3.20,all,no,no,no
        4,33,Brandvik,R,3.45,pulls,yes,no,no
        5,21,Osei,L,3.40,pulls,yes,no,no
        6,9,Teague,R,3.25,all,no,no,no
        7,18,Nilsen,S,3.15,all,no,yes,no
        8,5,Marlow,R,3.30,other,no,no,no
        9,11,Dace,SL,2.99,other,no,yes,yes
        CSV,
        'Dunlins' => <<<'CSV'
        order,number,name,bats,home_to_first_s,tendency,power,bunts,goes
        1,1,Farrow,R,3.02,all,no,yes,yes
        2,8,Keita,L,3.10,other,no,no,yes
        3,24,Solberg,R,3.38,pulls,yes,no,no
        4,30,Amari,R,,pulls,yes,no,no
        5,12,Lowe,L,3.28,all,no,no,no
        CSV,
    ];

    public const BASEBALL = [
        'Harbour Nine' => <<<'CSV'
        order,number,name,bats,home_to_first_s,tendency,power,bunts,goes
        1,4,Quill,L,4.10,other,no,yes,yes
        2,10,Bremer,R,4.30,all,no,yes,no
        3,22,Stroud,R,4.55,pulls,yes,no,no
        4,35,Hovland,L,4.70,pulls,yes,no,no
        5,6,Adair,S,4.35,all,no,no,yes
        CSV,
    ];
}
