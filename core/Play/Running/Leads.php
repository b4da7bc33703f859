<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** How far runners stand off a base, in feet. */
final class Leads
{
    /** Of the base path, by base, before the pitch (ours; the 12 ft at 90 are the project's model's). */
    private const USUAL = [1 => 12 / 90, 2 => 18 / 90, 3 => 10 / 90, 4 => 0.0];
    /** The same off second while a middle infielder stands within reach of the bag (ours). */
    private const HELD_AT_SECOND = 14 / 90;
    /** Of the base path, by which a runner is farther off as the pitch is caught (ours). */
    private const SECONDARY = 6 / 90;
    /** ft, as the pitch is caught, of a runner who may leave with the release (the level's bunts know the same). */
    private const AFTER_RELEASE = 9.0;
    /** ft, likewise, of one who leaves as the pitch reaches the batter (ours). */
    private const AFTER_ARRIVAL = 5.0;
    /** ft that are still a lead and not a steal. */
    private const LONGEST = 40.0;

    /** ft before the pitch: none where the rule set allows none. */
    public static function usual(Base $base, RuleSet $rules): float
    {
        return $rules->leads->allowsLeads() ? self::USUAL[$base->value] * $rules->basePath : 0.0;
    }

    /** The same of one who is held: who sees an infielder near the bag behind him goes less far. */
    public static function held(Base $base, RuleSet $rules): float
    {
        return Base::Second === $base && $rules->leads->allowsLeads()
            ? self::HELD_AT_SECOND * $rules->basePath
            : self::usual($base, $rules);
    }

    /** ft as the pitch is caught, of somebody who does not go. */
    public static function secondary(float $lead, RuleSet $rules): float
    {
        return $lead +
            match ($rules->leads) {
                LeadRule::Anytime => self::SECONDARY * $rules->basePath,
                LeadRule::OnRelease => self::AFTER_RELEASE,
                LeadRule::WhenPitchReachesBatter => self::AFTER_ARRIVAL,
                LeadRule::Never => 0.0,
            };
    }

    /** ft off the base as a throw behind him begins, of somebody who does not go. */
    public static function atThrow(PickKind $kind, float $lead, RuleSet $rules): float
    {
        return $kind->isCatchers() ? self::secondary($lead, $rules) : $lead;
    }

    /** @throws Problem when it is none */
    public static function check(float $lead, string $field = 'lead'): float
    {
        return OutOfRange::unlessBetween($field, $lead, 0.0, self::LONGEST, 'feet');
    }
}
