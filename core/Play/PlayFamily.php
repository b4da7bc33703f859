<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;

/** A kind of play that the clock can run: bunts, ground balls, relays … */
interface PlayFamily
{
    public function key(): string;

    /** @return list<Coverage> that a coach can choose from, the usual one first; empty when the play does not arise */
    public function coverages(RuleSet $rules, Situation $situation): array;

    public function run(PlayQuestion $question): Timeline;
}
