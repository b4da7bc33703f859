<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Sharing\PlayerJobs;
use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\PlannedPlay;

/** What a player, or who stands for one, wants to know: the next practice, where to be in a situation, what to do. */
final readonly class PlayerDay
{
    /** Things that everybody brings, and who stands behind the plate besides. */
    private const BRING = 'water, glove, helmet, something against the sun';
    private const CATCHERS_BRING = ', catcher’s gear';

    /** In today's nine; null: not in it. */
    public ?Position $position;

    /**
     * @param RosterPlayer|null $player null: nobody of the roster is meant
     * @param ReadPlan|null     $read   of the situation; null while there is no nine
     * @param list<PlannedPlay> $plays  of the situation
     */
    public function __construct(
        public ?RosterPlayer $player,
        public ?ReadPlan $read,
        private array $plays,
        public ?Practice $next,
        private ?Sheet $sheet,
    ) {
        $mine = array_filter(
            Position::cases(),
            static fn(Position $one): bool => null !== $player && $read?->plan->lineup->at($one)->id === $player->id,
        );
        $this->position = [] === $mine ? null : current($mine);
    }

    /** "5½ off second, 1½ back", in the player's own paces; empty for the battery */
    public function paces(): string
    {
        return null === $this->position || null === $this->read || null === $this->player
            ? ''
            : $this->read->plan->alignment->spot($this->position)->placement->inPaces($this->player->traits->pace());
    }

    /** How the spot looks from there; empty where there is nothing to go by. */
    public function byEye(): string
    {
        if (null === $this->position || null === $this->read || null === $this->player) {
            return '';
        }
        $plan = $this->read->plan;

        return Landmark::of(
            $this->position,
            $plan->alignment->point($this->position),
            $plan->state->rules,
            $this->player->traits->pace(),
        );
    }

    /** @return list<string> "On a bunt: cover first" */
    public function jobs(): array
    {
        return null === $this->position ? [] : PlayerJobs::of($this->plays, $this->position);
    }

    /** @return list<array{\DateTimeImmutable, string}> when this player is at which station of the next practice */
    public function stations(): array
    {
        $turns = [];
        if (null !== $this->next && null !== $this->sheet) {
            foreach ($this->sheet->turns() as [$index, $station, $player]) {
                if ($player->id === $this->player?->id && null !== $this->sheet->round($index)) {
                    $minutes = $this->sheet->blocks[$index]->start;
                    $turns[] = [
                        $this->next->startsAt()->modify("+$minutes minutes"),
                        $this->sheet->name($station->drill),
                    ];
                }
            }
        }

        return $turns;
    }

    public function bring(): string
    {
        return self::BRING . (true === $this->player?->plays(Position::Catcher) ? self::CATCHERS_BRING : '');
    }
}
