<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Value\ButFor;
use FoxCorner\Core\Value\Settings;

/** All that a rule of the plan may look at: the situation, what surrounds it, and what is played. */
final readonly class GameState
{
    use ButFor;

    /** @param array<class-string<Settings>, Settings> $settings a team's own, of its families of plays */
    private function __construct(
        public RuleSet $rules,
        public Situation $situation,
        public Context $context,
        private array $settings,
        public bool $isProfessional,
    ) {}

    public static function of(RuleSet $rules, Situation $situation, Context $context): self
    {
        return new self($rules, $situation, $context, [], false);
    }

    /** The same, with what a team has set of its families of plays. */
    public function set(Settings ...$settings): self
    {
        $set = $this->settings;
        foreach ($settings as $one) {
            $set[$one::class] = $one;
        }

        return $this->but(settings: $set);
    }

    /**
     * @template T of Settings
     *
     * @param class-string<T> $kind
     *
     * @return T
     */
    public function setting(string $kind): Settings
    {
        $set = $this->settings[$kind] ?? null;

        return $set instanceof $kind ? $set : $kind::ordinary();
    }

    /** The same situation in another context. */
    public function inContext(Context $context): self
    {
        return $this->but(context: $context);
    }

    /** The same, among professionals or not. */
    public function among(bool $professionals): self
    {
        return $this->but(isProfessional: $professionals);
    }

    /** Whether the first baseman stays with a runner who may lead: first occupied, second free. */
    public function firstIsHeld(): bool
    {
        return $this->rules->leads->allowsLeads() && $this->firstIsAlone();
    }

    /** A runner on first, and second free. */
    public function firstIsAlone(): bool
    {
        $bases = $this->situation->bases;

        return $bases->has(Base::First) && !$bases->has(Base::Second);
    }

    public function isLate(): bool
    {
        return $this->context->isLate($this->rules->innings);
    }

    /** A runner on first and fewer than two out. */
    public function doublePlayIsInOrder(): bool
    {
        return $this->situation->bases->has(Base::First) && $this->hasFewerThanTwoOuts();
    }

    public function hasFewerThanTwoOuts(): bool
    {
        return Outs::Two !== $this->situation->outs;
    }
}
