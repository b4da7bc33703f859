<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;

/** One thing that a battery could do better against a runner, and what he would still make of it. */
final readonly class Helps
{
    /** s and mph by which a catcher may become better in a season, and s that a first step may come sooner (ours). */
    private const EXCHANGE = 0.1;
    private const MPH = 3.0;
    private const STEP = 0.2;

    private function __construct(
        public string $what,
        public string $words,
        public float $margin,
        public float $success,
        public float $before,
    ) {}

    /** @return list<self> what helps most first; what does not help at all is left out */
    public static function all(StealRace $race, Battery $battery, Thief $thief, float $lead, RuleSet $rules): array
    {
        $ways = $rules->leads->allowsLeads()
            ? [['slide-step', 'A slide step', $race->with($battery->slideStepping())]]
            : [];
        if (Base::Home !== $race->base) {
            array_push(
                $ways,
                ['pitch-out', 'A pitch-out', $race->with($battery->pitchingOut())],
                [
                    'quicker-exchange',
                    \sprintf('The catcher’s exchange, %.2f s quicker', self::EXCHANGE),
                    $race->with($battery->releasing(self::EXCHANGE)),
                ],
                [
                    'stronger-arm',
                    \sprintf('The catcher’s arm, %d mph more', self::MPH),
                    $race->with($battery->throwingHarder(self::MPH)),
                ],
                [
                    'first-step',
                    \sprintf('The cover’s first step, %.1f s sooner', self::STEP),
                    $race->coveredSooner(self::STEP),
                ],
            );
        }
        $before = $race->success($thief, $lead);
        $helps = [];
        foreach ($ways as [$what, $words, $better]) {
            $success = $better->success($thief, $lead);
            if ($success < $before - 1e-6) {
                $helps[] = new self($what, $words, $better->margin($thief, $lead), $success, $before);
            }
        }
        usort($helps, static fn(self $a, self $b): int => $a->success <=> $b->success);

        return $helps;
    }

    /** Its words within a sentence. */
    public function lower(): string
    {
        return lcfirst($this->words);
    }

    /** How many more of a hundred are out. */
    public function outs(): float
    {
        return 100 * ($this->before - $this->success);
    }
}
