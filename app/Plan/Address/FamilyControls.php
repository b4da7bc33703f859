<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\HttpFoundation\InputBag;

/** How what the other side does is carried in an address, and picked on a page, for one family of plays. */
interface FamilyControls
{
    /** The family's key. */
    public function family(): string;

    /**
     * What of a query is the family's.
     *
     * @param InputBag<string> $query
     *
     * @return array<string, string> parameters of an address; what is usual is left out
     *
     * @throws Problem naming the parameter
     */
    public function read(InputBag $query): array;

    /**
     * @param array<string, string> $carried parameters, as {@see self::read()} gives them
     *
     * @throws Problem
     */
    public function trial(array $carried, Scene $scene): Trial;

    /** @return array<string, string|null> parameters that lead to a trial; null takes one out of an address */
    public function carry(Trial $trial): array;

    /** What can be picked and said beside a drawing, for the family's templates. */
    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): object;

    /**
     * The folder of the family's templates: "controls" above a play; where they are there also "beside_clock", "words"
     * for what it comes to, "beside" it in place of the jobs, "drawing" under the fielders, "under" the clock,
     * "coverages" in place of the list of them, "introduction" and "map_controls" above a map, and "more" beside it.
     */
    public function folder(): string;

    /** What of the field a map of the family's plays shows. */
    public function mapWindow(RuleSet $rules): Window;

    /** What of the field one of the family's plays shows. */
    public function playWindow(RuleSet $rules): Window;

    /** @return list<string> parameters that a touch of the drawing, "at", takes the place of; empty: it takes none */
    public function placedBy(): array;
}
