<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

/** The invented players of the Saltmarsh club, as a coach would type them into a spreadsheet. */
final class ExampleRosters
{
    /** 16U fastpitch. Two things are wrong on purpose: a catcher with a sore arm, a second baseman far from first. */
    public const KITES = <<<'CSV'
    number,name,positions,throws,bats,home_to_first_s,arm_mph,pace_ft,exchange_s,time_to_plate_s,limit
    4,Szabo,4 6,R,R,3.35,50,2.4,,,none
    6,Marsh,6 4,R,L,3.02,56,2.5,,,none
    7,Quist,7 9,R,R,3.15,57,2.6,,,none
    8,Adeyemi,8 7,R,SL,2.94,58,2.5,,,none
    9,Tveit,9 8,L,L,3.10,55,2.5,,,none
    11,Brandt,1 3,R,R,3.28,56,2.6,,0.46,none
    12,Oyelaran,2 3,R,R,3.40,58,2.5,0.94,,no-throwing
    13,Lund,3 1,L,L,3.30,53,2.7,,0.52,none
    15,Ibarra,5 6,R,R,3.18,58,2.5,,,none
    17,Ozols,9 7,R,R,3.24,,2.4,,,none
    19,Varga,1 5,L,L,3.22,54,2.5,,0.5,none
    21,Hale,2 5,R,R,3.38,50,2.4,1.02,,none
    23,Rook,4 3,R,R,,,2.3,,,none
    28,Fenn,7 8,R,SL,3.00,52,2.4,,,none
    CSV;

    /** 13 and 14, baseball on the 80-ft field. */
    public const TERNS = <<<'CSV'
    number,name,positions,throws,bats,home_to_first_s,arm_mph,pace_ft,exchange_s,time_to_plate_s,limit
    1,Arden,6 4,R,R,4.25,64,2.5,,,none
    2,Okoro,4 6,R,L,4.30,58,2.4,,,none
    3,Strand,3 1,L,L,4.60,60,2.8,,,none
    5,Moss,5 1,R,R,4.45,65,2.6,,1.52,none
    8,Teal,8 7,R,L,4.10,67,2.6,,,none
    10,Haas,2 5,R,R,4.70,66,2.7,0.78,,none
    14,Petrik,1 5,L,R,4.40,68,2.7,,1.34,none
    16,Dunn,7 9,R,R,4.50,62,2.5,,,none
    18,Sorrel,9 8,R,R,4.35,66,2.5,,,none
    20,Vane,1 3,R,R,4.55,66,2.7,,1.45,none
    22,Kerr,2 9,R,R,4.60,61,2.5,0.86,,soft
    24,Brook,4 8,R,R,,,2.3,,,none
    27,Iwan,7 8,R,L,4.20,,2.4,,,none
    CSV;
}
