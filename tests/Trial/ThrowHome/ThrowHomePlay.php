<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Trial\ThrowHome;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\RunnerTracks;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Fielded\ThrowChoice;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;

/** One leg, one throw, one base. */
final readonly class ThrowHomePlay implements Play
{
    private Possession $held;
    private Errands $errands;
    private ThrowOption $home;

    private PlaySetting $setting;

    public function __construct(Scene $scene, private Coverage $coverage, private ThrowHomeTrial $trial)
    {
        $this->setting = $setting = PlaySetting::onTheGround($scene);
        $who = $setting->cast->at($trial->who);
        $this->held = Possession::ofBall($who, $who->start, 0.0, 0.0, $setting->level->motion);
        $this->errands = GroundErrands::of($scene, $coverage, $this->held);
        // The runner on third is the lead runner: his base comes first.
        $this->home = (new ThrowChoice($setting, $this->held, $this->errands))->all()[0];
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
        return TimelineBuilder::of($this->setting, $this->coverage, $this->trial)
            ->moves($this->errands->moves())
            ->ball(Track::standingAt($this->held->at))
            ->runners(RunnerTracks::of($this->setting))
            ->thrown(new Leg($this->held, [$this->home], $this->home))
            ->moment(EventKind::Released, $this->home->released, 'Released')
            ->moment(EventKind::Arrives, $this->home->outAt, 'Tag at home')
            ->moment(EventKind::RunnerThere, $this->home->runnerThere, 'R3 there')
            ->timeline();
    }
}
