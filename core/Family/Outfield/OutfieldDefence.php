<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Runs\PlayCost;

/** A coverage in a setting, ready for any ball to the outfield. */
final readonly class OutfieldDefence
{
    /** How safe the batter is at second when two bases count as sure (ours). */
    private const SURE_OF_TWO = 0.8;

    public PlaySetting $setting;
    private PlayCost $cost;

    public function __construct(Scene $scene, public Coverage $coverage)
    {
        $this->setting = PlaySetting::onTheGround($scene);
        $this->cost = $scene->worth();
    }

    public function play(OutfieldTrial $trial): OutfieldPlay
    {
        $ball = Retrieval::of($trial->ball, $this->setting->cast, $this->setting->level->motion, $trial->reached);
        $isCaught = Reached::Caught === $ball->reached;
        $runners = $isCaught
            ? OnTheBases::onCatch($this->setting, $ball->seconds)
            : OnTheBases::onHit($this->setting, $trial->ball, $ball->late);
        $kind = $isCaught ? BallKind::Caught : $this->kind($ball, $runners[\count($runners) - 1]);
        $side = Side::of($ball->by->position, $trial->ball->degrees);
        $branch = OutfieldCoverages::branch($kind, $ball->by->position, $side);
        $jobs = $this->coverage->jobs($branch);
        $worth = new AfterPlay($this->cost, $this->setting->situation, (int) $isCaught);
        $ways = new WaysIn($this->setting, $ball->possession(), $jobs);
        // With the third out everybody is done.
        $running = $isCaught && Outs::Two === $this->setting->situation->outs ? [] : $runners;

        return new OutfieldPlay(
            $this->setting,
            $this->coverage,
            $trial,
            $ball,
            $kind,
            $kind->base($this->setting->situation->bases),
            $jobs,
            $ways,
            $running,
            new Advance($this->setting, $running, $ways, $worth, $trial->boldness, $kind),
            $worth,
        );
    }

    /** What the ball is to whoever has to go somewhere before it is in. */
    private function kind(Retrieval $ball, OnTheBases $batter): BallKind
    {
        $possession = $ball->possession();
        $second = $this->setting->throwing->to($possession, $this->setting->bag(Base::Second));
        $motion = $this->setting->level->motion;
        $late = $batter->arrivals[Base::Second->value] - $second->arrives - $motion->tag;
        if (OutChance::ofMargin($late, $motion->tagSpread) > 1 - self::SURE_OF_TWO) {
            return BallKind::Single;
        }

        return $ball->reached->isBehindHim() && $this->relayPays($ball) ? BallKind::Tandem : BallKind::Double;
    }

    /** Whether the throw to the base of the play is too long for one arm. */
    private function relayPays(Retrieval $ball): bool
    {
        $possession = $ball->possession();
        $bag = $this->setting->bag(BallKind::Tandem->base($this->setting->situation->bases));
        $throw = $this->setting->throwing->to($possession, $bag);
        $lead = $this->setting->cast->at(Side::of($ball->by->position, $ball->at->sprayDegrees())->out());
        $arms = new RelayArms(
            $this->setting->throwing->throws,
            $ball->by->arm,
            $throw->released - $ball->seconds,
            $lead->arm,
            $this->setting->level->motion->exchangeRelay + $lead->exchangeMore,
        );

        return $arms->best($throw->feet)->seconds < $throw->arrives - $ball->seconds;
    }
}
