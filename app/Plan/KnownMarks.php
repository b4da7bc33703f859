<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Plan\SituationPlan;

/** Fingerprints of what many figures depend on, each reckoned once: a cast is the same for all plays of a plan. */
final readonly class KnownMarks
{
    /** @var \WeakMap<object, string> */
    private \WeakMap $known;
    /** @var \WeakMap<SituationPlan, SituationPlan> */
    private \WeakMap $unnamed;

    public function __construct()
    {
        $this->known = new \WeakMap();
        $this->unnamed = new \WeakMap();
    }

    /** The plan without names: figures are kept for whoever does the same, so that a new name costs nothing. */
    public function unnamed(SituationPlan $plan): SituationPlan
    {
        return $this->unnamed[$plan] ??= $plan->unnamed();
    }

    /** @param object ...$parts that never change */
    public function of(object ...$parts): string
    {
        return implode(
            '-',
            array_map(fn(object $part): string => $this->known[$part] ??= Fingerprint::of($part), $parts),
        );
    }
}
