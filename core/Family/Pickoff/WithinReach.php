<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Job;

/** Whoever is to take a throw behind a runner stands within reach of the bag, as far as he can without showing it. */
final readonly class WithinReach
{
    /** ft that he plays nearer the bag than the plan has him, when he knows what comes (ours). */
    private const CHEATS = 20.0;
    /** ft; less is where he stands anyway. */
    private const NOTHING = 0.1;

    /**
     * @param Scene $scene  with him there
     * @param float $nearer ft
     */
    private function __construct(public Scene $scene, public float $nearer) {}

    /** @param array<int, non-empty-list<Job>> $jobs by position number */
    public static function of(Scene $scene, array $jobs, PickTrial $trial, Battery $battery): self
    {
        $from = PickRace::from($trial->kind, $scene->rules);
        $taker = Errands::sent($scene, $from, $scene->cast->at(Position::Pitcher), $jobs, 0.0)->taker($trial->base);
        if (null === $taker || null === $trial->kind->breaks()) {
            return new self($scene, 0.0);
        }
        $who = $scene->cast->at($taker);
        $race = PickRace::of($trial->kind, $trial->base, $battery, 0.0, $who->legs, $scene->rules, $scene->level);
        $beyond = self::fromBag($scene, $who, $trial) - $race->withinReach($who->legs);
        $nearer = min(self::CHEATS, max(0.0, $beyond));

        return $nearer < self::NOTHING
            ? new self($scene, 0.0)
            : new self($scene->moved($taker, $who->start->toward($scene->bag($trial->base), $nearer)), $nearer);
    }

    /** A first baseman who holds stands at the bag; only with the pitch does he come off it. */
    public static function fromBag(Scene $scene, CastMember $who, PickTrial $trial): float
    {
        $feet = $who->start->distanceTo($scene->bag($trial->base));
        $isHeld = Position::FirstBase === $who->position && $scene->state->firstIsHeld();

        return $isHeld && !$trial->kind->isCatchers() ? max(0.0, $feet - $scene->level->motion->holdShuffle) : $feet;
    }
}
