<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A runner caught between two bases, and somebody near him with the ball. */
final readonly class RundownTrial implements Trial
{
    /** ft from a base within which nobody is caught. */
    private const NEAREST = 6.0;
    /** ft of base path, at most. */
    private const LONGEST = 100.0;

    private function __construct(public ?Base $from, public ?float $off, public ?float $gap, public bool $isBehind) {}

    /**
     * @param Base|null  $from     the base that he comes from; null: the one of the runner in front
     * @param float|null $off      ft off it; null: half way
     * @param float|null $gap      ft from him to the ball; null: it is at the bag on its side
     * @param bool       $isBehind the ball is on the side of the base that he comes from; else it is in front of him
     *
     * @throws Problem when he comes from home, or the feet are none
     */
    public static function caught(
        ?Base $from = null,
        ?float $off = null,
        ?float $gap = null,
        bool $isBehind = false,
    ): self {
        if (Base::Home === $from) {
            throw Refused::because('between', 'nobody is caught beyond home', 'first, second or third');
        }
        if (null !== $off) {
            OutOfRange::unlessBetween('runner', $off, self::NEAREST, self::LONGEST, 'feet off the base he comes from');
        }
        if (null !== $gap) {
            OutOfRange::unlessBetween('ball', $gap, 1.0, self::LONGEST, 'feet from the runner');
        }

        return new self($from, $off, $gap, $isBehind);
    }

    public function words(): string
    {
        $between =
            null === $this->from
                ? 'The runner in front is caught between two bases'
                : "A runner is caught between {$this->from->word()} and {$this->to()->word()}";

        return $between . ($this->isBehind ? ', the ball behind him.' : ', the ball in front of him.');
    }

    public function restsAt(): ?Point
    {
        return null;
    }

    public function fields(): array
    {
        return [
            ...null === $this->from ? [] : ['from' => $this->from->word()],
            ...null === $this->off ? [] : ['off' => $this->off],
            ...null === $this->gap ? [] : ['gap' => $this->gap],
            'ball' => $this->isBehind ? 'behind' : 'in-front',
        ];
    }

    /** The base that he was on his way to. */
    private function to(): Base
    {
        return $this->from?->next() ?? Base::Home;
    }
}
