<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielded;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\RunnerTracks;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;

/** A ball on the ground that somebody fields and throws: light enough for a map of hundreds until it is drawn. */
final readonly class FieldedPlay implements Play
{
    /** s by which a runner whom nobody forces sees himself beaten, so that he stops and is chased (ours). */
    private const SEES_IT = 0.4;
    private Errands $errands;
    /** @var non-empty-list<ThrowOption> */
    private array $options;

    /**
     * @param string      $begins as the first moment is told
     * @param Branch|null $also   on what it hangs besides who has the ball
     */
    public function __construct(
        private PlaySetting $setting,
        private Coverage $coverage,
        private Trial $trial,
        private RollingBall $ball,
        private Possession $fielded,
        private string $begins = 'Contact',
        ?Branch $also = null,
    ) {
        $this->errands = GroundErrands::of($setting->scene, $coverage, $fielded, also: $also);
        $this->options = (new ThrowChoice($setting, $fielded, $this->errands))->all();
    }

    public function firstBy(): Position
    {
        return $this->fielded->by->position;
    }

    public function options(): array
    {
        return $this->options;
    }

    public function timeline(): Timeline
    {
        $made = $this->setting->scene->choose($this->options);
        $has = $this->fielded;
        $drawn = TimelineBuilder::of($this->setting, $this->coverage, $this->trial)
            ->moves($this->errands->moves())
            ->runners(RunnerTracks::of($this->setting))
            ->rolls($this->ball->at(...), 0.0, $has->seconds)
            ->moment(EventKind::Contact, 0.0, $this->begins)
            ->moment(EventKind::Fielded, $has->seconds, 'Fielded, ' . $has->by->position->value);
        if ($this->setting->isBetterHeld($made)) {
            return $drawn->held(new Leg($has, $this->options, $made))->timeline();
        }
        $drawn->goingOn($this->caught($made));
        foreach ($this->legs($made) as $leg) {
            OnTheGround::told($drawn->thrown($leg), $leg, $leg->from !== $has);
        }

        return $drawn->timeline();
    }

    /** He is beaten by so much that he does not slide into the tag but hangs between the bases. */
    private function caught(ThrowOption $made): ?CaughtBetween
    {
        foreach ($made->isForce || $made->margin() < self::SEES_IT ? [] : $this->setting->runners as $runner) {
            if ($made->base === ($runner->base->next() ?? Base::Home) && !$runner->stays()) {
                $path = $this->setting->rules->basePath;
                $off = min($path, $runner->lead + $runner->legs->distanceAfter($made->outAt - $runner->startDelay));

                return new CaughtBetween($runner->base, $off, false, $path - $off);
            }
        }

        return null;
    }

    /** @return non-empty-list<Leg> */
    private function legs(ThrowOption $made): array
    {
        $first = new Leg($this->fielded, $this->options, $made);
        if (null === $made->then || null === $made->cover) {
            return [$first];
        }
        $pivot = Possession::atBag(
            $this->setting->cast->at($made->cover),
            $this->setting->bag($made->base),
            $made->outAt,
            $made->then->released - $made->outAt,
        );

        return [$first, new Leg($pivot, [$made->then], $made->then)];
    }
}
