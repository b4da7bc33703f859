<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Choice\Verdict;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scene\Scene;

/** What plays about runners have in common as they are drawn: the pitch, the moments, the title. */
final class BetweenPitches
{
    /** s after something that was not awaited until whoever watches has seen it and begins (ours). */
    public const SEEN = 0.35;

    /** s that a pitch is in the air from 60.5 ft; in proportion from nearer (ours). */
    private const PITCH = 0.45 / 60.5;

    /**
     * The ball, from the pitcher's hand.
     *
     * @param float|null                $toPlate s at which the catcher has it; null: it is not pitched
     * @param list<array{Point, float}> $then    where it is when, in order of time
     */
    public static function ball(Scene $scene, ?float $toPlate, array $then): Track
    {
        $rubber = $scene->rules->diamond()->pitchersPlate();
        $track = Track::standingAt($rubber);
        if (null !== $toPlate) {
            $flight = min($toPlate, self::PITCH * $scene->rules->pitchingDistance);
            $track = $track->thenAt($rubber, $toPlate - $flight)->thenAt(Point::home(), $toPlate);
        }
        foreach ($then as [$point, $seconds]) {
            $track = $track->thenAt($point, max($track->end()->seconds, $seconds));
        }

        return $track;
    }

    /**
     * @param float|null $toPlate s at which the catcher has the pitch; null: nobody pitches
     * @param string     $runner  as he is called: "R1"
     */
    public static function told(TimelineBuilder $drawn, ThrowOption $made, ?float $toPlate, string $runner): void
    {
        $drawn
            ->moment(EventKind::Released, $made->released, 'Thrown')
            ->moment(EventKind::Arrives, $made->outAt, 'Tag at ' . $made->base->word())
            ->moment(EventKind::RunnerThere, $made->runnerThere, "$runner there")
            ->moment(EventKind::Fielded, $toPlate ?? \INF, 'At the plate');
    }

    /** How it begins: with the pitcher's first move, or where nobody may leave before it with the release. */
    public static function begins(Scene $scene): string
    {
        return $scene->rules->leads->allowsLeads() ? 'First move' : 'Release';
    }

    /** "R1 is out at second, 62 in 100, by 0.12 s" */
    public static function title(ThrowOption $made, string $runner): string
    {
        if (null === $made->cover) {
            return "Nobody takes the throw at {$made->base->word()}";
        }

        $where = $made->base->word();

        return Verdict::on($made)->words("$runner is out at $where", "$runner is safe at $where");
    }
}
