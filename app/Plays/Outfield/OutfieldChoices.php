<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Plan\Address\Choice;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\JobNote;
use FoxCorner\Core\Family\Outfield\MayStray;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Family\Outfield\WhereSchoolsDiffer;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked of a ball to the outfield, and what is said beside it. */
final class OutfieldChoices
{
    /** In a word, since all that can be picked stands in one line. */
    private const FLIGHTS = ['ground' => 'Ground', 'line' => 'Line', 'fly' => 'Fly'];

    private ?OutfieldDefence $defence = null;
    private ?OutfieldPlay $one = null;
    /** @var list<OutfieldPlay>|null once asked for */
    private ?array $twelve = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $planned,
        public readonly OutfieldTrial $trial,
        private readonly PlayCost $cost,
    ) {}

    /** @return list<Choice> */
    public function flights(): array
    {
        return array_map(
            fn(Flight $flight): Choice => $this->choice(
                'flight-' . $flight->value,
                self::FLIGHTS[$flight->value],
                ['flight' => Flight::Ground === $flight ? null : $flight->value, 'reached' => null],
                $flight === $this->trial->flight,
            ),
            Flight::cases(),
        );
    }

    /** @return list<Choice> */
    public function ways(): array
    {
        $choices = [
            $this->choice('reached-as-it-comes', 'As it comes', ['reached' => null], null === $this->trial->reached),
        ];
        foreach (Reached::cases() as $reached) {
            if (Reached::Caught === $reached && !$this->trial->ball->isInTheAir()) {
                continue;
            }
            $choices[] = $this->choice(
                'reached-' . $reached->value,
                $reached->label(),
                ['reached' => $reached->value],
                $reached === $this->trial->reached,
            );
        }

        return $choices;
    }

    /** Whose view it is; null: everybody's. */
    public function see(): ?Position
    {
        $number = $this->address->trial['see'] ?? null;

        return null === $number ? null : Position::ofNumber((int) $number);
    }

    /** @return list<Choice> */
    public function views(): array
    {
        $views = [$this->choice('see-all', 'All', ['see' => null], null === $this->see())];
        foreach (Position::cases() as $position) {
            $views[] = $this->choice(
                'see-' . $position->value,
                (string) $position->value,
                ['see' => (string) $position->value],
                $position === $this->see(),
            );
        }

        return $views;
    }

    /** The ball that is looked at. */
    public function one(): OutfieldPlay
    {
        return $this->one ??= $this->defence()->play($this->trial);
    }

    public function zone(): ?CutZone
    {
        $play = $this->one();
        $cut = $play->ways->cut;

        return null === $cut ? null : CutZone::of($cut, $play->ball->at, $play->setting->bag($cut->base));
    }

    public function note(Move $move): JobNote
    {
        return JobNote::of($this->one(), $this->one()->spots(), $move);
    }

    /** @return list<WayShown> the ways to where the throw goes, the one that is made first */
    public function waysIn(): array
    {
        return WayShown::all($this->one(), $this->zone());
    }

    /** How many of the balls that matter end with a runner out. */
    public function title(): string
    {
        $out = \count(array_filter($this->drawn(), static fn(DrawnBall $ball): bool => $ball->isOut));
        $of = \count($this->twelve());

        return 0 === $out ? "No runner is out on the $of balls that matter" : "A runner is out on $out of $of balls";
    }

    /** @return list<DrawnBall> the balls that matter here, none on another */
    public function drawn(): array
    {
        $drawn = [];
        foreach ($this->twelve() as $play) {
            $drawn[] = DrawnBall::of($play, $this->toward($play->trial))->apartFrom($drawn);
        }

        return $drawn;
    }

    /** @return list<OutfieldPlay> the balls that matter here */
    public function twelve(): array
    {
        return $this->twelve ??= $this->played();
    }

    /** @return list<OutfieldPlay> */
    private function played(): array
    {
        $plays = [];
        foreach ($this->planned->sheet() as $ball) {
            if ($ball instanceof OutfieldTrial) {
                $plays[] = $this->defence()->play($ball);
            }
        }

        return $plays;
    }

    public function isUsualSheet(): bool
    {
        return !$this->planned->isOwnSheet();
    }

    /** @return array<string, string> parameters that lead to a ball of them */
    public function toward(OutfieldTrial $trial): array
    {
        return $this->address->with([
            ...(new OutfieldControls())->carry($trial),
            'view' => $this->planned->family->key(),
        ]);
    }

    /** @return array<string, list<TagUp>> by field */
    public function tagUps(): array
    {
        return TagUp::table($this->defence(), $this->trial->boldness);
    }

    /** @return array<string, list<MayStray>> by field, on a fly to the man there; empty with nobody on or two out */
    public function strays(): array
    {
        $strays = [];
        foreach (Position::OUTFIELD as $position) {
            $found = MayStray::all($this->defence(), $this->planned->plan->cast->at($position)->start);
            if ([] !== $found) {
                $strays[$position->label()] = $found;
            }
        }

        return $strays;
    }

    /** @return list<string> */
    public function airRules(): array
    {
        return AirRules::in($this->planned->plan->state);
    }

    /**
     * What the other schools do otherwise than the one that is looked at.
     *
     * @return list<WhereSchoolsDiffer>
     */
    public function differs(): array
    {
        $others = [];
        foreach ($this->planned->coverages as $coverage) {
            if ($coverage->key !== $this->defence()->coverage->key) {
                $others[] = new OutfieldDefence($this->planned->scene($this->cost), $coverage);
            }
        }

        return WhereSchoolsDiffer::between($this->defence(), $others);
    }

    /** Everybody's jobs in this situation. */
    public function counts(): JobsEverywhere
    {
        return new JobsEverywhere([$this->defence()]);
    }

    private function defence(): OutfieldDefence
    {
        return $this->defence ??= new OutfieldDefence(
            $this->planned->scene($this->cost),
            $this->planned->coverage ?? throw new \LogicException('Balls to the outfield are covered everywhere.'),
        );
    }

    /** @param array<string, string|null> $changes */
    private function choice(string $id, string $label, array $changes, bool $isHere): Choice
    {
        return new Choice($id, $label, $this->address->with($changes), $isHere);
    }
}
