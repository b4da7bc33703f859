<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;

/** One of the infield as he meets ground balls: how soon he is where, how soon it leaves his hand, how surely. */
final readonly class GroundFielder
{
    /** s after an infielder's reaction at which pitcher and catcher are fielders. Source: the project's calibration. */
    private const PITCHER_LATER = 0.45;
    private const CATCHER_LATER = 0.2;

    public int $number;
    public float $x;
    public float $y;
    public float $reaction;
    public float $exchange;
    /** Of the exchange, off a slow ball; a catcher's is that already. */
    public float $slowExchange;
    /** −1 when the throwing arm is on third's side as he faces home, a right-hander; 1 a left-hander. */
    public float $armSide;
    /** ft of scatter for each foot of a throw, standing; and how many caught throws are held. */
    private float $scatter;
    private float $held;
    private bool $isPerfect;
    /** @var array<int, float> ft within which a throw is caught, by the base's value */
    private array $within;
    /** @var list<float> s of his throws, by the foot */
    private array $flights;

    public function __construct(
        public CastMember $who,
        public LevelProfile $level,
        private Throws $throws,
        public float $hands,
        public RunTable $run,
    ) {
        $motion = $level->motion;
        $this->number = $who->position->value;
        [$this->x, $this->y] = [$who->start->x, $who->start->y];
        $this->reaction = self::reacts($who, $motion);
        $this->exchange =
            (Position::Catcher === $who->position ? $motion->exchangeCatcherBunt : $motion->exchangeSet) +
            $who->exchangeMore;
        $this->slowExchange = Position::Catcher === $who->position ? 1.0 : $motion->slowExchange;
        $this->armSide = $who->player->traits->throws->armSide();
        $this->flights = $throws->table($who->arm);
        $this->scatter = Giving::scatter($level->skills->throw);
        $this->held = Giving::held($level->skills->bag);
        $this->isPerfect = $level->skills->perfect;
        $within = [];
        foreach (Base::cases() as $base) {
            $within[$base->value] = Giving::reach($base);
        }
        $this->within = $within;
    }

    /** @param float $ballSpeed ft/s of the ball as he has it */
    public function exchangeOff(float $ballSpeed): float
    {
        $isCatcher = Position::Catcher === $this->who->position;

        return $this->exchange * ($isCatcher ? 1.0 : $this->level->motion->exchangeOff($ballSpeed));
    }

    /** The same with a ball that is so many times as hard to handle. */
    public function handling(float $awkward): self
    {
        return 1.0 === $awkward
            ? $this
            : new self($this->who, $this->level, $this->throws, $this->hands * $awkward, $this->run);
    }

    /** s from contact to his first step toward a ground ball that he did not expect. */
    public static function reacts(CastMember $who, MotionProfile $motion): float
    {
        return match ($who->position) {
            Position::Pitcher => $motion->infieldReaction +
                self::PITCHER_LATER * $who->player->traits->fielding->recoveryShare(),
            Position::Catcher => $motion->infieldReaction + self::CATCHER_LATER,
            default => max($motion->infieldReaction, $who->reaction),
        };
    }

    /** Seconds that his throw is in the air. */
    public function flight(float $feet): float
    {
        $foot = (int) $feet;
        $near = $this->flights[$foot];

        return $near + ($feet - $foot) * ($this->flights[$foot + 1] - $near);
    }

    /**
     * Seconds lost in turning to a target, {@see Giving::handTurn()}.
     *
     * @param float $across the target's direction: −1 all the way to his right, third's side, 1 to his left
     */
    public function handTurn(float $across, float $feet): float
    {
        return Giving::handTurn($this->armSide, $across, $feet);
    }

    /**
     * The chance that his throw is caught and held.
     *
     * @param float $moving how much of it is thrown without standing, 0 to 1
     */
    public function caught(Base $base, float $feet, float $moving = 0.0, float $wider = 1.0): float
    {
        return $this->isPerfect
            ? 1.0
            : $this->held * Giving::within($this->within[$base->value], $feet * $this->scatter * $wider, $moving);
    }
}
