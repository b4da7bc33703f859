<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use Symfony\Component\HttpFoundation\InputBag;

/** A worker looks for the best small step of a situation that a coach looks at. */
final readonly class LookForStep implements SolveWork
{
    public function __construct(private Improvements $improvements, private SituationAddresses $addresses) {}

    public function kind(): SolveKind
    {
        return SolveKind::Improve;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        /** @var array{situation: string, query: array<string, string>, reach: float|int, isJoint: bool} $asked */
        $asked = json_decode($job->request, true, 4, \JSON_THROW_ON_ERROR);
        $this->improvements->look(
            $job->team,
            $this->addresses->at($job->team, $asked['situation'], self::query($asked['query'])),
            (float) $asked['reach'],
            $asked['isJoint'],
        );

        return SolveOutcome::done();
    }

    /**
     * @param array<string, string> $said
     *
     * @return InputBag<string>
     */
    private static function query(array $said): InputBag
    {
        /** @var InputBag<string> $query */
        $query = new InputBag($said);

        return $query;
    }
}
