<?php

declare(strict_types=1);

namespace FoxCorner\App\Depths;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\People\Position;

/** One named depth of one infielder on the drawing. */
final readonly class DrawnDepth
{
    private function __construct(public Position $position, public NamedDepth $depth, public Point $point) {}

    /** @return list<self> each infielder at every depth that he has */
    public static function all(DepthTable $table, RuleSet $rules): array
    {
        $drawn = [];
        foreach (Position::INFIELDERS as $position) {
            foreach ($table->depthsOf($position) as $depth) {
                if (NamedDepth::Creep === $depth) {
                    // It arrives at "in", which is drawn.
                    continue;
                }
                $fractions = $table->infield($position, $depth);
                $drawn[] = new self(
                    $position,
                    $depth,
                    DepthSpot::of(
                        $position,
                        $fractions->off * $rules->basePath,
                        $fractions->back * $rules->basePath,
                        $rules->diamond(),
                    )->point(),
                );
            }
        }

        return $drawn;
    }
}
