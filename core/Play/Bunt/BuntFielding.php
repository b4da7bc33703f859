<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\CastMember;
use FoxCorner\Core\Play\PlayQuestion;

/** Who has the bunt, where and when. */
final readonly class BuntFielding
{
    /** s by which the others must be later before one in reserve takes it (ours). */
    private const CLEARLY_LATER = 0.6;

    private function __construct(public CastMember $by, public Intercept $intercept)
    {
    }

    /** @throws \LogicException when nobody of the coverage reaches it */
    public static function of(PlayQuestion $question, BuntCoverage $coverage): self
    {
        $first = $reserve = null;
        foreach ($coverage->fielders() as $position) {
            $who = self::starting($question->cast->at($position), $coverage, $question);
            $intercept = Intercept::of($who->start, $who->legs, $who->reaction, $question->level->motion->reach, $question->ball);
            if (null === $intercept) {
                continue;
            }
            $isReserve = \in_array($position, $coverage->reserve, true);
            $best = $isReserve ? $reserve : $first;
            if (null === $best || $intercept->seconds < $best->intercept->seconds) {
                $isReserve ? $reserve = new self($who, $intercept) : $first = new self($who, $intercept);
            }
        }
        if (null !== $reserve && (null === $first || $first->intercept->seconds - $reserve->intercept->seconds > self::CLEARLY_LATER)) {
            return $reserve;
        }

        return $first ?? throw new \LogicException('Nobody of the coverage “'.$coverage->name().'” reaches the bunt.');
    }

    /** A fielder of the coverage at contact: who leaves with the pitch is on the way already. */
    public static function starting(CastMember $who, BuntCoverage $coverage, PlayQuestion $question): CastMember
    {
        return \in_array($who->position, $coverage->early(), true) ? $who->leaving(-$question->level->motion->earlyStart) : $who;
    }

    public function position(): Position
    {
        return $this->by->position;
    }

    /** Share of his top speed with which he comes to the ball. */
    public function speedShare(): float
    {
        $running = max(0.0, $this->intercept->seconds - $this->by->reaction);

        return 1 - exp(-$running / $this->by->legs->accelerationTime);
    }
}
