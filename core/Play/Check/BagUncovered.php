<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;

/** A bag that a runner can reach while nobody is there to take a throw. */
final readonly class BagUncovered implements PlayCheck
{
    /** s; less is no time that anybody can use (ours). */
    private const LEAST = 0.05;

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
                );
                continue;
            }
            if ($this->isLeftOpen($covers, $base)) {
                continue;
            }
            $open = min(array_map(static fn($move): float => $move->there(), $covers)) - $runnerThere;
            if ($open >= self::LEAST && $value > Base::Second->value) {
                $first = $covers[0];
                $findings[] = new Finding(
                    'bag-uncovered',
                    \sprintf('%s stays open for %.1f s', $name, $open),
                    \sprintf(
                        'When %d fields, %s is there at %.1f s and the runner could be at %.1f s.',
                        $play->fieldedBy()->value,
                        $first->who->player->name,
                        $first->there(),
                        $runnerThere,
                    ),
                    "Send {$first->who->player->name} earlier, or give {$base->word()} to somebody nearer.",
                    $first->position(),
                    $base,
                    min(1.0, 0.5 + $open),
                );
            }
        }

        return $findings;
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
                if ($job->base === $base && $job->comesLate) {
                    return true;
                }
            }
        }

        return false;
    }
}
