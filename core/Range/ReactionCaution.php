<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;

/** A fielder who stands so close that a ball hit hard is there before he can react. General guidance only. */
final readonly class ReactionCaution
{
    /** ft, for the search of the distance: no fielder is farther and still too close; and how exactly. */
    private const FARTHEST = 200.0;
    private const FINE = 0.01;

    private function __construct(public CastMember $who, public float $seconds) {}

    /** ft from home plate inside which a ball hit hard is there sooner than the caution allows. */
    public static function closest(LevelProfile $level, Sport $sport): float
    {
        [$near, $far] = [0.0, self::FARTHEST];
        while ($far - $near > self::FINE) {
            $middle = ($near + $far) / 2;
            $isInside = $level->hardHitSeconds($middle, $sport) < $level->reactionCaution;
            [$near, $far] = $isInside ? [$middle, $far] : [$near, $middle];
        }

        return $far;
    }

    /** @return list<self> the closest first */
    public static function of(Cast $cast, LevelProfile $level, Sport $sport): array
    {
        $cautions = [];
        foreach (Position::cases() as $position) {
            if (Position::Catcher === $position) {
                continue;
            }
            $who = $cast->at($position);
            $seconds = $level->hardHitSeconds($who->start->distanceTo(Point::home()), $sport);
            if ($seconds < $level->reactionCaution) {
                $cautions[] = new self($who, $seconds);
            }
        }
        usort($cautions, static fn(self $a, self $b): int => $a->seconds <=> $b->seconds);

        return $cautions;
    }
}
