<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\Core\Family\Outfield\BallKind;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Map\MapSpot;
use FoxCorner\Core\Value\ButFor;

/** A ball that matters, on the one field that shows them all: where it is fielded, where it is thrown. */
final readonly class DrawnBall
{
    use ButFor;

    /** ft between the middles of two marks, so that neither lies on the other. */
    private const APART = 20.0;

    /**
     * @param bool                  $isOut whether a runner is out on it, rather than not
     * @param array<string, string> $carry parameters of an address that lead to it
     */
    private function __construct(
        public Point $at,
        public Point $to,
        public bool $isOut,
        public bool $isCaught,
        public array $carry,
        public string $words,
    ) {}

    /** @param array<string, string> $carry */
    public static function of(OutfieldPlay $play, array $carry): self
    {
        $made = $play->made();

        return new self(
            $play->ball->at,
            $play->setting->bag($made->way->base),
            null !== $made->runner && $made->chance >= MapSpot::THERE,
            BallKind::Caught === $play->kind,
            $carry,
            rtrim($play->trial->words(), '.') . ': ' . lcfirst($play->title()),
        );
    }

    /** @param list<self> $others that are drawn already: it steps aside, away from the line, where one of them is */
    public function apartFrom(array $others): self
    {
        foreach ($others as $other) {
            if ($this->at->distanceTo($other->at) < self::APART) {
                $aside = $this->at->x < 0.0 ? self::APART : -self::APART;
                $at = Point::of($other->at->x + $aside, $other->at->y);

                return $this->but(at: $at);
            }
        }

        return $this;
    }
}
