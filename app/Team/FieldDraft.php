<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Club\Team;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** Rules and field as a form gives them. Distances in feet. */
final class FieldDraft
{
    public ?string $ruleSet = null;
    public Level $level = Level::HighSchool;
    public ?float $basePath = null;
    public ?float $pitchingDistance = null;
    public ?float $left = null;
    public ?float $leftCenter = null;
    public ?float $center = null;
    public ?float $rightCenter = null;
    public ?float $right = null;
    public Surface $surface = Surface::Grass;
    public ?int $innings = null;
    public LeadRule $leads = LeadRule::Anytime;
    public ?float $skinRadius = null;
    public bool $bunts = true;
    public bool $grassInfield = true;
    public bool $extraRunner = false;
    /** Seconds. */
    public ?float $reaction = null;
    public int $version = 0;

    public static function of(Team $team): self
    {
        $draft = self::from($team->rules(), $team->level(), $team->version());
        $draft->reaction = $team->profile()->reactionCaution;

        return $draft;
    }

    public static function from(RuleSet $rules, Level $level, int $version): self
    {
        $draft = new self();
        $draft->ruleSet = $rules->key;
        $draft->level = $level;
        [$draft->basePath, $draft->pitchingDistance, $draft->skinRadius] = [
            $rules->basePath,
            $rules->pitchingDistance,
            $rules->skinRadius,
        ];
        [$draft->left, $draft->leftCenter, $draft->center, $draft->rightCenter, $draft->right] = $rules->fence->feet;
        [$draft->surface, $draft->grassInfield] = [$rules->surface, $rules->grassInfield];
        [$draft->innings, $draft->leads] = [$rules->innings, $rules->leads];
        [$draft->bunts, $draft->extraRunner] = [$rules->bunts, $rules->extraRunner];
        $draft->version = $version;

        return $draft;
    }

    /** @throws Problem */
    public function reactionCaution(): ?float
    {
        return null === $this->reaction
            ? null
            : OutOfRange::unlessBetween('reaction', $this->reaction, 0.2, 1.0, 'seconds');
    }

    /** An empty number is that of the rule set. @throws Problem */
    public function toRuleSet(): RuleSet
    {
        $shipped = ShippedRuleSets::get($this->ruleSet ?? '');
        $fence = $shipped->fence->feet;

        return $shipped->with(
            basePath: $this->basePath,
            pitchingDistance: $this->pitchingDistance,
            innings: $this->innings,
            leads: $this->leads,
            bunts: $this->bunts,
            skinRadius: $this->skinRadius,
            fence: Fence::of(
                $this->left ?? $fence[0],
                $this->leftCenter ?? $fence[1],
                $this->center ?? $fence[2],
                $this->rightCenter ?? $fence[3],
                $this->right ?? $fence[4],
            ),
            surface: $this->surface,
            grassInfield: $this->grassInfield,
            extraRunner: $this->extraRunner,
        );
    }
}
