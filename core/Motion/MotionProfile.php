<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * The constants of motion, each of which a level or a team may replace.
 *
 * Source of the defaults: the project's model; those marked "ours" are our own estimates.
 */
final readonly class MotionProfile
{
    /** ft/s around a slow ball over which more and more are picked up in one move (ours). */
    private const SCOOP_BLUR = 6.0;

    /**
     * @param float $accelerationTime     τ of running from a standing start, s
     * @param float $startRight           batter's delay from contact to the first step, right-handed, s
     * @param float $startLeft            the same, left-handed, s
     * @param float $startSlap            the same, slapping, s
     * @param float $stealStart           a runner's delay on a steal, s
     * @param float $buntRead             a runner's delay to see a bunt down, s (ours)
     * @param float $buntReadOnRelease    the same where he leaves on release: he leans back first, s (ours)
     * @param float $groundRead           a runner's delay to see a ball on the ground; his lead is moving already, s
     *                                    (ours)
     * @param float $roundingPerFoot      time lost by rounding a base, s per foot of base path (0.30 s at 90 ft)
     * @param float $infieldReaction      s
     * @param float $outfieldReaction     s, the read included
     * @param float $plannedReaction      s, when the move is planned or the bunt already shown
     * @param float $pitcherRecovery      s that a pitcher needs after the delivery before the first step (ours)
     * @param float $infieldSpeedShare    a fielder's top speed as a share of the same player's running speed
     * @param float $outfieldSpeedShare   the same in the outfield
     * @param float $reach                a fielder's reach, ft
     * @param float $exchangeSet          field to release with feet set, s
     * @param float $exchangeBareHand     charging, bare hand on a dead ball, s
     * @param float $exchangeCatcherBunt  the catcher's on a bunt, s
     * @param float $exchangeCatcherSteal the catcher's on a steal, s
     * @param float $exchangePivot        at second on a double play, s
     * @param float $exchangeOutfield     an outfielder's with a crow hop, s
     * @param float $exchangeRelay        a cutoff man's, s
     * @param float $tag                  s
     * @param float $turnBackRead         s after contact at which a charging corner knows that the ball is another's
     *                                    (ours)
     * @param float $turnBackLoss         s lost in turning around (ours)
     * @param float $deadBallSpeed        ft/s below which a rolling ball counts as dead (ours)
     * @param float $slowBall             ft/s below which a ground ball is rather picked up and thrown in one move
     * @param float $slowExchange         of the set exchange, then; source of both: the project's calibration
     * @param float $forceSpread          s of the out curve on a force
     * @param float $tagSpread            s of the out curve on a tag
     * @param float $pitcherStride        ft that the delivery carries the pitcher toward home (ours)
     * @param float $pitcherFall          ft that the follow-through carries to the side, a left-hander toward third
     *                                    (ours)
     * @param float $holdShuffle          ft that a first baseman who held comes off along the base line with the pitch
     *                                    (ours)
     * @param float $leadAtContact        ft off the base at contact where leads are allowed, the secondary lead
     *                                    included (ours)
     * @param float $leadOnRelease        ft off the base at contact where the runner leaves on release (ours)
     * @param float $movingLead           s that a runner on third gains because his secondary lead already moves
     *                                    toward home (ours)
     * @param float $walkingLead          ft off third at which a runner who goes with the pitch is when he goes, where
     *                                    leads are allowed: he walks toward home by then (ours)
     * @param float $turnThrow            s lost by a fielder at full speed who stops and throws back the way he came
     *                                    (ours)
     * @param float $earlyStart           s before contact at which those leave who go with the pitch (ours)
     * @param float $squeezeStart         s before contact at which a runner leaves who goes with the pitch: as it is
     *                                    let go (ours)
     * @param float $deliveryStart        the same where leads are allowed: as the pitcher strides (ours)
     * @param float $buntShown            s sooner that fielders are off who saw the batter square around (ours)
     * @param float $surprise             s more that a fielder needs who did not expect the bunt (ours)
     * @param float $leadOnArrival        ft off the base at contact where the runner leaves when the pitch arrives
     *                                    (ours)
     */
    public function __construct(
        public float $accelerationTime = 0.6,
        public float $startRight = 0.45,
        public float $startLeft = 0.35,
        public float $startSlap = 0.2,
        public float $stealStart = 0.15,
        public float $buntRead = 0.12,
        public float $buntReadOnRelease = 0.4,
        public float $groundRead = 0.1,
        public float $roundingPerFoot = 0.3 / 90,
        public float $infieldReaction = 0.3,
        public float $outfieldReaction = 0.45,
        public float $plannedReaction = 0.2,
        public float $pitcherRecovery = 0.3,
        public float $infieldSpeedShare = 0.85,
        public float $outfieldSpeedShare = 0.95,
        public float $reach = 3.0,
        public float $exchangeSet = 0.75,
        public float $exchangeBareHand = 0.65,
        public float $exchangeCatcherBunt = 0.8,
        public float $exchangeCatcherSteal = 0.75,
        public float $exchangePivot = 0.77,
        public float $exchangeOutfield = 1.2,
        public float $exchangeRelay = 0.85,
        public float $tag = 0.15,
        public float $turnBackRead = 0.55,
        public float $turnBackLoss = 0.2,
        public float $deadBallSpeed = 3.0,
        public float $slowBall = 15.0,
        public float $slowExchange = 0.87,
        public float $forceSpread = 0.08,
        public float $tagSpread = 0.1,
        public float $pitcherStride = 5.0,
        public float $pitcherFall = 2.0,
        public float $holdShuffle = 9.0,
        public float $leadAtContact = 18.0,
        public float $leadOnRelease = 9.0,
        public float $leadOnArrival = 3.0,
        public float $movingLead = 0.25,
        public float $walkingLead = 16.0,
        public float $turnThrow = 0.6,
        public float $earlyStart = 0.45,
        public float $squeezeStart = 0.5,
        public float $deliveryStart = 0.7,
        public float $surprise = 0.15,
        public float $buntShown = 0.2,
    ) {}

    /** Of a rolling ball so many ft/s fast, how surely it is picked up and thrown in one move: 0 to 1. */
    public function scooped(float $ballSpeed): float
    {
        return min(1.0, max(0.0, 0.5 + ($this->slowBall - $ballSpeed) / self::SCOOP_BLUR));
    }

    /** Of an infielder's exchange, what a rolling ball so many ft/s fast leaves of it; a catcher's is that already. */
    public function exchangeOff(float $ballSpeed): float
    {
        return 1 + $this->scooped($ballSpeed) * ($this->slowExchange - 1);
    }
}
