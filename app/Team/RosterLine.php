<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;

/** A player as a table would have him, beside the one that is known by that number. */
final readonly class RosterLine
{
    /**
     * @var array<string, array{string, string}> what changes, from and to, by what it is; of a new player all that is
     *                                           said
     */
    public array $changes;

    /** @param list<string> $asked words for positions that nobody knows: the coach says what they mean */
    public function __construct(public RosterPlayer $player, public ?RosterPlayer $known, public array $asked = [])
    {
        [$to, $from] = [self::facts($player), null === $known ? [] : self::facts($known)];
        $changes = [];
        foreach ($to as $what => $value) {
            if ($value !== ($from[$what] ?? '–')) {
                $changes[$what] = [$from[$what] ?? '–', $value];
            }
        }
        $this->changes = $changes;
    }

    /** @return array<string, string> */
    private static function facts(RosterPlayer $player): array
    {
        $measured = [];
        foreach (Quantity::cases() as $one) {
            $value = $player->traits->measured($one);
            $figure = rtrim(rtrim(number_format($value ?? 0.0, 2, '.', ''), '0'), '.');
            $measured[$one->field()] = null === $value ? '–' : "$figure {$one->unit()}";
        }
        $ordinary = static fn(string $word): string => 'ordinary' === $word ? '–' : $word;

        return [
            'name' => $player->name,
            'plays' => implode(' ', Position::numbers($player->positions)),
            'throws' => $player->traits->throws->label(),
            'bats' => $player->traits->bats->label(),
            ...$measured,
            'ball goes' => $ordinary($player->traits->pitching->value),
            'as a fielder' => $ordinary($player->traits->fielding->value),
            'limit' => Limit::None === $player->limit
                    ? '–'
                    : $player->limit->label() .
                        (null === $player->limitUntil ? '' : ' until ' . $player->limitUntil->format('j M Y')),
        ];
    }
}
