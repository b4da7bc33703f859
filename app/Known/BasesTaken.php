<?php

declare(strict_types=1);

namespace FoxCorner\App\Known;

use FoxCorner\Core\Runs\Advancement;

/** How often a runner takes a base, by outs: as the chain of runs has it, and as the engine says where that differs. */
final readonly class BasesTaken
{
    /**
     * @param list<float|null> $known by outs; null: it does not come up
     * @param list<float|null> $ours  likewise; empty where the chain has the engine's
     */
    private function __construct(public string $name, public array $known, public array $ours) {}

    /**
     * @param Advancement|null $engine null where the chain takes it from the engine
     *
     * @return list<self>
     */
    public static function all(Advancement $chain, ?Advancement $engine): array
    {
        $lines = [];
        $ours = null === $engine ? [] : self::shares($engine);
        foreach (self::shares($chain) as $name => $shares) {
            $lines[] = new self($name, $shares, $ours[$name] ?? []);
        }

        return $lines;
    }

    /** @return array<string, list<float|null>> */
    private static function shares(Advancement $moves): array
    {
        return [
            'Second to home on a single' => $moves->secondScoresOnSingle,
            'First to third on a single' => $moves->firstToThirdOnSingle,
            'First to home on a double' => $moves->firstScoresOnDouble,
            'Third to home on an out in the air' => [$moves->thirdScoresOnAir, $moves->thirdScoresOnAir, null],
            'Second to third on an out in the air' => [$moves->secondToThirdOnAir, $moves->secondToThirdOnAir, null],
        ];
    }
}
