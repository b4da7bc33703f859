<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Balls and strikes on the batter. */
final readonly class Count
{
    private function __construct(public int $balls, public int $strikes) {}

    public static function none(): self
    {
        return new self(0, 0);
    }

    /** @throws Problem unless it reads like "1-2", balls 0 to 3 and strikes 0 to 2 */
    public static function fromKey(string $key): self
    {
        if (1 !== preg_match('/^([0-3])-([0-2])$/', $key, $parts)) {
            throw Refused::because(
                'count',
                \sprintf('"%s" is no count', $key),
                'balls 0 to 3, a hyphen, strikes 0 to 2, as in 1-2',
            );
        }

        return new self((int) $parts[1], (int) $parts[2]);
    }

    /** @return list<self> all twelve, in the order a coach reads them */
    public static function all(): array
    {
        $all = [];
        foreach ([0, 1, 2] as $strikes) {
            foreach ([0, 1, 2, 3] as $balls) {
                $all[] = new self($balls, $strikes);
            }
        }

        return $all;
    }

    public function key(): string
    {
        return $this->balls . '-' . $this->strikes;
    }

    public function hasTwoStrikes(): bool
    {
        return 2 === $this->strikes;
    }
}
