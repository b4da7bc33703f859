<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Shared\Lines;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Ground\DrillPlace;
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** A drill as a form gives it. */
final class DrillDraft
{
    /** Base paths around the middle of a drill without a set-up of its own (ours). */
    private const RADIUS = 0.22;

    /** Letters. */
    private const LONGEST_NAME = 60;
    private const LONGEST_TEXT = 2000;

    public ?string $name = null;
    public ?string $purpose = null;
    public ?SkillFamily $family = SkillFamily::GroundBalls;
    /** @var list<Position> */
    public array $positions = [];
    /** @var list<Skill> */
    public array $skills = [];
    /** Key of the shipped drill that is set up in the same way; null: on any open ground. */
    public ?string $place = null;
    public ?int $min = 1;
    public ?int $max = 4;
    public ?int $atOnce = 1;
    public ?int $secondsPerRep = 20;
    public ?int $throwsPerRep = 0;
    public ?int $helpers = 1;
    public ?int $buckets = 1;
    public bool $isHit = false;
    public bool $fitsIndoors = false;
    public bool $isReceived = false;
    /** One a line, as the four after it. */
    public ?string $steps = null;
    public ?string $points = null;
    public ?string $mistakes = null;
    public ?string $progression = null;
    public ?string $cautions = null;
    public int $version = 0;

    public static function copyOf(Drill $drill): self
    {
        $draft = new self();
        $draft->name = $drill->name . ', ours';
        $draft->purpose = $drill->purpose;
        $draft->family = $drill->family;
        $draft->positions = array_map(Position::from(...), $drill->positions());
        $draft->skills = array_values(array_filter(Skill::cases(), $drill->servesSkill(...)));
        $draft->place = isset(ShippedDrills::all()[$drill->key]) ? $drill->key : null;
        [$draft->min, $draft->max, $draft->atOnce, $draft->secondsPerRep, $draft->throwsPerRep, $draft->helpers] = [
            $drill->min,
            $drill->max,
            $drill->atOnce,
            $drill->secondsPerRep,
            $drill->throwsPerRep,
            $drill->helpers,
        ];
        [$draft->isHit, $draft->fitsIndoors, $draft->isReceived, $draft->buckets] = [
            $drill->isHit,
            $drill->fitsIndoors,
            $drill->isReceived,
            $drill->equipment['bucket of balls'] ?? 0,
        ];
        [$draft->steps, $draft->points, $draft->mistakes, $draft->progression, $draft->cautions] = array_map(
            static fn(array $lines): string => implode("\n", $lines),
            [$drill->steps, $drill->points, $drill->mistakes, $drill->progression, $drill->cautions],
        );

        return $draft;
    }

    /** @throws Problem naming the field */
    public function toDrill(string $key): Drill
    {
        $name = WrongLength::unlessBetween('name', $this->name ?? '', 1, self::LONGEST_NAME);
        foreach (
            [
                'purpose' => $this->purpose,
                'steps' => $this->steps,
                'points' => $this->points,
                'mistakes' => $this->mistakes,
                'progression' => $this->progression,
                'cautions' => $this->cautions,
            ] as $field => $text
        ) {
            WrongLength::unlessBetween($field, $text ?? '', 0, self::LONGEST_TEXT);
        }
        if ([] === $this->positions || [] === $this->skills) {
            throw Refused::because(
                [] === $this->positions ? 'positions' : 'skills',
                'nothing is ticked',
                'at least one',
            );
        }
        if ([] === Lines::of($this->steps)) {
            throw Refused::because('steps', 'nobody knows how to run it', 'at least one step, one a line');
        }

        return new Drill(
            $key,
            $name,
            mb_strimwidth($name, 0, 14, '…'),
            $this->family ?? throw Missing::at('family', 'one of the list'),
            trim($this->purpose ?? ''),
            array_fill_keys(
                array_map(static fn(Position $position): int => $position->value, $this->positions),
                $this->skills,
            ),
            null === $this->place ? DrillPlace::anywhere(self::RADIUS) : ShippedDrills::get($this->place)->place,
            self::number('smallest group', $this->min),
            self::number('largest group', $this->max),
            self::number('at once', $this->atOnce),
            self::number('seconds', $this->secondsPerRep),
            self::number('throws', $this->throwsPerRep),
            self::number('helpers', $this->helpers),
            $this->equipment(),
            Lines::of($this->steps),
            Lines::of($this->points),
            Lines::of($this->mistakes),
            Lines::of($this->progression),
            Lines::of($this->cautions),
            $this->isHit,
            $this->fitsIndoors,
            isReceived: $this->isReceived,
            repetition: null === $this->place ? '' : ShippedDrills::get($this->place)->repetition,
        );
    }

    /** @return array<string, int> */
    private function equipment(): array
    {
        return ($this->buckets ?? 0) > 0 ? ['bucket of balls' => $this->buckets] : [];
    }

    private static function number(string $field, ?int $given): int
    {
        return $given ?? throw Missing::at($field, 'a whole number');
    }
}
