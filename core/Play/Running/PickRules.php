<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;

/**
 * Whether a way to throw behind a runner is open under a rule set, in general: the league's book and umpire decide.
 */
final readonly class PickRules
{
    private const DECIDES = 'Your league’s book and umpire decide.';

    /**
     * @param bool   $isOpen whether it is offered: what is not breaks no rule, but there is no use for it
     * @param string $why    the general rule in a sentence or two, and who decides
     */
    private function __construct(public bool $isOpen, public string $why) {}

    public static function of(PickKind $kind, Base $base, RuleSet $rules): self
    {
        return match (true) {
            LeadRule::Never === $rules->leads => self::idle(
                'In slowpitch the runner stays until the ball is hit: nobody is off a base while the ball is held.',
            ),
            !\in_array($base, $kind->bases(), true) => self::idle(
                \sprintf('%s is not thrown to %s.', $kind->label(), $base->word()),
            ),
            !$kind->isCatchers() && !$rules->leads->allowsLeads() => self::idle(self::nobodyOff($rules)),
            PickKind::CatcherAfterBunt === $kind && !$rules->bunts => self::idle('These rules know no bunt to miss.'),
            default => self::yes($kind, $base, $rules),
        };
    }

    /** @return list<PickKind> that are open at a base, in the order in which they are taught */
    public static function open(Base $base, RuleSet $rules): array
    {
        return array_values(
            array_filter(PickKind::cases(), static fn(PickKind $kind): bool => self::of($kind, $base, $rules)->isOpen),
        );
    }

    /** No rule forbids it, but nobody would be there to be thrown at, or to take it. */
    private static function idle(string $why): self
    {
        return new self(false, $why . ' ' . self::DECIDES);
    }

    private static function yes(PickKind $kind, Base $base, RuleSet $rules): self
    {
        $rule = match (true) {
            PickKind::StepOff === $kind => 'Off the rubber, hands apart, the pitcher is an infielder: he may feint ' .
                'or throw, and a ball thrown out of play costs two bases.',
            PickKind::Inside === $kind => 'From the rubber the leg may turn to second in one motion; a stop on the ' .
                'way, or no step toward the bag, is called.',
            $kind->isCatchers() => self::catchers($rules),
            Base::First === $base => 'From the rubber he must step toward first and throw, without a feint; a knee ' .
                'that bends toward home is called. Out of play it costs one base.',
            default => 'From the rubber he must step toward the bag; out of play the ball costs one base.',
        };
        $balk = $kind->isCatchers() || $rules->balkRule ? '' : ' These rules call no balk.';

        return new self(true, "$rule$balk " . self::DECIDES);
    }

    private static function catchers(RuleSet $rules): string
    {
        return match ($rules->leads) {
            LeadRule::OnRelease => 'The runner may be off from the release until the ball is back in the circle: ' .
                'the catcher may throw behind him.',
            LeadRule::WhenPitchReachesBatter => 'The runner may be off once the pitch has reached the batter: the ' .
                'catcher may throw behind him.',
            default => 'The catcher may throw behind a runner at any time; out of play it costs two bases.',
        };
    }

    private static function nobodyOff(RuleSet $rules): string
    {
        return LeadRule::OnRelease === $rules->leads
            ? 'In fastpitch the runner may not leave before the release, so the pitcher has nobody to throw ' .
                    'behind; a runner who leaves early is out, and with the ball in the circle he must go on or back ' .
                    'at once.'
            : 'On the small field the runner may not leave before the pitch reaches the batter: there is nobody for ' .
                    'the pitcher to throw behind; one who leaves early is sent back.';
    }
}
