<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Shared\Markup\Counted;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\Record;

/** What one player has of one job. */
final readonly class NeedCell
{
    private function __construct(
        public int $fresh,
        public int $wanted,
        public ?Grade $grade,
        public ?int $daysAgo,
        public bool $isFirstPosition,
    ) {}

    /** Null where he does not play. */
    public static function of(JobNeed $need, RosterPlayer $player, Record $record): ?self
    {
        if (!$player->plays($need->position)) {
            return null;
        }
        $days = $record->daysAgo($need->position, $need->skill, $player->id);

        $fresh = (int) round($record->fresh($need->position, $need->skill, $player->id));
        $isFirst = ($player->positions[0] ?? null) === $need->position;

        return new self(
            $fresh,
            $isFirst ? $fresh + ($need->lacks[$player->id] ?? 0) : $need->each,
            $record->worstGrade($need->position, $need->skill, $player->id),
            null === $days ? null : (int) round($days),
            $isFirst,
        );
    }

    /** One word for the style and for whoever cannot see it. */
    public function state(): string
    {
        return match (true) {
            null === $this->daysAgo => 'never',
            Grade::NotYet === $this->grade => 'not-yet',
            Grade::Unsure === $this->grade => 'unsure',
            $this->fresh >= $this->wanted => 'enough',
            0 === $this->fresh => 'long-ago',
            default => 'some',
        };
    }

    public function words(): string
    {
        return match ($this->state()) {
            'never' => 'never',
            'long-ago' => Counted::of((int) $this->daysAgo, 'day') . ' ago',
            default => \sprintf(
                '%d of %d fresh, %s',
                $this->fresh,
                $this->wanted,
                0 === $this->daysAgo ? 'today' : Counted::of((int) $this->daysAgo, 'day') . ' ago',
            ) . (null === $this->grade ? '' : ', graded “' . lcfirst($this->grade->label()) . '”'),
        };
    }
}
