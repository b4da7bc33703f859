<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** What a coach should know of a lineup before the game: who plays out of place or with a limit. */
final readonly class LineupCheck
{
    private function __construct(public Position $position, public RosterPlayer $player, public string $words) {}

    /** @return list<self> in order of position */
    public static function of(Lineup $lineup): array
    {
        $checks = [];
        foreach ($lineup->players() as $number => $player) {
            $position = Position::from($number);
            foreach (self::words($position, $player) as $words) {
                $checks[] = new self($position, $player, $words);
            }
        }

        return $checks;
    }

    /** @return list<string> */
    private static function words(Position $position, RosterPlayer $player): array
    {
        $limit = 'may not %s today, and plays %s';

        return array_values(
            array_filter(
                [
                    $player->plays($position)
                        ? null
                        : \sprintf('is not listed at %d, %s', $position->value, strtolower($position->label())),
                    $player->limit->forbidsThrowing()
                        ? \sprintf($limit, 'throw', strtolower($position->label()))
                        : null,
                    $player->limit->forbidsRunning() ? \sprintf($limit, 'run', strtolower($position->label())) : null,
                    Limit::SoftThrowing === $player->limit &&
                    \in_array(
                        $position,
                        [Position::Pitcher, Position::Catcher, Position::Shortstop, Position::ThirdBase],
                        true,
                    )
                        ? \sprintf('throws softly only today, and plays %s', strtolower($position->label()))
                        : null,
                ],
                is_string(...),
            ),
        );
    }
}
