<?php

declare(strict_types=1);

namespace FoxCorner\Core\Skill;

use FoxCorner\Core\Field\Base;

/** All that is known of a skill: a row of one table. */
final readonly class Practised
{
    /**
     * @param string        $label as in a table
     * @param float         $price what is lost each time that it is asked and not done: an out or a base is 1 (ours)
     * @param RuleNeed|null $need  the rule without which it is of no use
     * @param Base|null     $base  the bag that it is all about
     */
    public function __construct(
        public SkillFamily $family,
        public string $label,
        public float $price = 1.0,
        public ?RuleNeed $need = null,
        public ?Base $base = null,
    ) {}
}
