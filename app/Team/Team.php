<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Club;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Level;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** A team with the rules and the field it plays on. */
#[ORM\Entity]
class Team
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 40)]
    private string $ruleSet;

    #[ORM\Column]
    private float $basePath;

    #[ORM\Column]
    private float $pitchingDistance;

    /** @var list<float> feet, from the left line to the right line */
    #[ORM\Column(type: 'json')]
    private array $fence;

    #[ORM\Column(length: 20)]
    private Surface $surface;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public readonly Club $club,
        #[ORM\Column(length: 60)]
        public string $name,
        #[ORM\Column(length: 40)]
        private Level $level,
        RuleSet $rules,
    ) {
        $this->id = Uuid::v7();
        $this->playBy($rules, $level);
    }

    public function playBy(RuleSet $rules, Level $level): void
    {
        $this->level = $level;
        $this->ruleSet = $rules->key;
        $this->basePath = $rules->basePath;
        $this->pitchingDistance = $rules->pitchingDistance;
        $this->fence = $rules->fence->feet;
        $this->surface = $rules->surface;
    }

    /** @throws InvalidValue when what is stored is no field any more */
    public function rules(): RuleSet
    {
        [$left, $leftCenter, $center, $rightCenter, $right] = $this->fence;

        return ShippedRuleSets::get($this->ruleSet)->withField($this->basePath, $this->pitchingDistance, Fence::of($left, $leftCenter, $center, $rightCenter, $right), $this->surface);
    }

    public function level(): Level
    {
        return $this->level;
    }

    public function version(): int
    {
        return $this->version;
    }
}
