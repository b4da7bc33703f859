<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;

/** What people decided of an alignment: spots kept for the situation, and spots being tried. */
final readonly class ByHand
{
    /**
     * @param list<KeptSpot>    $kept
     * @param array<int, Point> $tried by position number; they go before kept ones
     */
    private function __construct(private array $kept, private array $tried) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    /**
     * @param list<KeptSpot>    $kept
     * @param array<int, Point> $tried by position number
     */
    public static function of(array $kept, array $tried): self
    {
        return new self($kept, $tried);
    }

    /** @throws Problem when a tried position is none */
    public function applyTo(Alignment $alignment, RuleSet $rules): Alignment
    {
        foreach ($this->kept as $spot) {
            $rule = $alignment->spot($spot->position)->depth;
            if ($rule === $spot->depth && !isset($this->tried[$spot->position->value])) {
                $reason = \sprintf(
                    '%d stands where %s wants it; the rule says %s.',
                    $spot->position->value,
                    $spot->by,
                    lcfirst($alignment->word($rule)),
                );
                $alignment = $alignment->moved($spot->position, $spot->point, $reason, $rules);
            }
        }
        foreach ($this->tried as $number => $point) {
            $position = Position::ofNumber($number);
            $reason = \sprintf(
                '%d is moved by hand; the rule says %s.',
                $number,
                lcfirst($alignment->word($alignment->spot($position)->depth)),
            );
            $alignment = $alignment->moved($position, $point, $reason, $rules);
        }

        return $alignment;
    }
}
