<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\TurnAndThrow;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\CastMember;
use FoxCorner\Core\Play\PlayQuestion;

/** Who has the bunt, where and when: of those who are there almost together the one who can throw to first soonest, as the catcher calls it. */
final readonly class BuntFielding
{
    /** s by which the others must be later before one in reserve takes it (ours). */
    private const CLEARLY_LATER = 0.6;
    /** s; who are there this close together leave it to the one whom the catcher calls (ours). */
    private const TOGETHER = 0.25;

    private function __construct(public CastMember $by, public Intercept $intercept)
    {
    }

    /** @throws \LogicException when nobody of the coverage reaches it */
    public static function of(PlayQuestion $question, BuntCoverage $coverage): self
    {
        $there = $reserve = [];
        foreach ($coverage->fielders() as $position) {
            $who = self::starting($question->cast->at($position), $coverage, $question);
            $intercept = Intercept::of($who->start, $who->legs, $who->reaction, $question->level->motion->reach, $question->ball);
            if (null !== $intercept) {
                \in_array($position, $coverage->reserve, true) ? $reserve[] = new self($who, $intercept) : $there[] = new self($who, $intercept);
            }
        }
        $first = self::called($there, $question);
        $second = self::called($reserve, $question);
        if (null !== $second && (null === $first || $first->intercept->seconds - $second->intercept->seconds > self::CLEARLY_LATER)) {
            return $second;
        }

        return $first ?? throw new \LogicException('Nobody of the coverage “'.$coverage->name().'” reaches the bunt.');
    }

    /** @param list<self> $there who reach it */
    private static function called(array $there, PlayQuestion $question): ?self
    {
        $earliest = \INF;
        foreach ($there as $one) {
            $earliest = min($earliest, $one->intercept->seconds);
        }
        [$best, $ready] = [null, \INF];
        foreach ($there as $one) {
            $seconds = $one->intercept->seconds - $earliest > self::TOGETHER ? \INF : $one->readySeconds($question);
            if ($seconds < $ready) {
                [$best, $ready] = [$one, $seconds];
            }
        }

        return $best;
    }

    /** A fielder of the coverage at contact: who leaves with the pitch is on the way already. */
    public static function starting(CastMember $who, BuntCoverage $coverage, PlayQuestion $question): CastMember
    {
        return \in_array($who->position, $coverage->early(), true) ? $who->leaving(-$question->level->motion->earlyStart) : $who;
    }

    /** When the ball could leave his hand toward a base, the turn to it included. */
    public function released(Point $target, PlayQuestion $question): float
    {
        $motion = $question->level->motion;
        $isDead = $question->ball->speedAfter($this->intercept->seconds) < $motion->deadBallSpeed;

        return $this->intercept->seconds + $this->by->exchangeMore + match (true) {
            Position::Catcher === $this->by->position => $motion->exchangeCatcherBunt,
            $isDead => $motion->exchangeBareHand,
            default => $motion->exchangeSet,
        } + TurnAndThrow::seconds($this->by->start, $this->intercept->point, $this->speedShare(), $target, $motion->turnThrow);
    }

    private function readySeconds(PlayQuestion $question): float
    {
        return $this->released($question->rules->diamond()->at(Base::First), $question);
    }

    public function position(): Position
    {
        return $this->by->position;
    }

    /** Share of his top speed with which he comes to the ball. */
    private function speedShare(): float
    {
        $running = max(0.0, $this->intercept->seconds - $this->by->reaction);

        return 1 - exp(-$running / $this->by->legs->accelerationTime);
    }
}
