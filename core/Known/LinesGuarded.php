<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Alignment\Depth\NamedDepth;

/** What it costs to guard the lines, in a hundred ground balls with nobody on, and what it saves. */
final readonly class LinesGuarded
{
    /**
     * @param float $outs    lost
     * @param float $doubles saved
     */
    private function __construct(public float $outs, public float $doubles) {}

    public static function of(LevelFigures $figures): self
    {
        $plan = $figures->plan('none-2');
        $usual = $plan->range($figures->cost)->summary;
        $guarded = $plan
            ->atDepths([3 => NamedDepth::GuardLines, 5 => NamedDepth::GuardLines], 'So.')
            ->range($figures->cost)->summary;

        return new self(
            100 * ($usual->outsPerBall - $guarded->outsPerBall),
            100 * ($usual->doubles - $guarded->doubles),
        );
    }

    /** How many times what a single is more than an out a double must be more than a single, before it pays. */
    public function pays(): float
    {
        return $this->doubles > 0.0 ? $this->outs / $this->doubles : \INF;
    }
}
