<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;

/** The throw is at the bag before the fielder who takes it: it costs outs, or makes the thrower wait. */
final readonly class CoverLate implements PlayCheck
{
    /** Paces that a fielder can be moved without giving up the position (ours). */
    private const MOST_PACES = 4.0;
    /** outs; a smaller loss is not worth a coach's attention (ours). */
    private const WORTH_MENDING = 0.05;

    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach ($play->options() as $option) {
            $lost = $option->chanceOnTime - $option->chance;
            if (null !== $option->cover && !self::isByDesign($play, $option) && $lost >= self::WORTH_MENDING) {
                $findings[] = self::finding($play, $option, $lost);
            }
        }

        return $findings;
    }

    /** The coverage leaves the bag open and says so. */
    private static function isByDesign(Timeline $play, ThrowOption $option): bool
    {
        foreach (null === $option->cover ? [] : $play->move($option->cover)->jobs as $job) {
            if ($job->comesLate) {
                return true;
            }
        }

        return false;
    }

    private static function finding(Timeline $play, ThrowOption $option, float $lost): Finding
    {
        $who = $play->move($option->cover ?? throw new \LogicException('Nobody covers.'))->who;
        $nearer = Paces::inFeet($option->coverLate() * $who->legs->topSpeed, $who->player->traits->pace());

        return new Finding(
            'cover-late',
            \sprintf('%s is %.1f s late at %s', $who->player->name, $option->coverLate(), $option->base->word()),
            \sprintf(
                'When %d fields, the throw could be there at %.1f s, %s is at %.1f s: %d outs in a hundred lost.',
                $play->fieldedBy()->value,
                $option->ballThere,
                $who->player->name,
                $option->coverThere,
                round(100 * $lost),
            ),
            self::mend($who->position, $nearer, $option->base),
            $who->position,
            $option->base,
            $lost,
        );
    }

    private static function mend(Position $position, Paces $missing, Base $base): string
    {
        return $missing->count <= self::MOST_PACES
            ? \sprintf('Start %d %s paces nearer %s.', $position->value, $missing->count(), $base->word())
            : \sprintf(
                '%s paces are missing: give %s to somebody nearer, or let %d leave before the pitch.',
                $missing->count(),
                $base->word(),
                $position->value,
            );
    }
}
