<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Practice\Arm\RestTable;
use FoxCorner\Core\Practice\Floor\FloorTable;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\EventRates;
use Symfony\Component\Uid\Uuid;

/** A team with the rules and the field it plays on. */
#[ORM\Entity]
class Team
{
    use Identified;

    /** Letters of a name. */
    public const LONGEST = 60;
    /** Players on a roster. */
    public const MOST_PLAYERS = 80;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    /** Its part of an address; stays when the name is changed. */
    #[ORM\Column(length: ShortName::LONGEST, unique: true)]
    private string $shortName = '';

    #[ORM\Column(length: 40)]
    private string $ruleSet;

    #[ORM\Column]
    private float $basePath;

    #[ORM\Column]
    private float $pitchingDistance;

    /** Whether somebody has looked over the field and saved it. */
    #[ORM\Column(options: ['default' => true])]
    private bool $fieldSaved = false;

    /** @var list<float> feet, from the left line to the right line */
    #[ORM\Column(type: 'json')]
    private array $fence;

    #[ORM\Column(length: 20)]
    private Surface $surface;
    /** @var array<string, bool|int|float|string>|null what else differs from the rule set; null: nothing */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $ownRules = null;
    /** @var array<string, float>|null shares of a plate appearance; null: the level's estimates */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $rates = null;
    /** @var array<int, array{int, int}>|null chances and outs of the infield by position number; null: none counted */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $record = null;
    /** @var array<int, array<string, int>>|null own floors of a week by position and work; null: those of the age */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $floors = null;
    /** @var list<int>|null own days of rest after pitches, as {@see RestTable} has them; null: those of the age */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $rest = null;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Club $club,
        #[ORM\Column(length: self::LONGEST)] public string $name,
        #[ORM\Column(length: 40)] private Level $level,
        RuleSet $rules,
    ) {
        $this->id = Uuid::v7();
        $this->playBy($rules, $level);
    }

    public function isAt(string $shortName): void
    {
        $this->shortName = $shortName;
    }

    public function address(): string
    {
        return $this->shortName;
    }

    /** Whether a part of an address names it: its short name, or its id, as addresses had it before. */
    public function answersTo(string $part): bool
    {
        return $part === $this->shortName || $part === $this->id()->toRfc4122();
    }

    /** @param float|null $reactionCaution seconds; null: as it is */
    public function playBy(RuleSet $rules, Level $level, ?float $reactionCaution = null): void
    {
        $this->level = $level;
        $this->ruleSet = $rules->key;
        $this->basePath = $rules->basePath;
        $this->pitchingDistance = $rules->pitchingDistance;
        $this->fence = $rules->fence->feet;
        $this->surface = $rules->surface;
        $this->ownRules = [
            'innings' => $rules->innings,
            'leads' => $rules->leads->value,
            'steals' => $rules->steals,
            'bunts' => $rules->bunts,
            'balk' => $rules->balkRule,
            'circle' => $rules->circleRule,
            'double_first' => $rules->doubleFirstBase,
            'skin' => $rules->skinRadius,
            'grass' => $rules->grassInfield,
            'extra_runner' => $rules->extraRunner,
            'reaction' => $reactionCaution ?? $this->level->profile()->reactionCaution,
        ];
    }

    public function fieldIsSaved(): void
    {
        $this->fieldSaved = true;
    }

    public function isOwnField(): bool
    {
        return $this->fieldSaved;
    }

    /** @throws Problem when what is stored is no field any more */
    public function rules(): RuleSet
    {
        [$left, $leftCenter, $center, $rightCenter, $right] = $this->fence;
        $own = Fields::of($this->ownRules ?? []);

        return ShippedRuleSets::get($this->ruleSet)->with(
            $this->basePath,
            $this->pitchingDistance,
            $own->wholeOrNull('innings'),
            LeadRule::tryFrom($own->text('leads')),
            $own->flag('steals'),
            $own->flag('bunts'),
            $own->flag('balk'),
            $own->flag('circle'),
            $own->flag('double_first'),
            $own->numberOrNull('skin'),
            Fence::of($left, $leftCenter, $center, $rightCenter, $right),
            $this->surface,
            $own->flag('grass'),
            $own->flag('extra_runner'),
        );
    }

    /** How often things happen in a plate appearance: the season's line, or the level's estimates. */
    public function rates(): EventRates
    {
        if (null === $this->rates) {
            return $this->level->rates();
        }

        return EventRates::of(...array_map(fn(string $name): float => $this->rates[$name] ?? 0.0, EventRates::NAMES));
    }

    public function hasOwnRates(): bool
    {
        return null !== $this->rates;
    }

    /** @param EventRates|null $rates null: back to the level's estimates */
    public function measureBy(?EventRates $rates): void
    {
        $this->rates = $rates?->shares();
    }

    /** What the infield has made of its chances. */
    public function record(): FieldingRecord
    {
        return FieldingRecord::of($this->record ?? []);
    }

    public function recordChances(FieldingRecord $record): void
    {
        $this->record = [] === $record->counts ? null : $record->counts;
    }

    /** What a week of practices is to give each player. */
    public function floors(): FloorTable
    {
        return FloorTable::of(AgeGroup::of($this->level), $this->floors ?? []);
    }

    public function askFloors(FloorTable $floors): void
    {
        $this->floors = [] === $floors->own ? null : $floors->own;
    }

    /** Days of rest that an arm owes after it has pitched. */
    public function rest(): RestTable
    {
        return RestTable::of(AgeGroup::of($this->level), $this->rest);
    }

    public function askRest(RestTable $rest): void
    {
        $this->rest = $rest->own;
    }

    /** What the ordinary player of the level does, with this team's rates and record. */
    public function profile(): LevelProfile
    {
        $profile = $this->level->profile()->recorded($this->record());

        return $profile->with(
            $this->rates(),
            Fields::of($this->ownRules ?? [])->numberOrNull('reaction') ?? $profile->reactionCaution,
        );
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
