<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Verb;

/** The throw is at the bag before the fielder who takes it, and that costs an out which would be gone for. */
final readonly class CoverLate implements PlayCheck
{
    /** outs; a smaller loss is not worth a coach's attention (ours). */
    private const WORTH_MENDING = 0.05;

    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach ($play->options() as $option) {
            $lost = $option->chanceOnTime - $option->chance;
            if (
                null !== $option->cover &&
                $lost >= self::WORTH_MENDING &&
                !self::isByDesign($play, $option) &&
                self::isWanted($play, $option)
            ) {
                $findings[] = self::finding($play, $option, $lost);
            }
        }

        return $findings;
    }

    /** Whether the throw would be made if he were on time. */
    private static function isWanted(Timeline $play, ThrowOption $option): bool
    {
        $options = array_map(
            static fn(ThrowOption $one): ThrowOption => $one === $option ? $one->onTime() : $one,
            $play->options(),
        );

        return $play->setting->scene->choose($options)->base === $option->base;
    }

    /** The coverage leaves the bag open and says so. */
    private static function isByDesign(Timeline $play, ThrowOption $option): bool
    {
        foreach (null === $option->cover ? [] : $play->move($option->cover)->jobs as $job) {
            if (Verb::ComeIn === $job->verb) {
                return true;
            }
        }

        return false;
    }

    private static function finding(Timeline $play, ThrowOption $option, float $lost): Finding
    {
        $who = $play->move($option->cover ?? throw new \LogicException('Nobody covers.'))->who;

        return new Finding(
            'cover-late',
            \sprintf('%s is %.1f s late at %s', $who->player->name, $option->coverLate(), $option->base->word()),
            \sprintf(
                'When %d fields, the throw could be there at %.2f s, %s is at %.2f s: %d outs in a hundred lost.',
                $play->fieldedBy()->value,
                $option->ballThere,
                $who->player->name,
                $option->coverThere,
                round(100 * $lost),
            ),
            \sprintf('Give %s to somebody nearer.', $option->base->word()),
            $who->position,
            $option->base,
            $lost,
            isClose: true,
            moment: new Moment(
                $option->ballThere,
                \sprintf('%.1f s late', $option->coverLate()),
                [$who->position->value],
                $option,
                [$who->position->value => $option->coverThere, Moment::RUNNER => $option->runnerThere],
            ),
        );
    }
}
