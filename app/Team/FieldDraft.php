<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Level;

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
    public int $version = 0;

    public static function of(Team $team): self
    {
        $draft = new self();
        $rules = $team->rules();
        $draft->ruleSet = $rules->key;
        $draft->level = $team->level();
        $draft->basePath = $rules->basePath;
        $draft->pitchingDistance = $rules->pitchingDistance;
        [$draft->left, $draft->leftCenter, $draft->center, $draft->rightCenter, $draft->right] = $rules->fence->feet;
        $draft->surface = $rules->surface;
        $draft->version = $team->version();

        return $draft;
    }

    /** An empty distance is that of the rule set. @throws InvalidValue */
    public function toRuleSet(): RuleSet
    {
        $shipped = ShippedRuleSets::get($this->ruleSet ?? '');
        $fence = $shipped->fence->feet;

        return $shipped->withField(
            $this->basePath ?? $shipped->basePath,
            $this->pitchingDistance ?? $shipped->pitchingDistance,
            Fence::of($this->left ?? $fence[0], $this->leftCenter ?? $fence[1], $this->center ?? $fence[2], $this->rightCenter ?? $fence[3], $this->right ?? $fence[4]),
            $this->surface,
        );
    }
}
