<?php

declare(strict_types=1);

namespace FoxCorner\App\Arms;

use FoxCorner\App\Club\Team;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Arm\ArmRest;
use FoxCorner\Core\Practice\Arm\RestTable;

/** Whose arm still rests on a day, by what was pitched before it and the team's table. */
final readonly class RestingArms
{
    public function __construct(private PitchedDayRepository $pitched) {}

    /** @return array<string, RestingArm> by the player's id, in the order of the roster */
    public function on(Team $team, \DateTimeImmutable $day): array
    {
        $outings = $players = [];
        foreach ($this->pitched->between($team, $day->modify('-' . (RestTable::DAYS + 1) . ' days'), $day) as $one) {
            $id = $one->player->id()->toRfc4122();
            $players[$id] = $one->player->asRosterPlayer();
            $outings[$id][] = $one->asOf($day);
        }
        $usual = AgeGroup::of($team->level())->throws();
        $resting = [];
        foreach ($players as $id => $player) {
            $rest = ArmRest::of($outings[$id], $team->rest());
            [$left, $outing] = [$rest->left($usual), $rest->binding()];
            if (null !== $left && null !== $outing) {
                $resting[$id] = new RestingArm($player, $outing, $left, $day->modify("+{$rest->inDays()} days"));
            }
        }
        uasort($resting, static fn(RestingArm $a, RestingArm $b): int => $a->player->number <=> $b->player->number);

        return $resting;
    }
}
