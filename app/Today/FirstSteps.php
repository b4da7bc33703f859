<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\PlanBook;

/** What a new team does first, one thing after the other; each ticks itself off. */
final readonly class FirstSteps
{
    private const NINE = 9;
    /** Players with a time of their own, from which on the clock is the team's (ours). */
    private const TIMED = 3;

    public function __construct(private PlanDrafts $drafts) {}

    /**
     * @param list<RosterPlayer> $roster
     * @param bool               $hasPractice whether one was ever planned
     * @param PlanBook|null      $book        what is decided of the plan; null: it is not read yet
     *
     * @return list<FirstStep> none once all are done
     */
    public function of(Team $team, array $roster, ?PlanBook $book, bool $hasPractice): array
    {
        $timed = array_filter($roster, static fn(RosterPlayer $player): bool => null !== $player->traits->homeToFirst);
        $steps = [
            new FirstStep(
                'Nine players with their positions',
                \count($roster) < self::NINE ? \sprintf('%d of nine', \count($roster)) : '',
                'team',
                \count($roster) >= self::NINE,
            ),
            new FirstStep(
                'Times to first of three of them',
                \sprintf('%d of three; by stopwatch or typed', min(self::TIMED, \count($timed))),
                'stopwatch',
                \count($timed) >= self::TIMED,
            ),
            new FirstStep(
                'Your field and rules',
                'look over what is filled in, and save',
                'edit_field',
                $team->isOwnField(),
            ),
            new FirstStep(
                'A coverage for the first bunt',
                'look at two with a runner on first, and say which is yours',
                'situation',
                [] !== ($book ?? $this->drafts->of($team))->plays(ShippedFamilies::BUNTS)->choices,
                ['situation' => 'R1-0', 'view' => ShippedFamilies::BUNTS],
            ),
            new FirstStep('A first practice', 'stations out of what the plan asks', 'new_practice', $hasPractice),
        ];

        return [] === array_filter($steps, static fn(FirstStep $step): bool => !$step->isDone) ? [] : $steps;
    }
}
