<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Trial\ThrowHome;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Paths;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Possession;
use FoxCorner\Core\Play\Clock\RunnerTracks;
use FoxCorner\Core\Play\Clock\Scene;
use FoxCorner\Core\Play\Clock\ThrowChoice;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** One leg, one throw, one base. */
final readonly class ThrowHomePlay implements Play
{
    /** @var array<int, non-empty-list<Job>> by position number */
    private array $jobs;
    private Possession $held;
    private Paths $paths;
    private ThrowOption $home;

    private PlaySetting $setting;

    public function __construct(Scene $scene, private Coverage $coverage, private ThrowHomeTrial $trial)
    {
        $this->setting = $setting = PlaySetting::onTheGround($scene);
        $who = $setting->cast->at($trial->who);
        $this->jobs = $coverage->jobs(Branch::fieldedBy($trial->who));
        $this->held = Possession::ofBall($who, $who->start, 0.0, 0.0, $setting->level->motion);
        $this->paths = new Paths($scene, $coverage, $this->held);
        // The runner on third is the lead runner: his base comes first.
        $this->home = (new ThrowChoice($setting, $this->held, $this->jobs, $this->paths))->all()[0];
    }

    public function firstBy(): Position
    {
        return $this->trial->who;
    }

    public function options(): array
    {
        return [$this->home];
    }

    public function timeline(): Timeline
    {
        $moves = [];
        foreach (Position::cases() as $position) {
            $own = $this->jobs[$position->value] ?? [];
            $moves[$position->value] = new Move(
                $this->setting->cast->at($position),
                $own,
                $this->paths->track($position, $own[0] ?? null),
            );
        }
        $ball = Track::standingAt($this->held->at)
            ->thenAt($this->held->at, $this->home->released)
            ->thenAt($this->setting->bag(Base::Home), $this->home->ballThere);

        return new Timeline(
            $this->setting,
            $this->coverage,
            $this->trial,
            [new Leg($this->held, [$this->home], $this->home)],
            $moves,
            $ball,
            RunnerTracks::of($this->setting),
            [
                new Event(EventKind::Released, $this->home->released, 'Released'),
                new Event(EventKind::Arrives, $this->home->outAt, 'Tag at home'),
                new Event(EventKind::RunnerThere, $this->home->runnerThere, 'R3 there'),
            ],
        );
    }
}
