<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Verb;

/** A bag that nobody is told to cover, or one beyond the next that a runner takes because nobody is there yet. */
final readonly class BagUncovered implements PlayCheck
{
    /** s; for less nobody goes on, who has to see it first (ours). */
    private const LEAST = 0.2;

    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach ($play->setting->threats as $value => $runnerThere) {
            $base = Base::from($value);
            $covers = $play->covers($base);
            $name = ucfirst($base->word());
            if ([] === $covers) {
                $findings[] = new Finding(
                    'bag-uncovered',
                    "Nobody covers {$base->word()}",
                    \sprintf(
                        'When %d fields, no one is at %s; a runner can be there at %.1f s.',
                        $play->fieldedBy()->value,
                        $base->word(),
                        $runnerThere,
                    ),
                    "Give somebody {$base->word()} for that ball.",
                    null,
                    $base,
                    1.0,
                    moment: new Moment($runnerThere, 'nobody there', [], null, [Moment::RUNNER => $runnerThere]),
                );
                continue;
            }
            if ($this->isLeftOpen($covers, $base)) {
                continue;
            }
            $open = min(array_map(static fn($move): float => $move->there(), $covers)) - $runnerThere;
            if ($open >= self::LEAST && self::isExtra($base, $play)) {
                $first = $covers[0];
                $findings[] = new Finding(
                    'bag-uncovered',
                    \sprintf('%s stays open for %.1f s', $name, $open),
                    \sprintf(
                        'When %d fields, %s is there at %.2f s and the runner could be at %.2f s.',
                        $play->fieldedBy()->value,
                        $first->who->player->name,
                        $first->there(),
                        $runnerThere,
                    ),
                    "Give {$base->word()} to somebody nearer, or let the ball be another’s.",
                    $first->position(),
                    $base,
                    min(1.0, 0.5 + $open),
                    isClose: true,
                    moment: new Moment(
                        $runnerThere,
                        \sprintf('open for %.1f s', $open),
                        [$first->position()->value],
                        null,
                        [$first->position()->value => $first->there(), Moment::RUNNER => $runnerThere],
                    ),
                );
            }
        }

        return $findings;
    }

    /** Whether it is a base that a runner takes because it is open: at the next one he is played at, or not. */
    private static function isExtra(Base $base, Timeline $play): bool
    {
        $before = Base::tryFrom($base->value - 1);

        return null !== $before &&
            !$play->setting->situation->bases->has($before) &&
            $base->value > Base::Second->value;
    }

    /**
     * The coverage says that somebody comes in late.
     *
     * @param list<Move> $covers
     */
    private function isLeftOpen(array $covers, Base $base): bool
    {
        foreach ($covers as $move) {
            foreach ($move->jobs as $job) {
                if ($job->base === $base && Verb::ComeIn === $job->verb) {
                    return true;
                }
            }
        }

        return false;
    }
}
