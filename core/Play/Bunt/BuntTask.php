<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\JobKind;

/** The jobs that a coach can give on a bunt. */
enum BuntTask: string
{
    case CoverFirst = 'cover-first';
    case CoverSecond = 'cover-second';
    case CoverThird = 'cover-third';
    case CoverHome = 'cover-home';
    case TurnBackThird = 'turn-back-third';
    case TurnBackFirst = 'turn-back-first';
    case ComeInSecond = 'come-in-second';
    case BackUpFirst = 'back-up-first';
    case BackUpSecond = 'back-up-second';
    case BackUpThird = 'back-up-third';
    case Converge = 'converge';

    public static function ofJob(Job $job): self
    {
        if (JobKind::Converge === $job->kind) {
            return self::Converge;
        }
        $verb = match (true) {
            $job->comesLate => 'come-in',
            JobKind::BackUp === $job->kind => 'back-up',
            $job->startsTowardBall => 'turn-back',
            default => 'cover',
        };

        return self::tryFrom($verb.'-'.($job->base ?? Base::Home)->word()) ?? throw new \LogicException('No task is like “'.$job->words.'”.');
    }

    public function job(): Job
    {
        return match ($this) {
            self::CoverFirst => Job::cover(Base::First),
            self::CoverSecond => Job::cover(Base::Second),
            self::CoverThird => Job::cover(Base::Third),
            self::CoverHome => Job::cover(Base::Home),
            self::TurnBackThird => Job::turnBack(Base::Third),
            self::TurnBackFirst => Job::turnBack(Base::First),
            self::ComeInSecond => Job::comeIn(Base::Second),
            self::BackUpFirst => Job::backUp(Base::First),
            self::BackUpSecond => Job::backUp(Base::Second),
            self::BackUpThird => Job::backUp(Base::Third),
            self::Converge => Job::converge(),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TurnBackThird => 'Charge, else back to third',
            self::TurnBackFirst => 'Charge, else back to first',
            self::Converge => 'Charge, then clear the lane',
            default => ucfirst(str_replace('-', ' ', $this->value)),
        };
    }
}
