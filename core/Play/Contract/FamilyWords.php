<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Skill\Skill;

/** How people speak of a family of plays. */
final readonly class FamilyWords
{
    /**
     * @param string $place  as a heading: "Bunts"
     * @param string $one    "bunt", as in "on a bunt"
     * @param string $many   "bunts", as in "on 4 of 15 bunts"
     * @param string $start  what whoever may field it does first: "charges"
     * @param string $else   what the others do first; empty: they go at the moment of it
     * @param string $group  the place that several families share: "Runners"; empty: it has one of its own
     * @param Skill  $fields what is practised of fielding it
     */
    public function __construct(
        public string $place,
        public string $one,
        public string $many,
        public string $start = 'charges',
        public string $else = '',
        public string $group = '',
        public Skill $fields = Skill::Field,
    ) {}
}
