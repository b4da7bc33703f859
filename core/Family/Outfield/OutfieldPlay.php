<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;

/**
 * A ball to the outfield on the clock: picked up, thrown in straight or over the cutoff man, runners as they choose.
 */
final readonly class OutfieldPlay implements Play
{
    /** @var non-empty-list<Ending> lead base first; one in which nobody is thrown at when nobody goes on */
    public array $endings;
    /** @var non-empty-list<ThrowOption> in the same order */
    public array $options;

    /**
     * @param Base                            $base    that the throw is for, by the kind of ball
     * @param array<int, non-empty-list<Job>> $jobs    by position number
     * @param list<OnTheBases>                $runners lead runner first
     */
    public function __construct(
        public PlaySetting $setting,
        public Coverage $coverage,
        public OutfieldTrial $trial,
        public Retrieval $ball,
        public BallKind $kind,
        public Base $base,
        public array $jobs,
        public WaysIn $ways,
        public array $runners,
        public Advance $advance,
        AfterPlay $worth,
    ) {
        $this->endings = Ending::all($runners, $advance, $ways, $worth, $base);
        $this->options = array_map(
            static fn(Ending $ending): ThrowOption => $ending->option($setting->level->motion->tag),
            $this->endings,
        );
    }

    public function firstBy(): Position
    {
        return $this->ball->by->position;
    }

    public function options(): array
    {
        return $this->options;
    }

    /** ft from home to where he has it */
    public function feetOut(): float
    {
        return $this->ball->at->distanceTo(Point::home());
    }

    /** What is done with the ball. */
    public function made(): Ending
    {
        return $this->endings[(int) array_search($this->option(), $this->options, true)];
    }

    /** The same as the throw that is made. */
    public function option(): ThrowOption
    {
        return $this->setting->scene->choose($this->options);
    }

    /** Late in a close game, a foul fly with which the run comes in that decides it: no out is worth that. */
    public function isLetDrop(): bool
    {
        [$state, $down] = [$this->setting->state, $this->dropped()];

        return null !== $down &&
            BallKind::Caught === $this->kind &&
            $state->isLate() &&
            $state->context->isClose() &&
            ($this->option()->cost ?? 0.0) - $down > AfterPlay::REFUSED;
    }

    /** What it costs to let a foul fly drop, in the unit of the throws' costs; null where it is fair. */
    public function dropped(): ?float
    {
        return $this->trial->to->isFoul()
            ? (new AfterPlay($this->setting->scene->worth(), $this->setting->situation))->now()
            : null;
    }

    /** Who goes out behind the cutoff man for a throw that may sail; null: nobody by this school. */
    public function trails(): ?Position
    {
        foreach (BallKind::Tandem === $this->kind ? $this->jobs : [] as $number => $own) {
            if (JobKind::Trail === $own[0]->kind) {
                return Position::from($number);
            }
        }

        return null;
    }

    /** Whether a bag that a runner may want has nobody. */
    public function isOpen(): bool
    {
        foreach (array_keys($this->threats($this->made())) as $base) {
            if (null === $this->ways->straight(Base::from($base))->cover) {
                return true;
            }
        }

        return false;
    }

    /** Whether a job leaves its man within so many feet of where he stands. */
    public function stands(Position $position, Job $job, float $feet): bool
    {
        $who = $this->setting->cast->at($position);

        return $who->start->distanceTo($this->spots()->places()->of($who, $job)) < $feet;
    }

    public function spots(): Spots
    {
        return new Spots(
            $this->setting,
            $this->ball,
            $this->ways,
            $this->made()->way,
            OnTheBases::batter($this->setting),
        );
    }

    public function timeline(): Timeline
    {
        return (new OutfieldDrawing($this))->timeline();
    }

    /** What it comes to, as a sentence without its stop. */
    public function title(): string
    {
        $caught = Summary::of($this, $this->made(), $this->option());

        return $this->isLetDrop() ? "Let it drop: caught, $caught" : $caught;
    }

    /**
     * @return array<int, float> s at which somebody could be at a base that he may still want, with the ball there too:
     *                           a bag needs nobody before that
     */
    public function threats(Ending $made): array
    {
        $threats = [];
        foreach ($this->runners as $runner) {
            foreach ([0, 1] as $more) {
                $base = max($made->ends[$runner->from], $runner->from + 1) + $more;
                if ($base <= Base::Home->value) {
                    $ball = $this->ways->to(Base::from($base))->arrives;
                    $threats[$base] = min($threats[$base] ?? \INF, max($ball, $runner->arrivals[$base]));
                }
            }
        }
        ksort($threats);

        return $threats;
    }
}
