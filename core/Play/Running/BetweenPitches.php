<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Scene;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Clock\Track;

/** What plays about runners have in common as they are drawn: the pitch, the moments, the title. */
final class BetweenPitches
{
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
     *
     * @return list<Event> in order of time
     */
    public static function events(Scene $scene, ThrowOption $made, ?float $toPlate, string $runner): array
    {
        $events = [
            new Event(EventKind::Contact, 0.0, $scene->rules->leads->allowsLeads() ? 'First move' : 'Release'),
            new Event(EventKind::Released, $made->released, 'Thrown'),
            new Event(EventKind::Arrives, $made->outAt, 'Tag at ' . $made->base->word()),
            new Event(EventKind::RunnerThere, $made->runnerThere, "$runner there"),
        ];
        if (null !== $toPlate) {
            $events[] = new Event(EventKind::Fielded, $toPlate, 'At the plate');
        }

        return self::inOrder($events);
    }

    /**
     * @param list<Event> $events
     *
     * @return list<Event>
     */
    public static function inOrder(array $events): array
    {
        $seen = array_filter($events, static fn(Event $event): bool => is_finite($event->seconds));
        usort($seen, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return $seen;
    }

    /** "R1 is out at second by 0.12 s" */
    public static function title(ThrowOption $made, string $runner): string
    {
        if (null === $made->cover) {
            return "Nobody takes the throw at {$made->base->word()}";
        }

        return \sprintf(
            '%s is %s at %s by %.2f s',
            $runner,
            $made->margin() > 0.0 ? 'out' : 'safe',
            $made->base->word(),
            abs($made->margin()),
        );
    }
}
