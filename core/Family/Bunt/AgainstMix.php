<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Game\Intent;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;

/** A coverage against all that a batter may do: what each costs. */
final readonly class AgainstMix
{
    /** Lengths of bunts, in the order of the grid: dead, well placed, firm; how often (ours). */
    private const LENGTHS = [0.3, 0.5, 0.2];
    /** Degrees and feet of drags along the line of third, and of first, with their shares (ours). */
    private const DRAGS = [[-41.0, 18.0, 0.5], [-40.0, 28.0, 0.5]];
    /** Of a right-hander's drags along the line of third, and of a left-hander's. */
    private const TO_THIRD = [0.8, 0.4];
    /** Of pushes between the mound and first: there the second baseman has left. */
    private const PUSHES = [[21.0, 58.0, 0.7], [-21.0, 58.0, 0.3]];
    /** Of swings that become a ground ball: full, short after a shown bunt, a slap; the rest go on as usual (ours). */
    private const GROUND = 0.35;
    private const GROUND_SHORT = 0.5;
    private const GROUND_SLAP = 0.65;
    /** Of the level's ordinary speed off the bat: of a swing, short or full, and of a slap (ours). */
    private const SPEED = 0.9;
    private const SPEED_SLAP = 0.7;

    /** Of bunts in fair ground: how many go up, not down; the level of who is asked to bunt at all (ours). */
    private const POPPED = 0.12;

    private BehindFake $fake;
    private SwungAt $swung;

    /**
     * @param \Closure(BuntTrial): Play $bunts
     * @param list<Play>                $tried against {@see BuntGrid::sample()}, where that is there already
     */
    public function __construct(
        private Scene $scene,
        private Coverage $coverage,
        private \Closure $bunts,
        private array $tried = [],
    ) {
        $this->fake = new BehindFake($scene, $coverage);
        $this->swung = new SwungAt($scene, $coverage);
    }

    /**
     * @param non-empty-list<OutPolicy> $policies
     *
     * @return non-empty-list<OffenceLine>
     */
    public function lines(array $policies): array
    {
        $mix = IntentMix::of($this->scene->state);
        $lines = [];
        foreach ($mix->intents() as $intent) {
            $lines[] = new OffenceLine(
                $intent->label(),
                $mix->share($intent),
                $intent->isBunt(),
                $this->costs($intent, $policies),
            );
        }

        return [] === $lines ? throw new \LogicException('A batter does something.') : $lines;
    }

    /**
     * @param non-empty-list<OutPolicy> $policies
     *
     * @return array<string, float> by the policy's value
     */
    private function costs(Intent $intent, array $policies): array
    {
        return match ($intent) {
            Intent::Bunt => $this->orPopped(BuntKind::Sacrifice, $this->bunted($this->shown(), $policies), $policies),
            Intent::Squeeze => $this->orPopped(
                BuntKind::Squeeze,
                $this->bunted(self::byLength($this->sample(BuntKind::Squeeze)), $policies),
                $policies,
            ),
            Intent::Push => $this->bunted($this->all(self::PUSHES, BuntKind::Sacrifice), $policies),
            Intent::Drag => $this->bunted($this->drags(), $policies),
            default => array_fill_keys(
                array_map(static fn(OutPolicy $policy): string => $policy->value, $policies),
                $this->other($intent),
            ),
        };
    }

    /**
     * Now and then it goes up.
     *
     * @param array<string, float>      $down     what it costs on the ground, by the policy's value
     * @param non-empty-list<OutPolicy> $policies
     *
     * @return array<string, float>
     */
    private function orPopped(BuntKind $kind, array $down, array $policies): array
    {
        $all = PoppedUp::all($kind->setting($this->scene), $this->coverage);
        if ([] === $all) {
            return $down;
        }
        $costs = array_map(static fn(float $cost): float => (1 - self::POPPED) * $cost, $down);
        foreach ($all as $popped) {
            foreach ($popped->costs($policies) as $policy => $cost) {
                $costs[$policy] += (self::POPPED / \count($all)) * $cost;
            }
        }

        return $costs;
    }

    /** What costs the same whatever out is wanted. */
    private function other(Intent $intent): float
    {
        $now = $this->fake->staying();

        return match ($intent) {
            Intent::FakeAndGo => $this->fake->going(StealKind::Straight),
            // He walks on only where it helps them.
            Intent::PullBack => max($now, $this->fake->going(StealKind::Delayed)),
            Intent::Swing => $now + self::GROUND_SHORT * $this->swung($intent, self::SPEED),
            Intent::Slap => $now + self::GROUND_SLAP * $this->swung($intent, self::SPEED_SLAP),
            default => $now + self::GROUND * $this->swung($intent, self::SPEED),
        };
    }

    /** What a ground ball of such a swing costs more than had nobody thought of a bunt. */
    private function swung(Intent $intent, float $speed): float
    {
        $spray = Intent::Slap === $intent ? Spray::slapped() : Spray::of($this->scene->state->context);

        return $this->swung->more($intent->isShown(), $spray, $speed);
    }

    /**
     * @param list<array{Play, float}>  $weighed
     * @param non-empty-list<OutPolicy> $policies
     *
     * @return array<string, float>
     */
    private function bunted(array $weighed, array $policies): array
    {
        $costs = [];
        $whole = array_sum(array_column($weighed, 1));
        foreach ($weighed as [$play, $share]) {
            $options = $play->options();
            foreach ($policies as $policy) {
                $cost = $policy->choose($options, $this->scene->lines)->cost ?? 0.0;
                $costs[$policy->value] = ($costs[$policy->value] ?? 0.0) + ($share / $whole) * $cost;
            }
        }

        return $costs;
    }

    /** @return list<array{Play, float}> bunts shown early: those that were tried already */
    private function shown(): array
    {
        $isTried = [] !== $this->tried && $this->scene->state->hasFewerThanTwoOuts();

        return self::byLength($isTried ? $this->tried : $this->sample(BuntKind::Sacrifice));
    }

    /** @return list<Play> */
    private function sample(BuntKind $kind): array
    {
        return array_map($this->bunts, BuntGrid::sample($this->scene->rules, $kind));
    }

    /**
     * @param list<Play> $plays against {@see BuntGrid::sample()}
     *
     * @return list<array{Play, float}> each with how often a bunt is so long
     */
    private static function byLength(array $plays): array
    {
        $lengths = \count(self::LENGTHS);

        return array_map(
            static fn(Play $play, int $index): array => [$play, self::LENGTHS[$index % $lengths]],
            $plays,
            array_keys($plays),
        );
    }

    /** @return list<array{Play, float}> */
    private function drags(): array
    {
        $isRight = Bats::Right === $this->scene->state->context->batter->type->bats();
        $third = self::TO_THIRD[$isRight ? 0 : 1];
        $spots = [];
        foreach (self::DRAGS as [$degrees, $feet, $share]) {
            $spots[] = [$degrees, $feet, $share * $third];
            $spots[] = [-$degrees, $feet, $share * (1 - $third)];
        }

        return $this->all($spots, BuntKind::Drag);
    }

    /**
     * @param list<array{float, float, float}> $spots degrees, feet, share
     *
     * @return list<array{Play, float}>
     */
    private function all(array $spots, BuntKind $kind): array
    {
        $rules = $this->scene->rules;

        return array_map(
            fn(array $spot): array => [
                ($this->bunts)(BuntTrial::restingAt($spot[1], $spot[0], $rules, $kind)),
                $spot[2],
            ],
            $spots,
        );
    }
}
