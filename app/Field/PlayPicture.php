<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\Keyframe;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Track;

/** A play as the script that draws it wants it: keyframes and events, y turned over as a screen has it. */
final readonly class PlayPicture implements \JsonSerializable
{
    public function __construct(private Timeline $play) {}

    /**
     * @return array{
     *     length: float,
     *     held: list<array{float, float}>,
     *     tracks: array<int|string, list<array{float, float, float}>>,
     *     events: list<array{t: float, words: string}>,
     * }
     */
    public function jsonSerialize(): array
    {
        $tracks = ['ball' => self::frames($this->play->ball)];
        foreach ($this->play->moves as $number => $move) {
            $tracks[$number] = self::frames($move->track);
        }
        foreach ($this->play->runners as $name => $track) {
            $tracks[$name] = self::frames($track);
        }

        return [
            'length' => round($this->play->length(), 2),
            'held' => array_map(
                static fn(Leg $leg): array => [round($leg->from->seconds, 3), round($leg->made->released, 3)],
                $this->play->legs,
            ),
            'tracks' => $tracks,
            'events' => array_map(
                static fn(Event $event): array => ['t' => round($event->seconds, 3), 'words' => $event->words],
                $this->play->events,
            ),
        ];
    }

    /** The path of an actor as SVG. */
    public static function path(Track $track): string
    {
        return self::line($track->keyframes);
    }

    /** The ball on the ground. */
    public static function roll(Timeline $play): string
    {
        return self::line(
            array_values(
                array_filter(
                    $play->ball->keyframes,
                    static fn(Keyframe $frame): bool => $frame->seconds <= $play->fieldedAt(),
                ),
            ),
        );
    }

    /** The ball in the air, from the fielder's hand to the bag, and on from there. */
    public static function throw(Timeline $play): string
    {
        return implode(
            '',
            array_map(
                static fn(Leg $leg): string => self::line([
                    new Keyframe($leg->made->released, $leg->from->at),
                    new Keyframe($leg->made->ballThere, $leg->cut->at ?? $play->setting->bag($leg->made->base)),
                ]),
                $play->legs,
            ),
        );
    }

    /** @param list<Keyframe> $frames */
    private static function line(array $frames): string
    {
        return 'M' .
            implode(
                'L',
                array_map(
                    static fn(Keyframe $frame): string => \sprintf('%.1f %.1f', $frame->point->x, -$frame->point->y),
                    $frames,
                ),
            );
    }

    /** @return list<array{float, float, float}> */
    private static function frames(Track $track): array
    {
        return array_map(
            static fn(Keyframe $frame): array => [
                round($frame->seconds, 3),
                round($frame->point->x, 2) + 0.0,
                round(-$frame->point->y, 2) + 0.0,
            ],
            $track->keyframes,
        );
    }
}
