<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\PlacedTrial;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;

/**
 * A kind of play that the clock can run: bunts, ground balls, relays ….
 *
 * A folder of its own beside the others, and one line in {@see PlayFamilies}; nothing else names it.
 */
interface PlayFamily
{
    /** Stays the same for ever; used in addresses and files. */
    public function key(): string;

    public function words(): FamilyWords;

    /** @return list<Coverage> that come with the program, the usual one first; empty when the play does not arise */
    public function coverages(RuleSet $rules, Situation $situation): array;

    /** Why the play does not arise where no coverage comes with the program, as a sentence. */
    public function whyNot(RuleSet $rules, Situation $situation): string;

    /** @return list<Branch> what a coverage can depend on */
    public function branches(): array;

    /** @return list<Job> that a coverage can ask of somebody who does not have the ball */
    public function tasks(): array;

    /** How often it comes up in a plate appearance that begins so, 0 to 1. */
    public function perPlateAppearance(Scene $scene): float;

    /** Whether the other side gains by knowing the coverage, so that it should not always be the same. */
    public function isReadByOthers(): bool;

    /** @return non-empty-list<OutPolicy> which outs a coach can want of it */
    public function policies(): array;

    /** @return non-empty-list<Trial> what a coverage is audited against */
    public function trials(Scene $scene): array;

    /** @return iterable<Trial> beyond those: so many that a branch which seldom arises does among them */
    public function rareTrials(Scene $scene): iterable;

    /**
     * What a coverage is mapped against.
     *
     * @param Trial $like what is the same of all, as the way in which it is bunted
     *
     * @return list<PlacedTrial> row by row; empty when there is no map of it
     */
    public function spots(Scene $scene, Trial $like): array;

    /** @return non-empty-list<string> the names by which a trial is told, {@see Trial::fields()} */
    public function trialFields(): array;

    /**
     * A trial from an address or a file.
     *
     * @param array<string, float|string> $fields as {@see Trial::fields()} tells them; what is missing is usual
     *
     * @throws Problem
     */
    public function trial(array $fields, Scene $scene): Trial;

    /**
     * A coverage in a setting, ready for any ball: what does not depend on the ball is reckoned once.
     *
     * @return \Closure(Trial): Play throws a \LogicException when the trial is another family's
     */
    public function against(Scene $scene, Coverage $coverage): \Closure;

    /** @return list<PlayCheck> faults that only this kind of play can have, besides those that all can */
    public function checks(): array;
}
